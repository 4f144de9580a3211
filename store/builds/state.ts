import { partsSince, pickParts } from '../../core/build/parts';
import type { News } from '../../core/ledger/News';
import { database } from '../database';
import { kept } from './kept';
import { ledgerOf, ledgerPageSize } from './ledger';

/** How many ledger rows go with a whole build: as many as are seen at once, and some more. */
const firstRows = 40;

/**
 * What there is to tell of a build to a device that holds it as of ledger row `after`: what has changed, or all of it where that is less.
 * Build and rows are of the same moment: rows written since are told the next time.
 */
export async function newsOf(buildId: string, after: number | null): Promise<News | null> {
  const row = await database().models.BuildRow.findByPk(buildId);
  if (!row) return null;
  const before = row.lastSeq + 1;
  const fits = after !== null && after <= row.lastSeq && row.lastSeq - after <= ledgerPageSize;
  const names = fits ? partsSince(row.partSeqs, after) : null;
  if (names === null) return { kept: kept(row), rows: await ledgerOf(buildId, { before, limit: firstRows }) };
  return {
    since: after ?? 0,
    parts: pickParts(row.document, names),
    changedAt: row.changedAt.toISOString(),
    rows: await ledgerOf(buildId, { after: after ?? 0, before }),
  };
}
