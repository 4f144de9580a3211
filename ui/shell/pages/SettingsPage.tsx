'use client';
import { Box } from '@mui/material';
import Link from 'next/link';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import type { Practices } from '../../../core/practices/practices';
import { SignOutButton } from '../people/SignOutButton';
import { ThemeChoice, UnitChoice, WorkshopPractices } from '../settings/Choices';
import type { PartLists } from '../settings/PartListEditor';
import { later } from '../../components/later';
import { Page } from '../Page';
import { askEarly } from '../usePage';
import { packs as rulePacks } from '../../texts/en/packs';
import { cards as c } from '../../texts/en/cards';
import { keys as k } from '../../texts/en/keys';
import { devices as d } from '../../texts/en/devices';
import { step as s } from '../../texts/en/step';
import { people as p } from '../../texts/en/people';
import { pages as t } from '../../texts/en/pages';

// Far down the page, and with some ninety cells: who came to change a unit doesn't wait for it.
const Keys = later(() => import('../settings/Keys').then((m) => m.Keys));
const OwnPassword = later(() => import('../settings/OwnPassword').then((m) => m.OwnPassword));
const SecondStep = later(() => import('../settings/SecondStep').then((m) => m.SecondStep));
const Devices = later(() => import('../settings/Devices').then((m) => m.Devices));
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
        <h1>{t.settings}</h1>
        <Box component="h2" sx={{ mt: 1.75 }}>
          {t.units}
        </Box>
        <p className="soft">{t.forYouOnEveryDeviceFigures}</p>
        <UnitChoice unitPreferences={who.unitPreferences} />
        <Box component="h2" sx={{ mt: 2.75 }}>
          {t.light}
        </Box>
        <p className="soft">{t.forThisDevice}</p>
        <ThemeChoice />
        <Box component="h2" sx={{ mt: 2.75 }}>
          {t.sessions}
        </Box>
        <Box component="p" className="soft" sx={{ mb: 1 }}>
          {t.aSessionEndsAfter12Hours}
        </Box>
        <SignOutButton everywhere />
        <Box component="h2" sx={{ mt: 2.75 }}>
          {p.yourPassword}
        </Box>
        <OwnPassword />
        <Box component="h2" sx={{ mt: 2.75 }}>
          {s.secondStep}
        </Box>
        <SecondStep isLead={who.role === 'lead'} />
        <Box component="h2" sx={{ mt: 2.75 }}>
          {d.devices}
        </Box>
        <Devices />
      </section>
      <section>
        <h2>{t.theWorkshopsPractices}</h2>
        <p className="soft">{t.withWhichNewBuildsBeginA}</p>
        <WorkshopPractices practices={practices} mayChange={mayManage} />
        <Box component="h2" sx={{ mt: 2.75 }}>
          {k.title}
        </Box>
        <Keys mayChange={mayManage} />
      </section>
      <Box component="section" sx={{ gridColumn: '1 / -1' }}>
        <h2>{c.unitCards}</h2>
        <p className="soft">{c.intro}</p>
        <Link className="plain-link" prefetch={false} href="/cards">
          {c.unitCards}
        </Link>
        <Box component="h2" sx={{ mt: 1.75 }}>
          {rulePacks.rulePacks}
        </Box>
        <p className="soft">{rulePacks.intro}</p>
        <Link className="plain-link" prefetch={false} href="/packs">
          {rulePacks.rulePacks}
        </Link>
        <Box component="h2" sx={{ mt: 1.75 }}>
          {t.theWorkshopsPartLists}
        </Box>
        <p className="soft">{t.whatAKitShouldHoldEach}</p>
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
