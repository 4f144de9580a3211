'use client';
import { Button } from '@mui/material';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useCallback } from 'react';
import { bayQuery, readBayFilter, type BayFilter } from '../../../core/checks/bayFilter';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import { OnDevice } from '../../components/OnDevice';
import { BayFilterBar } from '../BayFilterBar';
import { BayView, type BayBuild } from '../BayView';
import { Page } from '../Page';
import { askEarly } from '../usePage';
import { useShell } from '../useShell';
import { bay as t } from '../../texts/en/bay';

interface Bay extends Signed {
  builds: BayBuild[];
  next: string | null;
  /** builds with a look that is due within a week; told to a lead */ due: number;
}

const asked = (search: URLSearchParams) => ({ ...readBayFilter(search), from: (search.get('from') ?? '').slice(0, 80) });
const urlOf = (search: URLSearchParams) => {
  const { filter, from } = asked(search);
  return `/api/bay?${bayQuery(filter, from)}`;
};
askEarly('/', urlOf, { keep: true });

function Shown() {
  useShell();
  const search = useSearchParams();
  const router = useRouter();
  const { filter, from } = asked(search);
  const toFilter = useCallback((next: BayFilter) => router.replace(`/?${bayQuery(next)}`, { scroll: false }), [router]);
  return (
    <Page<Bay> url={urlOf(search)} keep>
      {({ builds, next, who, due }) => (
        <>
          <div className="top-line">
            <h1>{t.theBay}</h1>
            {roleMay(who.role, 'work') && (
              <Button className="push" component={Link} prefetch={false} href="/builds/new">
                {t.newBuildOrImport}
              </Button>
            )}
          </div>
          <BayFilterBar filter={filter} dueCount={due ?? 0} onFilter={toFilter} />
          <BayView builds={builds} next={next} filter={filter} first={from === ''} />
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
