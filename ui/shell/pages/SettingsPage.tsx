'use client';
import { Box } from '@mui/material';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import type { Practices } from '../../../core/practices/practices';
import { SignOutButton } from '../people/SignOutButton';
import { ThemeChoice, UnitChoice, WorkshopPractices } from '../settings/Choices';
import type { PartLists } from '../settings/PartListEditor';
import { later } from '../../components/later';
import { Page } from '../Page';
import { askEarly } from '../usePage';

// Far down the page, and with some ninety cells: who came to change a unit doesn't wait for it.
const PartListEditor = later(() => import('../settings/PartListEditor').then((m) => m.PartListEditor));

interface Settings extends Signed {
  practices: Practices;
  partLists: PartLists;
}

askEarly('/settings', () => '/api/settings');

function Sections({ who, practices, partLists }: Settings) {
  const mayManage = roleMay(who.role, 'manage');
  return (
    <>
      <section>
        <h1>Settings</h1>
        <Box component="h2" sx={{ mt: 1.75 }}>
          Units
        </Box>
        <p className="soft">For you, on every device. Figures are kept metric; only what is shown changes.</p>
        <UnitChoice unitPreferences={who.unitPreferences} />
        <Box component="h2" sx={{ mt: 2.75 }}>
          Light
        </Box>
        <p className="soft">For this device.</p>
        <ThemeChoice />
        <Box component="h2" sx={{ mt: 2.75 }}>
          Sessions
        </Box>
        <Box component="p" className="soft" sx={{ mb: 1 }}>
          A session ends after 12 hours without use, and after 7 days at the latest.
        </Box>
        <SignOutButton everywhere />
      </section>
      <section>
        <h2>The workshop’s practices</h2>
        <p className="soft">
          With which new builds begin. A build keeps those it was begun with until a lead changes them on its own sheet, and each
          finding in the ledger bears the rule that was in force. A maker’s figure goes before them all.
        </p>
        <WorkshopPractices practices={practices} mayChange={mayManage} />
      </section>
      <Box component="section" sx={{ gridColumn: '1 / -1' }}>
        <Box component="h2" sx={{ mt: 1.75 }}>
          The workshop’s part lists
        </Box>
        <p className="soft">What a kit should hold; each build is checked against its own copy. A lead changes them.</p>
        <PartListEditor kept={partLists} mayChange={mayManage} />
      </Box>
    </>
  );
}

export function SettingsPage() {
  return (
    <Page<Settings> url="/api/settings" back className="columns">
      {(settings) => <Sections {...settings} />}
    </Page>
  );
}
