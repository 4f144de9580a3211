import fc from 'fast-check';
import { sampleOf } from '../../../tests/seed';
import { id, soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { drainKinds, nearKinds, nearLies, pipeCovers, pipeJoints, throughKinds } from '../../build/listKinds';
import type { RowOf } from '../../build/lists';
import { assessStage } from '../assess';
import { messageOf } from '../findingText';

type Pipe = RowOf<'pipes'>;
const keyOf = <T extends object>(of: T) => fc.constantFrom(...(Object.keys(of) as (keyof T & string)[]));
const piece = fc.record({
  kind: fc.constantFrom('pipe' as const, 'muffler' as const, 'reducer' as const),
  lengthM: fc.integer({ min: 10, max: 140 }).map((cm) => cm / 100),
  riseMm: fc.integer({ min: -120, max: 60 }),
  boreMm: fc.constantFrom(18, 22, 24, 28),
  farBoreMm: fc.constantFrom(22, 24, 32),
  bends: fc.integer({ min: 0, max: 3 }),
  bendDeg: fc.constantFrom(45, 90, 120),
  joint: keyOf(pipeJoints),
  sealed: fc.constantFrom('yes' as const, 'no' as const),
  cover: keyOf(pipeCovers),
  coverM: fc.constantFrom(0.05, 0.2, 1.5),
  supports: fc.integer({ min: 0, max: 3 }),
  near: keyOf(nearKinds),
  nearMm: fc.constantFrom(0, 3, 10, 25, 60, 150, 400),
  nearLies: keyOf(nearLies),
  shield: fc.constantFrom('yes' as const, 'no' as const),
  through: keyOf(throughKinds),
  gapMm: fc.constantFrom(0, 2, 8, 25, 40),
  drain: keyOf(drainKinds),
  wall: fc.constantFrom('smooth' as const, 'corrugated' as const),
});
/** An exhaust of any pieces, told whole. */
const anyExhaust: fc.Arbitrary<Build> = fc.array(piece, { minLength: 1, maxLength: 4 }).map((pieces) => ({
  ...soundBuild(),
  lists: {
    ...soundBuild().lists,
    pipes: pieces.map((row, i): Pipe => ({ ...row, id: id(500 + i), name: `piece ${i + 1}`, of: 'exhaust', order: i })),
  },
}));
const isBad = (level: string | undefined): boolean => level === 'stop' || level === 'fix';
const pipesOf = (build: Build): readonly Pipe[] => build.lists?.pipes ?? [];
const withPipes = (build: Build, pipes: readonly Pipe[]): Build => ({ ...build, lists: { ...build.lists, pipes: [...pipes] } });
const without = (build: Build, at: number, column: keyof Pipe): Build =>
  withPipes(
    build,
    pipesOf(build).map((row, i) => {
      if (i !== at) return row;
      const { [column]: _left, ...rest } = row;
      return rest as Pipe;
    }),
  );
/** All but names and places, whose lack says nothing of the pipe. */
const columns = ['lengthM', 'riseMm', 'boreMm', 'farBoreMm', 'bends', 'bendDeg', 'joint', 'sealed', 'coverM', 'supports', 'near', 'nearMm', 'nearLies', 'through', 'gapMm', 'drain'] as const satisfies readonly (keyof Pipe)[]; // prettier-ignore

test('an exhaust told piece by piece: no bad finding becomes good by leaving a cell out', () => {
  fc.assert(
    fc.property(anyExhaust, (build) => {
      const bad = assessStage(build, 'air').filter(({ level }) => isBad(level));
      for (const [at] of pipesOf(build).entries())
        for (const column of columns) {
          const after = assessStage(without(build, at, column), 'air');
          for (const { id: check } of bad) {
            const level = after.find((one) => one.id === check)?.level;
            expect([check, at, column, isBad(level) || level === 'open' ? 'bad or open' : level]).toEqual([
              check,
              at,
              column,
              'bad or open',
            ]);
          }
        }
    }),
    { numRuns: sampleOf(1500, 40) },
  );
}, 120_000);

test('whatever the pieces are, a bad finding of one of them says which, in plain words', () => {
  fc.assert(
    fc.property(anyExhaust, (build) => {
      for (const finding of assessStage(build, 'air')) {
        expect(messageOf(finding)).not.toMatch(/undefined|NaN|Infinity|““|””/);
        if (isBad(finding.level) && ['exhaust.clearance', 'exhaust.support'].includes(finding.id))
          expect(messageOf(finding)).toMatch(/“piece \d”/);
      }
    }),
    { numRuns: sampleOf(1500, 90) },
  );
});

/** Doing what the remedies of a piece say, as a fitter does at once for all of them. */
const mended = (row: Pipe): Pipe => ({
  ...row,
  kind: 'pipe',
  lengthM: Math.min(row.lengthM ?? 0, 0.4),
  riseMm: -Math.max(20, -(row.riseMm ?? 0)),
  boreMm: 24,
  bends: Math.min(row.bends ?? 0, 1),
  bendDeg: 45,
  joint: 'band',
  sealed: 'yes',
  supports: 2,
  nearMm: 600,
  shield: 'no',
  through: row.through === 'timber' ? 'turret' : (row.through ?? 'none'),
  gapMm: 45,
  drain: 'none',
});
test('every bad finding of an exhaust is cleared by doing what the remedies say of its pieces', () => {
  fc.assert(
    fc.property(anyExhaust, (build) => {
      const after = assessStage(withPipes(build, pipesOf(build).map(mended)), 'air');
      expect(after.filter(({ level }) => isBad(level)).map((one) => messageOf(one))).toEqual([]);
    }),
    { numRuns: sampleOf(1500, 90) },
  );
});
