import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { roleMay } from '../../core/people/roles';
import { crewOf } from '../../store/crew';
import { workshopOf } from '../../store/people';
import { signInsOf } from '../../store/signIns';
import { CrewView } from '../../ui/people/CrewView';
import { PersonLine } from '../../ui/people/PersonLine';
import { personOrSignIn } from '../lib/session';

export const metadata: Metadata = { title: 'People' };
export const dynamic = 'force-dynamic';

export default async function People() {
  const person = await personOrSignIn('/people');
  if (!roleMay(person.role, 'manage')) redirect('/');
  const [workshop, crew, signIns] = await Promise.all([workshopOf(person), crewOf(person), signInsOf(person)]);
  return (
    <div className="page">
      <PersonLine title={workshop.name} demo={workshop.demo} person={person} back />
      <main>
        <h1>People</h1>
        <CrewView
          crew={crew.map(({ id, name, login, role, disabled, invited }) => ({ id, name, login, role, disabled, invited }))}
          signIns={signIns}
          self={person.id}
        />
      </main>
    </div>
  );
}
