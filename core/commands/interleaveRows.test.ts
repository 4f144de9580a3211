import { sampleOf } from '../../tests/seed';
import type { Command } from './allCommands';
import { settleClash } from './applyCommand';
import fc from 'fast-check';
import { id, soundBuild } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { rowsOf, type CellValue } from '../build/lists';
import { applyCommand } from './applyCommand';
import type { RowChange } from './changeRows';

const author = { name: 'P', role: 'fitter', at: '2026-11-20T10:00:00.000Z' } as const;
const rows = [31, 32, 33].map(id);
const columns = ['xMm', 'yMm', 'name'] as const;
const cell = (build: Build, row: string, column: string): CellValue | null =>
  (rowsOf(build.lists, 'obstacles').find((r) => r.id === row) as Record<string, CellValue> | undefined)?.[column] ?? null;

/** What somebody does next on the own screen: changes a cell, takes a row out, puts one in, looks again, or sends. */
type Step =
  | { who: number; act: 'set'; row: number; column: number; to: number }
  | { who: number; act: 'remove'; row: number }
  | { who: number; act: 'add' }
  | { who: number; act: 'look' }
  | { who: number; act: 'send' };
const who = fc.nat({ max: 2 });
const step: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({
      who,
      act: fc.constant('set' as const),
      row: fc.nat({ max: 2 }),
      column: fc.nat({ max: 2 }),
      to: fc.integer({ min: 1, max: 9 }),
    }),
  },
  { weight: 1, arbitrary: fc.record({ who, act: fc.constant('remove' as const), row: fc.nat({ max: 2 }) }) },
  { weight: 1, arbitrary: fc.record({ who, act: fc.constant('add' as const) }) },
  { weight: 1, arbitrary: fc.record({ who, act: fc.constant('look' as const) }) },
  { weight: 4, arbitrary: fc.record({ who, act: fc.constant('send' as const) }) },
);

/** Three people on the rows of one list, in any order: the server here is the pure command, as in store/builds.ts. */
test('whatever the order: no cell is overwritten unseen, a clash tells both, no row comes twice, and what was kept is a whole document', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
      let server = soundBuild();
      let next = 900;
      const added = new Set<string>();
      const people = [0, 1, 2].map(() => ({ view: soundBuild(), queue: [] as Command[] }));
      for (const s of steps) {
        const person = people[s.who];
        if (!person) continue;
        const shown = person.queue.reduce((now, command) => {
          const done = applyCommand(now, command, author);
          return done.ok ? done.build : now;
        }, person.view);
        const enter = (change: RowChange) => person.queue.push({ kind: 'rows', changes: [change] });
        if (s.act === 'look') person.view = server;
        if (s.act === 'add') enter({ list: 'obstacles', row: id((next += 1)), action: 'add', values: { kind: 'rail', xMm: 1 } });
        if (s.act === 'remove') enter({ list: 'obstacles', row: rows[s.row] ?? '', action: 'remove' });
        if (s.act === 'set') {
          const [row, column] = [rows[s.row] ?? '', columns[s.column] ?? 'xMm'];
          enter({
            list: 'obstacles',
            row,
            action: 'set',
            column,
            from: cell(shown, row, column),
            to: column === 'name' ? `n${s.to}` : s.to,
          });
        }
        const command = s.act === 'send' ? person.queue.shift() : undefined;
        if (command?.kind !== 'rows') continue;
        const [change] = command.changes;
        if (!change) continue;
        const before = change.action === 'set' ? cell(server, change.row, change.column) : null;
        const done = applyCommand(server, command, author);
        if (done.ok) {
          // What was overwritten is what the person saw, or what is written again.
          if (change.action === 'set') expect([change.from, change.to]).toContainEqual(before);
          if (change.action === 'add') added.add(change.row);
          server = done.build;
          continue;
        }
        if (done.why === 'invalid') {
          // Only a row that somebody took out meanwhile can be missing.
          expect([change.action, rowsOf(server.lists, 'obstacles').some((r) => r.id === change.row)]).toEqual(['set', false]);
          continue;
        }
        if (done.why !== 'clash' || change.action !== 'set') throw new Error(done.errors.join());
        expect(done.clashes.map(({ theirs, yours }) => [theirs, yours])).toEqual([[before, change.to]]);
        const key = done.clashes[0]?.key ?? '';
        expect(settleClash(command, done.clashes, { [key]: 'theirs' })).toBeNull();
        const mine = settleClash(command, done.clashes, { [key]: 'yours' });
        const again = mine && applyCommand(server, mine, author);
        expect(again?.ok && cell(again.build, change.row, change.column)).toEqual(change.to);
      }
      const ids = rowsOf(server.lists, 'obstacles').map((r) => r.id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const row of added) expect(ids).toContain(row);
    }),
    { numRuns: sampleOf(150, 60) },
  );
}, 60000);
