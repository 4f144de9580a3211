'use client';
import { LinearProgress } from '@mui/material';
import { usePathname } from 'next/navigation';
import { useEffect, useState } from 'react';
import { OnDevice } from '../../components/OnDevice';
import { BuildProvider } from '../../sync/BuildProvider';
import { openBuild, type Opened } from '../../sync/openBuild';
import { NotShown } from '../NotShown';
import { useShell } from '../useShell';
import { WorkspaceLayout } from '../WorkspaceLayout';
import { pages as t } from '../../texts/en/pages';

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

// The build that the address names is asked for as soon as this script is there, and not only once the page is drawn.
const idOf = (pathname: string): string => pathname.split('/')[2] ?? '';
let early: { id: string; opened: Promise<Opened> } | null = null;
if (typeof window !== 'undefined' && uuid.test(idOf(window.location.pathname))) {
  const id = idOf(window.location.pathname);
  early = { id, opened: openBuild(id) };
}
function openOnce(id: string): Promise<Opened> {
  const opened = early?.id === id ? early.opened : openBuild(id);
  early = null;
  return opened;
}

function Shown({ id }: { id: string }) {
  const [opened, setOpened] = useState<Opened | null>(uuid.test(id) ? null : { kind: 'missing' });
  const open = () => void openBuild(id).then(setOpened);
  useEffect(() => {
    let wanted = true;
    if (uuid.test(id)) void openOnce(id).then((found) => wanted && setOpened(found));
    return () => {
      wanted = false;
    };
  }, [id]);
  useEffect(() => {
    if (opened?.kind === 'signed-out') window.location.replace(`/sign-in?to=${encodeURIComponent(window.location.pathname)}`);
    if (opened?.kind === 'ready') document.title = t.lorbet2({ name: opened.known.kept.build.identity.name });
  }, [opened]);
  if (!opened || opened.kind === 'signed-out') return <LinearProgress aria-label={t.opening} />;
  if (opened.kind === 'ready')
    return (
      <BuildProvider opened={opened}>
        <WorkspaceLayout />
      </BuildProvider>
    );
  if (opened.kind === 'missing') return <NotShown title={t.thereIsNoSuchBuild}>{t.itIsNotInThisWorkshop}</NotShown>;
  return (
    <NotShown title={t.noWayThroughToTheServer} again={open}>
      {t.thisBuildHasNotBeenOpened}
    </NotShown>
  );
}

function OfAddress() {
  useShell();
  const id = idOf(usePathname());
  return <Shown key={id} id={id} />;
}

/** Every sheet of every build: which one, only the device knows. */
export function BuildPage() {
  return (
    <OnDevice>
      <OfAddress />
    </OnDevice>
  );
}
