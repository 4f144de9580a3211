'use client';
import { useMemo } from 'react';
import useSWR from 'swr';
import type { StartReading } from '../../../../core/build/Build';
import type { Fault } from '../../../../core/build/faults';
import { knownSigns } from '../../../../core/checks/faults/knownSigns';
import { leaningsOf } from '../../../../core/checks/faults/leaningsOf';
import { departed } from '../../../../core/drawing/start/departed';
import { lookFor, type FaultView, type LookFor } from '../../../../core/drawing/faults/lookFor';
import { mediumOf } from '../../../../core/model/faults/faultCase';
import type { FaultCheckId } from '../../../../core/model/faults/faultNetwork';
import type { FaultLore } from '../../../../core/model/faults/FaultLore';
import type { Departure } from '../../../../core/physics/start/departures';
import { readStartCsv } from '../../../../formats/startCsv';
import { useStandingWorker } from '../../../components/useStandingWorker';
import { useWorker } from '../../../components/useWorker';
import { useWorkspace } from '../../../sync/useWorkspace';

const makeWorker = () => new Worker(new URL('../../../../workers/faults.ts', import.meta.url), { type: 'module' });
const onPage = (input: LookFor): FaultView => lookFor(input);

async function ask(url: string): Promise<FaultLore> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(String(answer.status));
  return (await answer.json()) as FaultLore;
}
const noLore: FaultLore = { counts: {}, codes: [] };
/** What the workshop knows of such heaters; nothing where it can’t be had. */
export function useLore(buildId: string): { lore: FaultLore; failed: boolean } {
  const { data, error } = useSWR<FaultLore, Error>(`/api/builds/${buildId}/lore`, ask, { revalidateOnFocus: false });
  return { lore: data ?? noLore, failed: error !== undefined };
}

const makeDeparted = () => new Worker(new URL('../../../../workers/departed.ts', import.meta.url), { type: 'module' });
const departedOnPage = (input: Parameters<typeof departed>[0]) => Promise.resolve(departed(input));
async function askLog(url: string): Promise<StartReading[]> {
  const answer = await fetch(url);
  const log = answer.ok ? readStartCsv(await answer.text()) : null;
  return log?.ok ? log.readings : [];
}
/** Where the start that is complained of left its course; null while it is worked out. A log that can’t be had tells nothing. */
function useDepartures(startId: string | undefined): readonly Departure[] | null {
  const { settled } = useWorkspace('settled');
  const run = settled.starts.find(({ id }) => id === startId);
  const log = useSWR<StartReading[], Error>(run?.log ? `/api/builds/${settled.id}/starts/${run.id}` : null, askLog, {
    revalidateOnFocus: false,
    shouldRetryOnError: false,
  });
  const readings = !run?.log || log.error ? run?.readings : log.data;
  const input =
    run && readings && readings.length > 0
      ? { build: { ...settled, starts: [], faults: [], waivers: [], signatures: [] }, run: { ...run, readings } }
      : null;
  const { answer, failed } = useWorker(makeDeparted, departedOnPage, input, 0);
  if (!run || failed || (readings && !input)) return none;
  return answer;
}
const none: readonly Departure[] = [];

/** A fault as it stands; null while it is worked out for the first time. */
export function useFaultView(fault: Fault, lore: FaultLore, own: boolean, chosen: FaultCheckId | null): FaultView | null {
  const { settled, findings } = useWorkspace('settled', 'findings');
  const { id, at, start } = fault;
  const departures = useDepartures(start);
  const known = useMemo(() => knownSigns(settled, findings, { at, ...(start ? { start } : {}) }), [settled, findings, at, start]);
  const leanings = useMemo(
    () => leaningsOf(settled, findings, { id, at }, departures ?? []),
    [settled, findings, id, at, departures],
  );
  const input: LookFor = {
    fault,
    known,
    leanings,
    medium: mediumOf(settled),
    counts: own ? lore.counts : {},
    ...(chosen ? { chosen } : {}),
  };
  const view = useStandingWorker(makeWorker, onPage, input);
  // What is asked first must not change under the hand once the start was looked through.
  return departures && view;
}
