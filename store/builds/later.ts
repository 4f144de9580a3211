import type { Later } from '../../core/proof/laterLine';
import { signState, isWithdrawn } from '../../core/checks/progress';
import { database } from '../database';

/** Tells only whoever knows a hash of that very ledger; null for anybody else, and for a build that is not here. */
export async function laterState(workshopId: string, buildId: string, head: string): Promise<Later | null> {
  const { BuildRow, LedgerEntryRow } = database().models;
  const row = await BuildRow.findOne({ where: { id: buildId, workshopId } });
  const then = row && (await LedgerEntryRow.findOne({ where: { buildId, hash: head }, attributes: ['seq', 'at'] }));
  if (!row || !then) return null;
  const rows = row.lastSeq - then.seq;
  if (isWithdrawn(row.document)) {
    const last = row.document.withdrawals?.at(-1);
    return { rows, standing: 'withdrawn', ...(last ? { why: last.why } : {}) };
  }
  if (rows === 0) return { rows, standing: 'same' };
  const signedAt = row.document.signatures.at(-1)?.at ?? '';
  const signedAnew = signedAt !== '' && Date.parse(signedAt) > then.at.getTime();
  if (signedAnew) return { rows, standing: 'superseded' };
  return { rows, standing: signState(row.document) === 'signed' ? 'same' : 'changed' };
}
