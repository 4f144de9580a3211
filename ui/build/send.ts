import type { Clash } from '../../core/commands/define';
import type { Origins } from '../../core/record/Origin';
import type { Build } from '../../core/build/Build';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Waiting } from './outbox';

export interface KeptState {
  build: Build;
  origins: Origins;
  lastSeq: number;
  changedAt: string;
}
export interface News {
  kept: KeptState;
  rows: LedgerRow[];
}
export type Answer =
  | ({ kind: 'kept' } & News)
  | { kind: 'nothing' }
  | { kind: 'signed-out' }
  | { kind: 'unreachable' }
  | { kind: 'refused'; clashes: Clash[]; errors: string[] };

async function ask(url: string, init?: RequestInit): Promise<Answer> {
  try {
    const response = await fetch(url, init);
    if (response.status === 204) return { kind: 'nothing' };
    if (response.status === 401) return { kind: 'signed-out' };
    if (response.status >= 500 || response.status === 429) return { kind: 'unreachable' };
    const answer = (await response.json()) as Partial<News> & { errors?: string[]; clashes?: Clash[] };
    if (response.ok && answer.kept) return { kind: 'kept', kept: answer.kept, rows: answer.rows ?? [] };
    return {
      kind: 'refused',
      clashes: answer.clashes ?? [],
      errors: answer.errors ?? ['The server refused this without a reason.'],
    };
  } catch {
    return { kind: 'unreachable' };
  }
}

/** Sends one command; safe to send again, since the server knows it by its id. */
export const sendCommand = (buildId: string, { commandId, command, madeAt }: Waiting, afterSeq: number): Promise<Answer> =>
  ask(`/api/builds/${buildId}/commands`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ commandId, command, madeAt, afterSeq }),
  });

/** What others have done since. */
export const fetchSince = (buildId: string, afterSeq: number): Promise<Answer> =>
  ask(`/api/builds/${buildId}/state?after=${afterSeq}`);

/** Ledger rows before one that is here; null where they can't be had now. */
export async function fetchEarlier(buildId: string, beforeSeq: number): Promise<LedgerRow[] | null> {
  try {
    const response = await fetch(`/api/builds/${buildId}/ledger?before=${beforeSeq}`);
    return response.ok ? ((await response.json()) as { rows: LedgerRow[] }).rows : null;
  } catch {
    return null;
  }
}
