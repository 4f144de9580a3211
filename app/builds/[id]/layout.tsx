import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { ledgerOf } from '../../../store/builds/ledger';
import { loadBuild } from '../../../store/builds/kept';
import { WorkspaceLayout } from '../../../ui/build/WorkspaceLayout';
import { OnDevice } from '../../../ui/build/OnDevice';
import { BuildProvider } from '../../../ui/build/BuildProvider';
import { isUuid } from '../../lib/answers';
import { personOrSignIn } from '../../lib/session';

interface Props {
  children: ReactNode;
  params: Promise<{ id: string }>;
}

export const metadata: Metadata = { title: 'Build' };
export const dynamic = 'force-dynamic';

const firstRows = 40;

/** The whole bench stands here, so that going from sheet to sheet asks nothing of the server. */
export default async function BuildLayout({ children, params }: Props) {
  const { id } = await params;
  const person = await personOrSignIn(`/builds/${id}`);
  const kept = isUuid(id) ? await loadBuild(person, id) : null;
  if (!kept) notFound();
  const { name, login, role, unitPreferences } = person;
  return (
    <OnDevice>
      <BuildProvider
        initial={kept}
        initialRows={await ledgerOf(id, { limit: firstRows })}
        who={{ name, login, role, unitPreferences }}
      >
        <WorkspaceLayout />
        {children}
      </BuildProvider>
    </OnDevice>
  );
}
