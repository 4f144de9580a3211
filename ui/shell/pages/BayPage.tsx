'use client';
import { Button, OutlinedInput } from '@mui/material';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import { OnDevice } from '../../components/OnDevice';
import { BayView, type BayBuild } from '../BayView';
import { Page } from '../Page';
import { askEarly } from '../usePage';
import { useShell } from '../useShell';

interface Bay extends Signed {
  builds: BayBuild[];
  next: string | null;
}

const asked = (search: URLSearchParams) => ({
  find: (search.get('find') ?? '').slice(0, 80),
  from: (search.get('from') ?? '').slice(0, 80),
});
const urlOf = (search: URLSearchParams) => `/api/bay?${new URLSearchParams(asked(search)).toString()}`;
askEarly('/', urlOf, { keep: true });

function Shown() {
  useShell();
  const search = useSearchParams();
  const { find, from } = asked(search);
  return (
    <Page<Bay> url={urlOf(search)} keep>
      {({ builds, next, who }) => (
        <>
          <div className="top-line">
            <h1>The bay</h1>
            <form className="bay-search push" role="search" action="/">
              <OutlinedInput
                name="find"
                fullWidth
                placeholder="find by name, place, serial"
                defaultValue={find}
                slotProps={{ input: { 'aria-label': 'Find a build', maxLength: 80 } }}
              />
              <Button type="submit">Find</Button>
            </form>
            {roleMay(who.role, 'work') && (
              <Button component={Link} prefetch={false} href="/builds/new">
                New build, or import
              </Button>
            )}
          </div>
          <BayView builds={builds} next={next} search={find} first={from === ''} unitPreferences={who.unitPreferences} />
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
