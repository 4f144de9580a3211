import type { Metadata } from 'next';
import { roleMay } from '../../core/people/roles';
import { partListsOf } from '../../store/partLists';
import { workshopOf } from '../../store/people';
import { PersonLine } from '../../ui/people/PersonLine';
import { SignOutButton } from '../../ui/people/SignOutButton';
import { ThemeChoice, UnitChoice, WorkshopPractices } from '../../ui/settings/Choices';
import { PartListEditor } from '../../ui/settings/PartListEditor';
import { personOrSignIn } from '../lib/session';

export const metadata: Metadata = { title: 'Settings' };
export const dynamic = 'force-dynamic';

export default async function Settings() {
  const person = await personOrSignIn('/settings');
  const workshop = await workshopOf(person);
  return (
    <div className="page">
      <PersonLine title={workshop.name} demo={workshop.demo} person={person} back />
      <main className="columns">
        <section>
          <h1>Settings</h1>
          <h2 style={{ marginTop: 14 }}>Units</h2>
          <p className="soft">For you, on every device. Figures are kept metric; only what is shown changes.</p>
          <UnitChoice unitPreferences={person.unitPreferences} />
          <h2 style={{ marginTop: 22 }}>Light</h2>
          <p className="soft">For this device.</p>
          <ThemeChoice />
          <h2 style={{ marginTop: 22 }}>Sessions</h2>
          <p className="soft" style={{ marginBottom: 8 }}>
            A session ends after 12 hours without use, and after 7 days at the latest.
          </p>
          <SignOutButton everywhere />
        </section>
        <section>
          <h2>The workshop’s practices</h2>
          <p className="soft">
            With which new builds begin. A build keeps those it was begun with until a lead changes them on its own sheet, and
            each judgement in the ledger bears the rule that was in force. A maker’s figure goes before them all.
          </p>
          <WorkshopPractices practices={workshop.practices} mayChange={roleMay(person.role, 'manage')} />
        </section>
        <section style={{ gridColumn: '1 / -1' }}>
          <h2 style={{ marginTop: 14 }}>The workshop’s part lists</h2>
          <p className="soft">What a kit should hold; each build is checked against its own copy. A lead changes them.</p>
          <PartListEditor kept={await partListsOf(person)} mayChange={roleMay(person.role, 'manage')} />
        </section>
      </main>
    </div>
  );
}
