import fc from 'fast-check';
import { demoBuild } from '../../../tests/demoBuild';
import { sampleOf } from '../../../tests/seed';
import { id, soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { loomKinds, loomWires } from '../../build/listKinds';
import type { RowOf } from '../../build/lists';
import { layoutLoom, type LoomDrawing } from './layoutLoom';

const sound = demoBuild('Page Turner No. 3');
const drawn = (build: Build, width = 740, ...more: unknown[]): LoomDrawing => {
  const drawing = layoutLoom(build, width, 'start', ...(more as [never]));
  if (!drawing) throw new Error('nothing is drawn');
  return drawing;
};
const keys = <T extends object>(table: T) => fc.constantFrom(...(Object.keys(table) as (keyof T)[]));
/** Any parts and wires, also such as lead nowhere, in rings, or from a part to itself. */
const anyLoom = fc.integer({ min: 1, max: 12 }).chain((count) =>
  fc.record({
    loomParts: fc.tuple(
      ...Array.from({ length: count }, (_, i) => fc.record({ id: fc.constant(id(400 + i)), kind: keys(loomKinds) })),
    ),
    cables: fc.array(
      fc.record({
        fromId: fc.integer({ min: 0, max: count }).map((i) => id(400 + i)),
        toId: fc.integer({ min: 0, max: count }).map((i) => id(400 + i)),
        wire: keys(loomWires),
      }),
      { maxLength: 20 },
    ),
  }),
);
const buildOf = ({ loomParts, cables }: { loomParts: RowOf<'loomParts'>[]; cables: Omit<RowOf<'cables'>, 'id'>[] }): Build => {
  const build = soundBuild();
  return { ...build, lists: { ...build.lists, loomParts, cables: cables.map((row, i) => ({ ...row, id: id(500 + i) })) } };
};

test('no part lies over another, nor out of the page, whatever the rows', () => {
  fc.assert(
    fc.property(anyLoom, fc.integer({ min: 320, max: 1300 }), (rows, width) => {
      const { parts, wires, width: w, height: h } = drawn(buildOf(rows), width);
      expect(JSON.stringify([parts, wires])).not.toMatch(/NaN|Infinity|null/);
      parts.forEach((a, i) => {
        expect(a.x - a.w / 2 >= 0 && a.x + a.w / 2 <= Math.max(w, width) && a.y + a.h / 2 <= h).toBe(true);
        for (const b of parts.slice(i + 1)) expect(Math.abs(a.x - b.x) >= a.w || Math.abs(a.y - b.y) >= a.h).toBe(true);
      });
    }),
    { numRuns: sampleOf(500, 80) },
  );
});
test('from the left to the right where that fits, and from the top down on a phone', () => {
  const order = (width: number) => {
    const { across, parts } = drawn(sound, width);
    const at = (name: string) => parts.find((part) => part.name === name);
    return [across, ...['battery', 'fuse', 'plug', 'heater'].map((name) => at(name)?.[across ? 'x' : 'y'] ?? NaN)];
  };
  for (const width of [740, 360]) {
    const [across, ...places] = order(width);
    expect(across).toBe(width > 600);
    expect(places).toEqual([...places].sort((a, b) => Number(a) - Number(b)));
  }
});
test('a wire is as thick as its amps, and tells its length, its area and what it loses', () => {
  const { wires } = drawn(sound);
  const feed = wires.find(({ name }) => name === 'fuse to plug');
  const pump = wires.find(({ name }) => name === 'pump lead');
  expect(feed?.labels.map(({ text }) => text)).toEqual(['2.3 m, 4 mm²', '0.11 V']);
  expect([feed?.thick, pump?.thick]).toEqual([6.6, 1.6]);
});
test('what is badly seated, twisted or led past heat is marked', () => {
  const { parts, wires } = drawn(demoBuild('Fellgate Control'));
  expect(parts.filter(({ poor }) => poor).map(({ name }) => name)).toEqual(['joint behind the desk', 'earth under the seat']);
  expect(wires.filter(({ poor }) => poor).map(({ name }) => name)).toEqual([
    'joint behind the desk to heater',
    'blower relay lead',
  ]);
});
test('a part that is dragged is where the hand is, and its wires follow; the rest stays', () => {
  const still = drawn(sound);
  const fuse = still.parts.find(({ name }) => name === 'fuse');
  const moved = layoutLoom(sound, 740, 'start', { id: fuse?.id ?? '', x: 300, y: 260 });
  expect(moved?.parts.find(({ name }) => name === 'fuse')).toMatchObject({ x: 300, y: 260 });
  const others = (drawing: LoomDrawing | null) => drawing?.parts.filter(({ name }) => name !== 'fuse').map(({ x, y }) => [x, y]);
  expect(others(moved)).toEqual(others(still));
  const ways = (drawing: LoomDrawing | null) =>
    drawing?.wires.filter(({ name }) => /^battery to fuse|^fuse to plug/.test(name)).map(({ d }) => d);
  expect(ways(moved)).not.toEqual(ways(still));
});
test('on a narrow page nobody moves anything, and what was moved on a wide one lies in its row', () => {
  const parts = (sound.lists?.loomParts ?? []).map((row) => ({ ...row, xPx: 900, yPx: 900 }));
  const { movable, width } = drawn({ ...sound, lists: { ...sound.lists, loomParts: parts } }, 360);
  expect([movable, width <= 360]).toEqual([false, true]);
});
test('what is missing is said, and the loom is drawn all the same', () => {
  const cables = (sound.lists?.cables ?? []).map(({ areaMm2: _area, ...row }) => row);
  const { missing, wires } = drawn({ ...sound, lists: { ...sound.lists, cables } });
  expect(missing?.labels.join()).toContain('area of “battery to fuse”');
  expect(wires.length).toBe(cables.length);
});
