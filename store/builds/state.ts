import { partsSince, pickParts } from '../../core/build/parts';
import type { News } from '../../core/ledger/News';
import { database } from '../database';
import { heldOf, type Held } from './kept';
import { ledgerOf, ledgerPageSize } from './ledger';

/** How many ledger rows go with a whole build: as many as are seen at once, and some more. */
const firstRows = 40;

/**
 * What there is to tell of a build to a device that holds it as of ledger row `after`: what has changed, or all of it where that is less.
 * Build and rows are of the same moment: rows written since are told the next time.
 * @param read the build, where it was read just now
 */
export async function newsOf(buildId: string, after: number | null, read?: Held): Promise<News | null> {
  const row = read ? null : await database().models.BuildRow.findByPk(buildId);
  const held = read ?? (row && heldOf(row));
  if (!held) return null;
  const { kept: state, partSeqs } = held;
  const before = state.lastSeq + 1;
  const fits = after !== null && after <= state.lastSeq && state.lastSeq - after <= ledgerPageSize;
  const names = fits ? partsSince(partSeqs, after) : null;
  if (names === null) return { kept: state, rows: await ledgerOf(buildId, { before, limit: firstRows }) };
  return {
    since: after ?? 0,
    parts: pickParts(state.build, names),
    changedAt: state.changedAt,
    rows: await ledgerOf(buildId, { after: after ?? 0, before }),
  };
}
