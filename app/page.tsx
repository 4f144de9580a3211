import Link from 'next/link';
import { redirect } from 'next/navigation';
import { roleMay } from '../core/people/roles';
import { listBuilds } from '../store/builds/bay';
import { anyPeople, workshopOf } from '../store/people';
import { OnDevice } from '../ui/build/OnDevice';
import { BayView } from '../ui/bay/BayView';
import { PersonLine } from '../ui/people/PersonLine';
import { personOrSignIn } from './lib/session';

export const dynamic = 'force-dynamic';

/** Outside of the component: a page is drawn once a request, by the clock of then. */
const now = () => Date.now();
const one = (value: string | string[] | undefined): string => (typeof value === 'string' ? value : '').slice(0, 80);

export default async function Bay({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) {
  if (!(await anyPeople())) redirect('/set-up');
  const person = await personOrSignIn('/');
  const asked = await searchParams;
  const [search, from] = [one(asked.find), one(asked.from)];
  const [workshop, page] = await Promise.all([workshopOf(person), listBuilds(person, { search, from })]);
  return (
    <div className="page">
      <PersonLine title={workshop.name} demo={workshop.demo} person={person} />
      <main>
        <div className="top-line">
          <h1>The bay</h1>
          <form className="bay-search push" role="search" action="/">
            <label className="visually-hidden" htmlFor="find">
              Find a build
            </label>
            <input
              id="find"
              name="find"
              className="text-field"
              placeholder="find by name, place, serial"
              defaultValue={search}
              maxLength={80}
            />
            <button type="submit" className="button">
              Find
            </button>
          </form>
          {roleMay(person.role, 'work') && (
            <Link className="button" href="/builds/new">
              New build, or import
            </Link>
          )}
        </div>
        <OnDevice>
          <BayView {...page} search={search} first={from === ''} unitPreferences={person.unitPreferences} nowMs={now()} />
        </OnDevice>
      </main>
    </div>
  );
}
