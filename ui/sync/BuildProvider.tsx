'use client';
import { useEffect, useState, type ReactNode } from 'react';
import { device } from './device';
import { Outbox } from './Outbox';
import type { Opened } from './openBuild';
import { PhotoQueue, sendPicture } from './PhotoQueue';
import { deviceShelf } from './shelf';
import { WorkspaceContext } from './useWorkspace';
import { fetchEarlier, wayTo } from './way';
import { createWorkspace } from './workspace';

const often = 6000;
const seldom = 30000;
/** The most ledger rows of a build that are kept on the device. */
const rowsOnDevice = 200;

/** Runs one at a time over all tabs of this device, where the browser can; else just runs. */
const exclusively = async (name: string, work: () => Promise<void>): Promise<void> => {
  if ('locks' in navigator) await navigator.locks.request(name, work);
  else await work();
};

function makeSync(opened: Extract<Opened, { kind: 'ready' }>) {
  const buildId = opened.known.kept.build.id;
  const { known, who, tag, link } = opened;
  const outbox = new Outbox(
    { known, who, tag, link },
    { buildId, way: wayTo(buildId), shelf: deviceShelf, exclusively, nowMs: Date.now, newId: () => crypto.randomUUID() },
  );
  const photos: PhotoQueue = new PhotoQueue({
    buildId,
    login: who.login,
    device,
    send: sendPicture,
    exclusively,
    add: ({ id, values, takenAt }, picture) =>
      workspace
        .getState()
        .send(
          { kind: 'rows', changes: [{ list: 'photos', row: id, action: 'add', values: { ...values, ...picture } }] },
          { commandId: id, madeAt: takenAt },
        ),
  });
  const workspace = createWorkspace({ outbox, photos, fetchEarlier: (before) => fetchEarlier(buildId, before), nowMs: Date.now });
  return { buildId, outbox, photos, workspace };
}

/** Keeps an opened build in step with the server, and on the device, for as long as it is shown. */
export function BuildProvider({ opened, children }: { opened: Extract<Opened, { kind: 'ready' }>; children: ReactNode }) {
  const [sync] = useState(() => makeSync(opened));
  useEffect(() => {
    const { buildId, outbox, photos, workspace } = sync;
    const unfollow = workspace.follow();
    let held: object | null = null;
    const keep = () => {
      const { known, who, tag } = outbox.state;
      if (known === held) return;
      held = known;
      void device.keepBuild({
        id: buildId,
        known: { ...known, rows: known.rows.slice(-rowsOnDevice) },
        who,
        tag,
        seenMs: Date.now(),
      });
    };
    keep();
    const unkeep = outbox.subscribe(keep);
    const look = () => {
      void outbox.look();
      void photos.flush();
    };
    void outbox.flush();
    void photos.flush();
    const stream = new EventSource(`/api/builds/${buildId}/changes`);
    stream.onmessage = ({ data }) => {
      const seq = Number(data);
      if (seq === 0 || seq > outbox.state.known.kept.lastSeq) look();
    };
    let quiet = 0;
    const timer = setInterval(() => {
      quiet += often;
      const idle = outbox.state.waiting.length === 0 && photos.waiting.length === 0;
      if (document.hidden || (idle && quiet < seldom && stream.readyState === EventSource.OPEN)) return;
      quiet = 0;
      look();
    }, often);
    window.addEventListener('focus', look);
    window.addEventListener('online', look);
    return () => {
      unfollow();
      unkeep();
      stream.close();
      clearInterval(timer);
      window.removeEventListener('focus', look);
      window.removeEventListener('online', look);
    };
  }, [sync]);
  return <WorkspaceContext.Provider value={sync.workspace}>{children}</WorkspaceContext.Provider>;
}
