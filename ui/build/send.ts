import type { Clash } from '../../core/commands/applyCommand';
import type { Command } from '../../core/commands/Command';
import type { LedgerRow } from '../../core/ledger/chain';
import type { Build } from '../../core/build/Build';

export interface Kept {
  build: Build;
  lastSeq: number;
  changedAt: string;
}
export interface Waiting {
  commandId: string;
  command: Command;
}
export type Answer =
  | { kind: 'kept'; kept: Kept; rows: LedgerRow[] }
  | { kind: 'signed-out' }
  | { kind: 'unreachable' }
  | { kind: 'clash'; clashes: Clash[] }
  | { kind: 'refused'; errors: string[] };

/** Sends one command; safe to send again, since the server knows it by its id. */
export async function sendCommand(buildId: string, { commandId, command }: Waiting, afterSeq: number): Promise<Answer> {
  try {
    const response = await fetch(`/api/builds/${buildId}/commands`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ commandId, command, afterSeq }),
    });
    if (response.status === 401) return { kind: 'signed-out' };
    if (response.status >= 500) return { kind: 'unreachable' };
    const answer = (await response.json()) as { kept?: Kept; rows?: LedgerRow[]; errors?: string[]; clashes?: Clash[] };
    if (response.ok && answer.kept) return { kind: 'kept', kept: answer.kept, rows: answer.rows ?? [] };
    if (answer.clashes) return { kind: 'clash', clashes: answer.clashes };
    return { kind: 'refused', errors: answer.errors ?? ['The server refused this without a reason.'] };
  } catch {
    return { kind: 'unreachable' };
  }
}

/** What others have done since; null where nothing can be learnt now. */
export async function fetchSince(buildId: string, afterSeq: number): Promise<{ kept: Kept; rows: LedgerRow[] } | null> {
  try {
    const response = await fetch(`/api/builds/${buildId}/state?after=${afterSeq}`);
    return response.ok && response.status !== 204 ? ((await response.json()) as { kept: Kept; rows: LedgerRow[] }) : null;
  } catch {
    return null;
  }
}

const storeKey = (buildId: string) => `lorbet-waiting-${buildId}`;

/** What was typed and not yet acknowledged, kept on this device. */
export function readWaiting(buildId: string): Waiting[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(storeKey(buildId)) ?? '[]');
    return Array.isArray(kept) ? (kept as Waiting[]) : [];
  } catch {
    return [];
  }
}

export function writeWaiting(buildId: string, waiting: readonly Waiting[]): void {
  try {
    if (waiting.length > 0) localStorage.setItem(storeKey(buildId), JSON.stringify(waiting));
    else localStorage.removeItem(storeKey(buildId));
  } catch {
    // A full or forbidden store: the queue still lives in memory.
  }
}
