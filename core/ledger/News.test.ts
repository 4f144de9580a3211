import fc from 'fast-check';
import { actionCommands, untilNow } from '../../tests/actionCommands';
import { soundBuild } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { asClaims } from '../build/claims';
import { changedParts, everyPart, partsOf, partsSince, pickParts, withParts, type PartSeqs } from '../build/parts';
import type { Command } from '../commands/allCommands';
import { applyCommand } from '../commands/applyCommand';
import { canonicalJson } from '../record/canonicalJson';
import { nextRow, type LedgerRow } from './chain';
import { joinRows, takeNews, type Delta, type KeptState } from './News';
import { noteOrigins } from './noteOrigins';

interface Kept extends KeptState {
  partSeqs: PartSeqs;
}
const at = '2026-11-26T10:00:00.000Z';

/** What the server does with each command: the state and the row after it. */
function history(from: Build, commands: readonly Command[]): { states: Kept[]; rows: LedgerRow[] } {
  const first = nextRow(null, { buildId: from.id, at, by: 'Odile', role: 'lead', kind: 'imported', body: {} });
  const origins = noteOrigins({}, first);
  const states: Kept[] = [
    { build: from, origins, lastSeq: 1, lastHash: first.hash, changedAt: at, partSeqs: { [everyPart]: 1 } },
  ];
  const rows = [first];
  for (const command of commands) {
    const before = states.at(-1) as Kept;
    const applied = applyCommand(before.build, command, { name: 'Odile', role: 'lead', at });
    if (!applied.ok) continue;
    const last = rows.at(-1) as LedgerRow;
    const row = nextRow(last, { buildId: from.id, at, by: 'Odile', role: 'lead', kind: applied.kind, body: applied.body });
    rows.push(row);
    states.push({
      build: applied.build,
      origins: noteOrigins(before.origins, row),
      lastSeq: row.seq,
      lastHash: row.hash,
      changedAt: at,
      partSeqs: {
        ...before.partSeqs,
        ...Object.fromEntries(changedParts(before.build, applied.build).map((part) => [part, row.seq])),
      },
    });
  }
  return { states, rows };
}
const figure = (path: string, from: number | null, to: number): Command =>
  ({ kind: 'figures', changes: [{ path, slot: 'fitted', from, to }] }) as unknown as Command;

const sound = untilNow(soundBuild(), Date.parse(at));
const { states, rows } = history(asClaims(sound, 'Odile', at), [
  ...actionCommands(sound).map(({ command }) => command),
  { kind: 'note', text: 'dry' },
  figure('fuel.pumpAngleDeg', sound.sheets.fuel.pumpAngleDeg.fitted, 31),
  {
    kind: 'rows',
    changes: [{ list: 'obstacles', row: 'b0000000-0000-4000-8000-000000000001', action: 'add', values: { name: 'rib' } }],
  },
]);
const deltaBetween = (since: Kept, now: Kept): Delta => ({
  since: since.lastSeq,
  parts: pickParts(now.build, partsSince(now.partSeqs, since.lastSeq) ?? []),
  changedAt: now.changedAt,
  rows: rows.slice(since.lastSeq, now.lastSeq),
});
const holding = (state: Kept) => ({ kept: state, rows: rows.slice(0, state.lastSeq) });
const twoStates = fc
  .tuple(fc.nat(states.length - 1), fc.nat(states.length - 1))
  .map(([a, b]) => [Math.min(a, b), Math.max(a, b)] as const);

test('the sample holds commands of many kinds', () => {
  expect(new Set(rows.map(({ kind }) => kind)).size).toBeGreaterThan(6);
});

test('what has changed since any row, laid over what was held then, is what the server has now', () => {
  fc.assert(
    fc.property(twoStates, ([i, j]) => {
      const [since, now] = [states[i] as Kept, states[j] as Kept];
      const taken = takeNews(holding(since), deltaBetween(since, now));
      expect(canonicalJson(taken?.kept.build)).toBe(canonicalJson(now.build));
      expect(taken?.kept.origins).toEqual(now.origins);
      expect([taken?.kept.lastSeq, taken?.kept.lastHash, taken?.rows.length]).toEqual([now.lastSeq, now.lastHash, now.lastSeq]);
    }),
    { numRuns: 300 },
  );
});

test('a change of one figure travels without the other sheets', () => {
  const after = states.find(({ build }) => build.sheets.fuel.pumpAngleDeg.fitted === 31) as Kept;
  const before = states[states.indexOf(after) - 1] as Kept;
  expect(Object.keys(deltaBetween(before, after).parts)).toContain('sheets/fuel');
  expect(
    Object.keys(deltaBetween(before, after).parts).filter((part) => part.startsWith('sheets/') || part.startsWith('lists/')),
  ).toEqual(['sheets/fuel']);
});

test('parts that are not named stay the very same object', () => {
  const [before, after] = [states[0] as Kept, states.at(-1) as Kept];
  const next = withParts(before.build, pickParts(after.build, ['starts']));
  expect(next.sheets).toBe(before.build.sheets);
  expect(next.starts).toBe(after.build.starts);
});

test('parts make the build whole again, and one that is gone goes', () => {
  const build = states.at(-1)?.build as Build;
  expect(withParts(build, partsOf(build))).toEqual(build);
  expect(partsOf(withParts(build, { 'lists/leaks': null, claims: null }))).toEqual(
    Object.fromEntries(Object.entries(partsOf(build)).filter(([name]) => name !== 'lists/leaks' && name !== 'claims')),
  );
});

test('news of another history, or with a row missing between, are not taken', () => {
  const [first, middle, last] = [states[0], states[2], states.at(-1)] as [Kept, Kept, Kept];
  expect(takeNews(holding(first), deltaBetween(middle, last))).toBeNull();
  expect(takeNews({ ...holding(middle), kept: { ...middle, lastHash: 'f'.repeat(64) } }, deltaBetween(middle, last))).toBeNull();
  expect(takeNews(null, deltaBetween(first, last))).toBeNull();
});

test('news that begin before what is held are taken from where it ends', () => {
  const [first, middle, last] = [states[0], states[2], states.at(-1)] as [Kept, Kept, Kept];
  expect(takeNews(holding(middle), deltaBetween(first, last))?.kept.lastHash).toBe(last.lastHash);
});

test('a whole build of another history drops the rows of the one before; of the same history it keeps older ones', () => {
  const last = states.at(-1) as Kept;
  expect(takeNews(holding(last), { kept: last, rows: rows.slice(-2) })?.rows).toHaveLength(rows.length);
  const other = rows.slice(-2).map((row) => ({ ...row, hash: `0${row.hash.slice(1)}x` }));
  expect(takeNews(holding(last), { kept: last, rows: other })?.rows).toHaveLength(2);
});

test('no row stands twice, and all are in order', () => {
  expect(joinRows(rows.slice(3), rows.slice(0, 5)).map(({ seq }) => seq)).toEqual(rows.map(({ seq }) => seq));
});

test('where nothing is known of when parts changed, all may have', () => {
  expect([partsSince({}, 3), partsSince({ [everyPart]: 4, starts: 5 }, 3), partsSince({ [everyPart]: 3, starts: 5 }, 3)]).toEqual(
    [null, null, ['starts']],
  );
});
