import fc from 'fast-check';
import { soundBuild, type Values } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { looksOf, nextLookOf, waysOf } from '../../drawing/line/primePicture';
import { valueAt } from '../../build/sheets';
import { explain } from '../../figures/explain';
import { firstFill } from '../../physics/fuel/firstFill';
import { fillPicture } from '../../drawing/line/fillPicture';
import { doseTest, doseRuns, volumeByMassMl } from '../fuel/doseTest';
import { fuelOf } from '../fuel/runFacts';
import { readerOf } from '../../figures/readerOf';
import { demoCard } from '../../../demo/unitCards';

const figure = (build: Build, id: Parameters<typeof explain>[1]) => explain(build, id).value ?? NaN;

test('the places to look at lie along the line in order, and the last is the expected prime', () => {
  const gaps: Values = { 'fuel.jointGapMm': 6 };
  const looks = looksOf(soundBuild(gaps));
  expect(looks.map(({ at }) => at)).toEqual(['filter', 'pump', 'heater']);
  for (const [i, look] of looks.entries()) {
    expect([look.low <= look.expected, look.expected <= look.high]).toEqual([true, true]);
    expect(look.expected).toBeGreaterThanOrEqual(looks[i - 1]?.expected ?? 0);
  }
  expect(looks.at(-1)?.expected).toBe(figure(soundBuild(gaps), 'priming.expectedStrokes'));
});
test('the fill, stroke by stroke, is at each place with the stroke that is told for it', () => {
  const build = soundBuild();
  const facts = fillPicture(build);
  if ('missing' in facts) throw new Error('the line of the sound build is known');
  const { frames } = firstFill(facts, 60000, 1);
  const pumpAt = facts.chambers.findIndex(({ side }) => side === 'pressure');
  const at = (chamber: number) => frames.find((frame) => frame.at >= chamber)?.stroke ?? NaN;
  const told = (place: string) => looksOf(build).find((look) => look.at === place)?.expected ?? NaN;
  expect(Math.abs(at(pumpAt) - told('pump'))).toBeLessThanOrEqual(1);
  expect(Math.abs(at(facts.chambers.length) - told('heater'))).toBeLessThanOrEqual(1);
});
test('a place is overdue with its latest stroke, and what was seen is not asked again', () => {
  const looks = looksOf(soundBuild());
  const pump = looks.findIndex(({ at }) => at === 'pump');
  const high = looks[pump]?.high ?? NaN;
  expect([nextLookOf(looks, pump, high - 1)?.overdue, nextLookOf(looks, pump, high)?.overdue]).toEqual([false, true]);
  expect(nextLookOf(looks, pump + 1, high)?.look.at).toBe('heater');
  expect(nextLookOf(looks, looks.length, high)).toBeNull();
});
test('what the syringe fills the pump need not: filled up to the pump, none of its strokes is dry', () => {
  const ways = waysOf(soundBuild());
  const filled = soundBuild({ 'priming.preFilledMl': ways?.syringe.toPumpMl ?? NaN });
  expect(figure(filled, 'priming.expectedStrokes')).toBe(ways?.syringe.strokesAfterPump);
  expect(waysOf(filled)?.mode.dryS).toBeCloseTo(0, 6);
  expect(figure(soundBuild({ 'priming.preFilledMl': ways?.syringe.toHeaterMl ?? NaN }), 'priming.expectedStrokes')).toBe(0);
});
test('starting again and again locks where more presses fail than the card allows', () => {
  const after = (value: number): Build => ({
    ...soundBuild(),
    unitCard: { ...demoCard, figures: { ...demoCard.figures, 'unit.lockAfter': { value, source: 'manual' } } },
  });
  const { presses } = waysOf(soundBuild())?.starts ?? { presses: NaN };
  // 614 strokes at 2 × 75 s × 0.9 times the lowest frequency: by hand
  expect(presses).toBe(Math.ceil(614 / Math.floor(150 * 0.9 * Number(valueAt(soundBuild().sheets, 'heater.pumpMinHz')))));
  expect(waysOf(soundBuild())?.starts).toMatchObject({ lockAfter: 3, lockAssumed: true });
  expect(waysOf(after(presses - 1))?.starts).toMatchObject({ locks: true, lockAssumed: false });
  expect(waysOf(after(presses))?.starts).toMatchObject({ locks: false });
});

// API MPM tables ch. 11, order of magnitude (from memory): 832 kg/m³ at 15 °C are 852.7 at −15 °C.
test('a dose by the scale is that of the glass, at the fuel’s own temperature', () => {
  expect(volumeByMassMl(3.7519, 832, -15)).toBeCloseTo(4.4, 3);
  const densityAt15 = fuelOf(readerOf(soundBuild())).densityKgM3At15C;
  fc.assert(
    fc.property(fc.double({ min: 1, max: 20, noNaN: true }), fc.integer({ min: -30, max: 40 }), (ml, fuelC) => {
      const of = (row: object) => ({
        ...soundBuild(),
        lists: { ...soundBuild().lists, doseTests: [{ id: 'a', strokes: 200, fuelC, ...row }] },
      });
      const density = densityAt15 * (1 - 0.00083 * (fuelC - 15));
      const [glass, scale] = [of({ volumeMl: ml }), of({ massG: (ml * density) / 1000 })].map(
        (build) => doseTest(doseRuns(readerOf(build as Build)))?.doseMl ?? NaN,
      );
      return Math.abs((glass ?? NaN) / (scale ?? NaN) - 1) < 1e-9;
    }),
  );
});
