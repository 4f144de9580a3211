import type { Build } from '../build/Build';
import { withParts, type Parts } from '../build/parts';
import type { Origins } from '../record/Origin';
import type { LedgerRow } from './chain';
import { noteOrigins } from './noteOrigins';

/** A build as the server keeps it. */
export interface KeptState {
  build: Build;
  origins: Origins;
  lastSeq: number;
  lastHash: string;
  changedAt: string;
}
/** What a device holds of a build: the build, and the newest of its ledger rows. */
export interface Known {
  kept: KeptState;
  rows: readonly LedgerRow[];
}
/** The parts of a build that have changed after ledger row `since`, and the rows that changed them. */
export interface Delta {
  since: number;
  parts: Parts;
  changedAt: string;
  rows: readonly LedgerRow[];
}
/** What the server tells: all of a build, or only what has changed. */
export type News = Known | Delta;

/** Rows by number: older ones before, newer ones behind, none twice. */
export function joinRows(old: readonly LedgerRow[], more: readonly LedgerRow[]): LedgerRow[] {
  const known = new Map([...old, ...more].map((row) => [row.seq, row]));
  return [...known.values()].sort((a, b) => a.seq - b.seq);
}

/**
 * What a device holds once it has heard the news.
 * @returns null where the news do not follow on what it holds: another history, or a row between that it has not
 */
export function takeNews(known: Known | null, news: News): Known | null {
  if ('kept' in news) {
    // Rows of another history have no place beside this one's; those before it in the same history have.
    const follows =
      known !== null && known.rows.some(({ seq, hash }) => news.rows.some((row) => row.seq === seq && row.hash === hash));
    return { kept: news.kept, rows: joinRows(follows ? known.rows : [], news.rows) };
  }
  const next = known ? news.rows.findIndex(({ prevHash }) => prevHash === known.kept.lastHash) : -1;
  const rows = news.rows.slice(Math.max(next, 0));
  const last = rows.at(-1);
  if (known && last === undefined && news.since === known.kept.lastSeq) return known;
  if (!known || !last || next < 0) return null;
  return {
    kept: {
      build: withParts(known.kept.build, news.parts),
      origins: rows.reduce<Origins>(noteOrigins, known.kept.origins),
      lastSeq: last.seq,
      lastHash: last.hash,
      changedAt: news.changedAt,
    },
    rows: joinRows(known.rows, rows),
  };
}
