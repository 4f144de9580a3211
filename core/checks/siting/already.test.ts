import fc from 'fast-check';
import { soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import type { stackKinds } from '../../build/listKinds';
import { rowsOf } from '../../build/lists';
import { assessOne } from '../assess';
import { messageOf, remedyOf } from '../findingText';

type Layer = { kind: keyof typeof stackKinds; thicknessMm?: number; cutBack: 'yes' | 'no' };
const kinds = ['plate', 'gasket', 'covering', 'timber', 'insulation', 'metal', 'rib'] as const;
const rowId = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const withLayers = (build: Build, layers: readonly Layer[]): Build => ({
  ...build,
  lists: { ...build.lists, stack: layers.map((layer, i) => ({ id: rowId(i + 1), ...layer })) },
});
const measured = fc.record({
  kind: fc.constantFrom(...kinds),
  thicknessMm: fc.double({ min: 0.1, max: 40, noNaN: true }),
  cutBack: fc.constantFrom('yes' as const, 'no' as const),
});
const floor = fc.array(measured, { minLength: 1, maxLength: 6 });
const figures = fc.record({
  'siting.studLengthMm': fc.integer({ min: 10, max: 120 }),
  'siting.spigotLengthMm': fc.integer({ min: 10, max: 120 }),
  'siting.clampWidthMm': fc.integer({ min: 5, max: 20 }),
  'siting.screwLengthMm': fc.integer({ min: 1, max: 80 }),
});
const checks = ['siting.stack.thread', 'siting.stack.spigot', 'siting.screw.length'] as const;
const isBad = (build: Build, id: string) => {
  const level = assessOne(build, id)?.level;
  return level === 'fix' || level === 'stop';
};
const without = (layers: readonly Layer[], at: number): Layer[] =>
  layers.map(({ thicknessMm, ...layer }, i) => (i === at ? layer : { ...layer, thicknessMm }));

test.each(checks)('%s: what is told while a layer is not measured stays told once it is, however thick it turns out', (id) => {
  let told = 0;
  fc.assert(
    fc.property(floor, fc.nat(), figures, (layers, at, values) => {
      const whole = withLayers(soundBuild(values), layers);
      const part = withLayers(whole, without(layers, at % layers.length));
      if (!isBad(part, id)) return;
      told += 1;
      expect([id, isBad(whole, id)]).toEqual([id, true]);
    }),
    { numRuns: 600 },
  );
  expect(told).toBeGreaterThan(20);
});

test.each(checks)('%s: no finding gets better by leaving out how thick the other layers are, but to be measured', (id) => {
  fc.assert(
    fc.property(floor, fc.nat(), figures, (layers, at, values) => {
      const whole = withLayers(soundBuild(values), layers);
      const part = withLayers(whole, without(layers, at % layers.length));
      const level = assessOne(part, id)?.level;
      // Never sound, never a watch: something of the floor is not known.
      if (layers.length > 0) expect(level === 'fix' || level === 'open' || values['siting.screwLengthMm'] === 0).toBe(true);
    }),
    { numRuns: 300 },
  );
});

describe('its remedy clears it', () => {
  const build = soundBuild({ 'siting.studLengthMm': 45, 'siting.studThread': 'M6', 'siting.spigotLengthMm': 50 });
  const layers: Layer[] = [
    { kind: 'plate', thicknessMm: 4, cutBack: 'no' },
    { kind: 'timber', thicknessMm: 42, cutBack: 'no' },
    { kind: 'metal', cutBack: 'no' },
  ];
  const thread = (of: Build) => {
    const finding = assessOne(of, 'siting.stack.thread');
    if (!finding) throw new Error('no finding');
    return finding;
  };
  test('it says to measure the rest and to cut back or to buy', () => {
    const finding = thread(withLayers(build, layers));
    expect(messageOf(finding)).toMatch(/^Through the layers that are measured studs of 45 mm leave at most 0\.0 mm/);
    expect(remedyOf(finding)).toBe('Measure the other layers, then cut one back under the plate or buy longer studs.');
  });
  test('done step by step it is told until the last step, and then no more', () => {
    const all = layers.map((layer) => ({ thicknessMm: 2, ...layer }));
    const cut = all.map((layer) => (layer.kind === 'timber' ? { ...layer, cutBack: 'yes' as const } : layer));
    expect([layers, all, cut].map((rows) => thread(withLayers(build, rows)).level)).toEqual(['fix', 'fix', 'sound']);
  });
  test('cut back before the rest is measured, what is left is only to be measured', () => {
    const cut = layers.map((layer) => (layer.kind === 'timber' ? { ...layer, cutBack: 'yes' as const } : layer));
    const after = withLayers(build, cut);
    expect(thread(after).level).toBe('open');
    expect(rowsOf(after.lists, 'stack').filter(({ thicknessMm }) => thicknessMm === undefined)).toHaveLength(1);
  });
  test('longer studs alone clear it too, as far as is known', () => {
    const longer = soundBuild({ 'siting.studLengthMm': 80, 'siting.studThread': 'M6' });
    expect(thread(withLayers(longer, layers)).level).toBe('open');
  });
});
