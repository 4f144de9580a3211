'use client';
import { LinearProgress } from '@mui/material';
import type { ReactNode } from 'react';
import type { Signed } from '../../core/people/Who';
import { OnDevice } from '../components/OnDevice';
import { NotShown } from './NotShown';
import { PersonLine } from './people/PersonLine';
import { usePage } from './usePage';
import { frame as t } from '../texts/en/frame';

interface Props<T> {
  /** where what it shows comes from */ url: string;
  /** it opens without coverage too, as it was seen last */ keep?: boolean;
  /** whether the mark leads back to the bay */ back?: boolean;
  className?: string;
  children: (value: T, refresh: () => void) => ReactNode;
}

function Shown<T extends Signed>({ url, keep = false, back = false, className, children }: Props<T>) {
  const { page, refresh } = usePage<T>(url, { keep });
  if (page.kind === 'opening') return <LinearProgress aria-label={t.opening} />;
  if (page.kind === 'ready')
    return (
      <div className="page">
        <PersonLine title={page.value.workshop.name} demo={page.value.workshop.demo} person={page.value.who} back={back} />
        <main className={className}>
          {page.old && (
            <p className="banner" role="status">
              <strong>{t.noWayThroughToTheServer}</strong> {t.thisIsHowItWasSeen}
            </p>
          )}
          {children(page.value, refresh)}
        </main>
      </div>
    );
  if (page.kind === 'unreachable')
    return (
      <NotShown title={t.noWayThroughToTheServer2} again={refresh}>
        {t.thisPageNeedsItAndHas}
      </NotShown>
    );
  return (
    <NotShown title={t.notForYou} again={refresh}>
      {page.errors.join(' ')}
    </NotShown>
  );
}

/** A page for people who are signed in: its frame is the same for everybody, what it shows is asked for. */
export function Page<T extends Signed>(props: Props<T>) {
  return (
    <OnDevice>
      <Shown {...props} />
    </OnDevice>
  );
}
