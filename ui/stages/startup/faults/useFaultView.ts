'use client';
import { useMemo } from 'react';
import useSWR from 'swr';
import type { Fault } from '../../../../core/build/faults';
import { knownSigns } from '../../../../core/checks/faults/knownSigns';
import { lookFor, type FaultView, type LookFor } from '../../../../core/drawing/faults/lookFor';
import { mediumOf } from '../../../../core/model/faults/faultCase';
import type { FaultCheckId } from '../../../../core/model/faults/faultNetwork';
import type { FaultLore } from '../../../../core/model/faults/FaultLore';
import { useStandingWorker } from '../../../components/useStandingWorker';
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

/** A fault as it stands; null while it is worked out for the first time. */
export function useFaultView(fault: Fault, lore: FaultLore, own: boolean, chosen: FaultCheckId | null): FaultView | null {
  const { settled, findings } = useWorkspace('settled', 'findings');
  const known = useMemo(() => knownSigns(settled, findings, fault.start), [settled, findings, fault.start]);
  const input: LookFor = {
    fault,
    known,
    medium: mediumOf(settled),
    counts: own ? lore.counts : {},
    ...(chosen ? { chosen } : {}),
  };
  return useStandingWorker(makeWorker, onPage, input);
}
