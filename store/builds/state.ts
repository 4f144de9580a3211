import { partsSince, pickParts } from '../../core/build/parts';
import type { Delta, Known } from '../../core/ledger/News';
import { database } from '../database';
import { heldOf, type Held } from './kept';
import { ledgerPageSize, ledgerText } from './ledger';

/** How many ledger rows go with a whole build: as many as are seen at once, and some more. */
const firstRows = 40;

/** News without their rows; these as JSON text; and the row up to which they tell. */
export interface NewsText {
  news: Omit<Known, 'rows'> | Omit<Delta, 'rows'>;
  rows: string;
  lastSeq: number;
  lastHash: string;
}

/** Whether a device that holds a build as of ledger row `after` is near enough to be told only what has changed. */
export const isNear = (after: number, lastSeq: number): boolean => after <= lastSeq && lastSeq - after <= ledgerPageSize;

/**
 * What there is to tell of a build to a device that holds it as of ledger row `after`: what has changed, or all of it where that is less.
 * Build and rows are of the same moment: rows written since are told the next time.
 * @param read the build, where it was read just now
 */
export async function newsOf(buildId: string, after: number | null, read?: Held): Promise<NewsText | null> {
  const row = read ? null : await database().models.BuildRow.findByPk(buildId);
  const held = read ?? (row && heldOf(row));
  if (!held) return null;
  const { kept: state, partSeqs } = held;
  const { lastSeq, lastHash } = state;
  const before = lastSeq + 1;
  const names = after !== null && isNear(after, lastSeq) ? partsSince(partSeqs, after) : null;
  if (names === null)
    return { news: { kept: state }, rows: await ledgerText(buildId, { before, limit: firstRows }), lastSeq, lastHash };
  const news = { since: after ?? 0, parts: pickParts(state.build, names), changedAt: state.changedAt };
  return { news, rows: await ledgerText(buildId, { after: after ?? 0, before }), lastSeq, lastHash };
}
