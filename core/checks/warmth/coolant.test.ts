import fc from 'fast-check';
import { sampleOf } from '../../../tests/seed';
import { id, type Values } from '../../../tests/soundBuild';
import { none, withRows, type Change } from '../../../tests/withRows';
import type { Build } from '../../build/Build';
import type { RowOf } from '../../build/lists';
import { readerOf } from '../../figures/readerOf';
import { engineMinutes, loopOf, loopVolumeL } from '../../model/warmth/loopOf';
import { assess, assessStage } from '../assess';
import type { Level } from '../Finding';
import { messageOf } from '../findingText';

type Row = RowOf<'loop'>;
const filled: Values = {
  'warmth.way': 'loop',
  'warmth.glycol': 'ethylene',
  'warmth.glycolPercent': 50,
  'warmth.partsHoldL': 5,
  'warmth.tankFreeMl': 800,
};
const hose = (n: number, riseMm: number, more: Partial<Row> = {}): Row => ({
  id: id(800 + n),
  name: `hose ${n}`,
  kind: 'hose',
  boreMm: 18,
  lengthM: 1,
  bends: 1,
  riseMm,
  bleed: 'no',
  insulated: 'yes',
  order: n,
  ...more,
});
const part = (n: number, kind: Row['kind'], riseMm: number, more: Partial<Row> = {}): Row => ({
  id: id(800 + n),
  name: `the ${kind ?? ''}`,
  kind,
  boreMm: 18,
  riseMm,
  bleed: 'no',
  arrow: 'with',
  shut: 'no',
  order: n,
  ...more,
});
/** Everything low but the tank. */
const sound: Row[] = [
  part(1, 'heater', 80),
  hose(2, 150),
  part(3, 'matrix', 60),
  hose(4, 250),
  part(5, 'tank', -40),
  hose(6, -400),
  part(7, 'pump', 0),
  hose(8, -100),
];
const changed = (n: number, more: Partial<Row>): Change => ({
  loop: () => sound.map((row) => (row.order === n ? { ...row, ...more } : row)),
});
const with2 = (...rows: Row[]): Change => ({ loop: () => [...sound, ...rows] });
const loop: Change = { loop: () => sound, ducts: none, returns: none };

// What is asked of a loop is common practice without a source, or Lorbet's own choice; freezing points are of ASHRAE Fundamentals, from memory.
const cases: [string, Values, Change, Level, RegExp][] = [
  ['coolant.order', {}, {}, 'sound', /the heater → hose 2 → the matrix → hose 4 → the tank → hose 6 → the pump → hose 8 → and back/],
  ['coolant.order', {}, changed(1, { arrow: 'against' }), 'fix', /Feed and return of “the heater” are swapped/],
  ['coolant.order', {}, changed(7, { arrow: 'against' }), 'fix', /“the pump” pumps against the flow/],
  ['coolant.order', {}, with2(part(9, 'check', 0, { arrow: 'against' }), hose(10, 0)), 'stop', /“the check” stands against the flow/],
  ['coolant.order', {}, with2(part(9, 'valve', 0, { shut: 'yes' }), hose(10, 0)), 'stop', /“the valve” is shut/],
  ['coolant.order', {}, changed(1, { arrow: undefined }), 'open', /which way the flow goes through “the heater”/],
  ['coolant.order', {}, changed(8, { kind: 'matrix' }), 'open', /ead the loop back to its first part by a hose: it ends at “hose 8”/],
  ['coolant.order', {}, { loop: () => [{ id: id(801), name: 'v', kind: 'valve', shut: 'yes' }] }, 'stop', /“v” is shut/],
  ['coolant.order', { 'warmth.way': 'ducts' }, { loop: none }, 'sound', /warms air/],
  ['coolant.flow', {}, with2(part(9, 'valve', 0, { shut: 'yes' }), hose(10, 0)), 'stop', /Nothing flows/],
  ['coolant.flow', {}, { loop: () => sound.map((row) => ({ ...row, boreMm: 7 })) }, 'fix', /leaves the heater \d\d(?:\.\d)? K hotter than it came; at most 15 K/],
  ['coolant.flow', {}, changed(2, { boreMm: undefined }), 'open', /Measure bore of “hose 2”/],
  ['coolant.flow', {}, changed(3, { limb: 'a' }), 'open', /a split of one way leads nowhere/],
  ['coolant.flow', {}, { loop: () => sound.filter(({ kind }) => kind !== 'pump') }, 'open', /ut the circulation pump into the loop/],
  ['coolant.flow', {}, with2(part(9, 'pump', 0), hose(10, 0)), 'open', /eave one circulation pump/],
  ['coolant.flow', {}, changed(7, { limb: 'b' }), 'open', /where all of the flow passes it/],
  ['coolant.hose', {}, changed(2, { boreMm: 16 }), 'fix', /“the heater” of 18 mm meets “hose 2” of 16 mm without an adapter/],
  ['coolant.hose', {}, { loop: () => [part(1, 'heater', 80), part(1.5, 'adapter', 0), ...sound.slice(1).map((row) => ({ ...row, boreMm: row.kind === 'hose' ? 18 : row.boreMm }))].map((row) => (row.order === 1 ? { ...row, boreMm: 20 } : row)) }, 'fix', /“hose 8” of 18 mm meets “the heater” of 20 mm/],
  ['coolant.hose', {}, changed(2, { insulated: 'no' }), 'watch', /“hose 2” is not insulated/],
  ['coolant.glycol', { 'warmth.glycolPercent': 5 }, {}, 'fix', /freezes at −2 °C; the coldest night has −8 °C/],
  ['coolant.glycol', { 'warmth.glycol': 'water' }, {}, 'fix', /freezes at 0 °C/],
  ['coolant.glycol', { 'warmth.glycolPercent': 25 }, {}, 'watch', /freezes at −12 °C/],
  ['coolant.glycol', { 'warmth.glycolPercent': 100 }, {}, 'fix', /100 % of the coolant is glycol; above 60 %/],
  ['coolant.glycol', { 'warmth.glycol': 'unknown' }, {}, 'open', /ind out which coolant/],
  ['coolant.air', {}, {}, 'sound', /Every high point/],
  ['coolant.air', {}, { loop: () => sound.map((row) => (row.order === 3 ? { ...row, riseMm: -60 } : row.order === 4 ? { ...row, riseMm: 370 } : row)) }, 'fix', /After “hose 2” the loop is at a high point/],
  ['coolant.air', {}, { loop: () => sound.map((row) => (row.order === 3 ? { ...row, riseMm: -60 } : row.order === 4 ? { ...row, riseMm: 370 } : row.order === 2 ? { ...row, bleed: 'yes' as const } : row)) }, 'sound', /Every high point/],
  ['coolant.air', {}, { loop: () => sound.map((row) => (row.order === 2 ? { ...row, riseMm: -50 } : row.order === 4 ? { ...row, riseMm: 450 } : row)) }, 'fix', /heater lies highest/],
  ['coolant.air', {}, changed(8, { riseMm: -300 }), 'open', /they must add up to nothing/],
  ['coolant.air', {}, changed(8, { riseMm: undefined }), 'open', /easure rise of “hose 8”/],
  // 5 + 4 × π 0.9² / 100 m of 18 mm = 6.02 L; from −8 to 90 °C density goes from 1,091 to 1,034: 5.5 %.
  ['coolant.expansion', { 'warmth.tankFreeMl': 300 }, {}, 'fix', /swells by 33\d mL; the tank has room for 300 mL/],
  ['coolant.expansion', {}, {}, 'sound', /swells by 33\d mL/],
  ['coolant.expansion', {}, { loop: () => sound.filter(({ kind }) => kind !== 'tank') }, 'fix', /no expansion tank/],
]; // prettier-ignore

test.each(cases)('%s with %j is judged', (check, values, change, level, words) => {
  const found = assess(withRows({ ...filled, ...values }, { ...loop, ...change })).find((one) => one.id === check);
  expect([found?.level, found && messageOf(found)]).toEqual([level, expect.stringMatching(words)]);
});

const read = (values: Values = {}, change: Change = {}) => readerOf(withRows({ ...filled, ...values }, { ...loop, ...change }));
test('coolant in the hoses is counted by length and bore, by hand', () => {
  expect(loopVolumeL(read())).toBeCloseTo(5 + 4 * Math.PI * 0.09 ** 2 * 10, 6);
});
test('the heater warms what passes it by its power over flow and heat, by hand', () => {
  const { flowAt, heatW } = loopOf(read());
  const { riseK, totalKgS } = flowAt(70);
  expect(riseK).toBeCloseTo(heatW / (totalKgS * 3400), 6);
});
// Common practice, no source: a large engine comes close to its working temperature in 20 to 30 min. 350 kg of iron and 15 L by 5 kW.
test('a large engine is warmed by 30 K in 20 to 30 minutes', () => {
  const five: Values = {
    'warmth.engineKg': 350,
    'warmth.partsHoldL': 14,
    'survey.coldestC': 30,
    'heater.strokeVolumeMl': 0.038,
    'heater.pumpMaxHz': 4.6,
  };
  expect(engineMinutes(read(five, { doseTests: none }))).toBeGreaterThan(18);
  expect(engineMinutes(read(five, { doseTests: none }))).toBeLessThan(32);
});

const anyLoop: fc.Arbitrary<Build> = fc
  .tuple(
    fc.array(
      fc.record({
        kind: fc.constantFrom('hose', 'matrix', 'plate', 'valve', 'check', 'tank', 'adapter', 'hose'),
        boreMm: fc.constantFrom(8, 16, 18, 20),
        lengthM: fc.constantFrom(0.3, 1, 4),
        riseMm: fc.integer({ min: -300, max: 300 }),
        bleed: fc.constantFrom('yes' as const, 'no' as const),
        arrow: fc.constantFrom('with' as const, 'against' as const),
        shut: fc.constantFrom('yes' as const, 'no' as const),
        insulated: fc.constantFrom('yes' as const, 'no' as const),
        bends: fc.integer({ min: 0, max: 3 }),
      }),
      { minLength: 1, maxLength: 6 },
    ),
    fc.constantFrom(5, 50, 80),
    fc.constantFrom(100, 900),
  )
  .map(([middle, glycolPercent, tankFreeMl]) => {
    const rows = middle.map((row, i): Row => ({ ...row, id: id(820 + i), name: `part ${i + 1}`, order: 10 + i }));
    const back = hose(90, -(rows.reduce((sum, { riseMm = 0 }) => sum + riseMm, 0) + 80));
    return withRows(
      { ...filled, 'warmth.glycolPercent': glycolPercent, 'warmth.tankFreeMl': tankFreeMl },
      { ...loop, loop: () => [part(1, 'heater', 80), part(2, 'pump', 0), ...rows, back] },
    );
  });
const isBad = (level: string | undefined): boolean => level === 'stop' || level === 'fix';

test('no bad finding of a loop becomes good by leaving a cell out', () => {
  fc.assert(
    fc.property(anyLoop, (build) => {
      const rows = build.lists?.loop ?? [];
      const bad = assessStage(build, 'warmth').filter(({ level }) => isBad(level));
      for (const row of rows)
        for (const column of Object.keys(row)) {
          if (['id', 'name', 'order'].includes(column)) continue;
          const { [column as 'id']: _left, ...rest } = row;
          const after = assessStage(
            { ...build, lists: { ...build.lists, loop: rows.map((one) => (one.id === row.id ? { ...rest, id: row.id } : one)) } },
            'warmth',
          );
          for (const { id: check } of bad) {
            const level = after.find((one) => one.id === check)?.level;
            if (!isBad(level) && level !== 'open')
              throw new Error(`${check} is ${String(level)} without ${column} of ${row.name ?? ''}`);
          }
        }
    }),
    { numRuns: sampleOf(600, 60) },
  );
}, 120_000);

test('every bad finding of a loop is cleared by doing what the remedies say', () => {
  fc.assert(
    fc.property(anyLoop, (build) => {
      const rows = build.lists?.loop ?? [];
      const mended = rows.map((row): Row => ({
        ...row,
        arrow: 'with',
        shut: 'no',
        bleed: 'yes',
        boreMm: 20,
        lengthM: Math.min(row.lengthM ?? 1, 1),
        insulated: 'yes',
      }));
      const tank: Row = part(95, 'tank', 0, { boreMm: 20, bleed: 'yes' });
      const after = assessStage(
        {
          ...withRows({ ...filled, 'warmth.tankFreeMl': 900 }, {}),
          lists: {
            ...build.lists,
            loop: [...mended.slice(0, -1), tank, ...mended.slice(-1)].map((row, i) => ({ ...row, order: i })),
          },
        },
        'warmth',
      );
      expect(after.filter(({ level }) => isBad(level)).map((one) => messageOf(one))).toEqual([]);
    }),
    { numRuns: sampleOf(600, 100) },
  );
});
