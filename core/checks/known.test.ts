import { spoken } from '../../tests/spoken';
import { messageOf } from './findingText';
import fc from 'fast-check';
import { spoiledBuild } from '../../tests/anyBuild';
import { withValues } from '../../tests/soundBuild';
import { sampleOf } from '../../tests/seed';
import type { Build } from '../build/Build';
import { fieldAt, figureAt, figurePaths, isFigurePath, type FigurePath } from '../build/sheets';
import { assess, assessOne } from './assess';

const isMissing = (build: Build, path: FigurePath): boolean => {
  const { planned, fitted } = figureAt(build.sheets, path);
  return planned === null && fitted === null;
};
const isBad = (level: string | undefined) => level === 'stop' || level === 'fix';
/** Values over all that a figure may be: every option, or its range in narrow steps, with what it is now. */
function allValues(path: FigurePath, now: number | string, steps: number): (number | string)[] {
  const field = fieldAt(path);
  if (field.kind === 'choice') return Object.keys(field.options);
  const { min, max, decimals } = field;
  const near = typeof now === 'number' ? [0.25, 0.5, 0.8, 0.95, 1.05, 1.3, 2, 4].map((share) => now * share) : [];
  return [
    ...Array.from({ length: steps }, (_, i) => Number((min + ((max - min) * i) / (steps - 1)).toFixed(decimals))),
    ...near,
    0,
  ].filter((n) => n >= min && n <= max);
}

test('a fault that stands whatever an unknown figure may be is never hidden by its being unknown', () => {
  fc.assert(
    fc.property(spoiledBuild(0), (build) => {
      for (const finding of assess(build)) {
        if (!isBad(finding.level) || finding.stage === 'signoff') continue;
        for (const { path } of finding.inputs) {
          if (!isFigurePath(path)) continue;
          const now = figureAt(build.sheets, path);
          const value = now.fitted ?? now.planned;
          if (value === null) continue;
          const without = assessOne(withValues(build, { [path]: null }), finding.id);
          if (isBad(without?.level)) continue;
          // Where a list lacks something too, two things are unknown at once.
          if (without?.needs.some((need) => need.path !== path)) continue;
          // A window of good values may be narrow: it is looked for once more, closely, before anything is called hidden.
          const whatever = [400, 20_000].every((steps) =>
            allValues(path, value, steps).every((v) => isBad(assessOne(withValues(build, { [path]: v }), finding.id)?.level)),
          );
          expect([finding.id, path, whatever, without && messageOf(without), messageOf(finding)]).toEqual([
            finding.id,
            path,
            false,
            without && messageOf(without),
            messageOf(finding),
          ]);
        }
      }
    }),
    { numRuns: sampleOf(3000, 26) },
  );
}, 300_000);

test('in no sentence about any build is there a NaN, an infinity, a word twice over, or a nothing called something', () => {
  fc.assert(
    fc.property(spoiledBuild(4), (build) => {
      for (const { id: checkId, message, remedy } of assess(build).map(spoken))
        for (const sentence of [message, remedy]) {
          expect([checkId, sentence]).not.toEqual([
            checkId,
            expect.stringMatching(/NaN|Infinity|undefined|null|\[object|beyond all/),
          ]);
          expect([checkId, sentence]).not.toEqual([checkId, expect.stringMatching(/\b(\p{L}+) \1\b/u)]);
          // "0 mm higher", "0.0 ppm", "0 % over" say something of nothing.
          expect([checkId, sentence]).not.toEqual([
            checkId,
            expect.stringMatching(
              /(?<![\d.,\u2009−])0(?:\.0+)? (?:mm|m|%|ppm|kg|K) (?:higher|lower|over|under|above|more|less|further|too)/,
            ),
          ]);
          expect([checkId, sentence]).not.toEqual([checkId, expect.stringMatching(/(?<![\d.,])0\.0 ppm/)]);
        }
    }),
    { numRuns: sampleOf(3000, 40) },
  );
}, 300_000);

test('a fault that is told for any value of an unknown figure is one for any value', () => {
  fc.assert(
    fc.property(
      spoiledBuild(2),
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 30, maxLength: 30 }),
      (build, shares) => {
        for (const finding of assess(build)) {
          const label = /^“(.+)” is not known; even were it /.exec(messageOf(finding))?.[1];
          if (!isBad(finding.level) || label === undefined) continue;
          const path = figurePaths.find(
            (one) => fieldAt(one).label === label && finding.stage !== 'signoff' && isMissing(build, one),
          );
          if (!path) throw new Error(`no figure is called ${label}`);
          const field = fieldAt(path);
          const values =
            field.kind === 'choice'
              ? Object.keys(field.options)
              : shares.map((share) => field.min + (field.max - field.min) * share ** 3);
          for (const value of values) {
            const level = assessOne(withValues(build, { [path]: value }), finding.id)?.level;
            expect([finding.id, path, value, level]).toEqual([finding.id, path, value, isBad(level) ? level : 'stop or fix']);
          }
        }
      },
    ),
    { numRuns: sampleOf(3000, 24) },
  );
}, 300_000);
