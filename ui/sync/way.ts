import type { Clash } from '../../core/commands/define';
import type { News } from '../../core/ledger/News';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Who } from '../../core/people/Who';
import type { Waiting } from './Waiting';
import { sync as t } from '../texts/en/sync';

export type Answer =
  | { kind: 'news'; tag: string; who: Who; news: News }
  | { kind: 'nothing' }
  | { kind: 'missing' }
  | { kind: 'signed-out' }
  /** the person's second step is asked for again */
  | { kind: 'unproven' }
  | { kind: 'unreachable' }
  | { kind: 'refused'; clashes: Clash[]; errors: string[] };

type Body = News & { tag: string; who: Who; errors?: string[]; clashes?: Clash[] };

async function ask(url: string, init?: RequestInit): Promise<Answer> {
  try {
    const response = await fetch(url, init);
    if (response.status === 304) return { kind: 'nothing' };
    if (response.status === 401) return { kind: 'signed-out' };
    if (response.status === 428) return { kind: 'unproven' };
    if (response.status >= 500 || response.status === 429) return { kind: 'unreachable' };
    const { tag, who, errors, clashes, ...news } = (await response.json()) as Body;
    if (response.ok) return { kind: 'news', tag, who, news };
    if (response.status === 404) return { kind: 'missing' };
    return { kind: 'refused', clashes: clashes ?? [], errors: errors ?? [t.theServerRefusedThisWithoutA] };
  } catch {
    return { kind: 'unreachable' };
  }
}

/** The way to the server about one build. */
export interface Way {
  /** Sends one entry; safe to send again, since the server knows it by its id. */
  send: (entry: Waiting, afterSeq: number) => Promise<Answer>;
  /** What is new to a device that holds the build as of a ledger row and knows it by a tag; all of it where it holds nothing. */
  look: (held: { lastSeq: number; tag: string } | null, signal?: AbortSignal) => Promise<Answer>;
}

export const wayTo = (buildId: string): Way => ({
  send: ({ commandId, command, madeAt, by }, afterSeq) =>
    ask(`/api/builds/${buildId}/commands`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ commandId, command, madeAt, by, afterSeq }),
    }),
  look: (held, signal) =>
    ask(`/api/builds/${buildId}/state${held ? `?after=${held.lastSeq}` : ''}`, {
      ...(held ? { headers: { 'if-none-match': `"${held.tag}"` } } : {}),
      ...(signal ? { signal } : {}),
    }),
});

/** Ledger rows before one that is here; null where they can't be had now. */
export async function fetchEarlier(buildId: string, beforeSeq: number): Promise<LedgerRow[] | null> {
  try {
    const response = await fetch(`/api/builds/${buildId}/ledger?before=${beforeSeq}`);
    return response.ok ? ((await response.json()) as { rows: LedgerRow[] }).rows : null;
  } catch {
    return null;
  }
}
