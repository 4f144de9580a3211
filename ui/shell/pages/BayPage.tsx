'use client';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import { OnDevice } from '../../components/OnDevice';
import { BayView, type BayBuild } from '../BayView';
import { Page } from '../Page';
import { useShell } from '../useShell';

interface Bay extends Signed {
  builds: BayBuild[];
  next: string | null;
}

function Shown() {
  useShell();
  const asked = useSearchParams();
  const [search, from] = ['find', 'from'].map((name) => (asked.get(name) ?? '').slice(0, 80)) as [string, string];
  return (
    <Page<Bay> url={`/api/bay?${new URLSearchParams({ find: search, from }).toString()}`} keep>
      {({ builds, next, who }) => (
        <>
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
            {roleMay(who.role, 'work') && (
              <Link className="button" href="/builds/new">
                New build, or import
              </Link>
            )}
          </div>
          <BayView builds={builds} next={next} search={search} first={from === ''} unitPreferences={who.unitPreferences} />
        </>
      )}
    </Page>
  );
}

/** The workshop's builds. */
export function BayPage() {
  return (
    <OnDevice>
      <Shown />
    </OnDevice>
  );
}
