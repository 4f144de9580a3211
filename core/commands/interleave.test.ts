import { sampleOf } from '../../tests/seed';
import type { Clash } from './define';
import type { Command } from './allCommands';
import { settleClash } from './applyCommand';
import fc from 'fast-check';
import { soundBuild } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { figureAt, type FigurePath } from '../build/sheets';
import { applyCommand } from './applyCommand';

const paths = [
  'fuel.tankLengthMm',
  'fuel.tankHeightMm',
  'fuel.fuelLevelMm',
  'fuel.pumpAboveTankFloorMm',
] as const satisfies FigurePath[];

/** What a person does next: enters figures as seen on the own screen, looks again, or sends the oldest entry. */
type Step =
  | { who: number; act: 'enter'; figures: [number, number][] }
  | { who: number; act: 'look' }
  | { who: number; act: 'send'; answerLost: boolean };
const step: fc.Arbitrary<Step> = fc.oneof(
  fc.record({
    who: fc.nat({ max: 2 }),
    act: fc.constant('enter' as const),
    figures: fc.uniqueArray(fc.tuple(fc.nat({ max: 3 }), fc.integer({ min: 60, max: 400 })), {
      selector: ([p]) => p,
      minLength: 1,
      maxLength: 3,
    }),
  }),
  fc.record({ who: fc.nat({ max: 2 }), act: fc.constant('look' as const) }),
  fc.record({ who: fc.nat({ max: 2 }), act: fc.constant('send' as const), answerLost: fc.boolean() }),
);
const fitted = (build: Build, path: FigurePath) => figureAt(build.sheets, path).fitted;

/**
 * Three people on one build, their entries sent in any order, answers lost and entries sent again.
 * The server here is the pure command and the ids it has seen, as in store/builds.ts.
 */
test('whatever the order: nothing acknowledged is overwritten unseen, nothing is kept twice, every clash is told with both values', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
      let server = soundBuild();
      const seen = new Set<number>();
      const log: { from: unknown; to: unknown; path: string }[] = [];
      let nextId = 0;
      const people = [0, 1, 2].map(() => ({ view: soundBuild(), queue: [] as { id: number; command: Command }[] }));
      const entered = new Map<number, Command>();
      const told = new Map<number, Clash[]>();
      for (const s of steps) {
        const person = people[s.who];
        if (!person) continue;
        if (s.act === 'look') person.view = server;
        if (s.act === 'enter') {
          const shown = person.queue.reduce((now, { command }) => {
            const a = applyCommand(now, command, { name: 'P', role: 'fitter', at: '2026-11-20T10:00:00.000Z' });
            return a.ok ? a.build : now;
          }, person.view);
          const changes = s.figures.map(([p, to]) => ({
            path: paths[p] ?? paths[0],
            slot: 'fitted' as const,
            from: fitted(shown, paths[p] ?? paths[0]),
            to,
          }));
          const command: Command = { kind: 'figures', changes };
          entered.set(nextId, command);
          person.queue.push({ id: nextId, command });
          nextId += 1;
        }
        const head = person.queue[0];
        if (s.act === 'send' && head) {
          if (!seen.has(head.id)) {
            const applied = applyCommand(server, head.command, { name: 'P', role: 'fitter', at: '2026-11-20T10:00:00.000Z' });
            if (applied.ok) {
              if (head.command.kind === 'figures')
                for (const { path, to } of head.command.changes) log.push({ path, from: fitted(server, path), to });
              server = applied.build;
              seen.add(head.id);
            } else {
              expect(applied.why).toBe('clash');
              if (applied.why === 'clash') {
                for (const clash of applied.clashes)
                  expect(clash.theirs).toBe(fitted(server, clash.key.split('/')[0] as FigurePath));
                told.set(head.id, applied.clashes);
                // The person takes the own value in every clash: then it goes in whole.
                const again = settleClash(
                  head.command,
                  applied.clashes,
                  Object.fromEntries(applied.clashes.map((c) => [c.key, 'yours'])),
                );
                const second =
                  again && applyCommand(server, again, { name: 'P', role: 'fitter', at: '2026-11-20T10:00:00.000Z' });
                expect(second && second.ok).toBe(true);
                // Or theirs in every clash: then only what did not clash goes in, or nothing.
                const theirs = settleClash(head.command, applied.clashes, {});
                if (theirs)
                  expect(applyCommand(server, theirs, { name: 'P', role: 'fitter', at: '2026-11-20T10:00:00.000Z' }).ok).toBe(
                    true,
                  );
              }
            }
          }
          if (!s.answerLost || told.has(head.id)) person.queue.shift();
        }
      }
      // Each entry was kept, told as a clash, or still waits: none vanished.
      const waiting = new Set(people.flatMap(({ queue }) => queue.map(({ id }) => id)));
      for (const id of entered.keys()) expect(seen.has(id) || told.has(id) || waiting.has(id)).toBe(true);
      // Each kept change began from the value that stood there: no acknowledged value was overwritten by somebody who had not seen it.
      const now = new Map<string, unknown>(paths.map((path) => [path, fitted(soundBuild(), path)]));
      for (const { path, from, to } of log) {
        expect(from).toBe(now.get(path));
        now.set(path, to);
      }
      for (const path of paths) expect(fitted(server, path)).toBe(now.get(path));
    }),
    { numRuns: sampleOf(120, 50) },
  );
}, 60000);
