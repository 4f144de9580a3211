import { soundBuild } from '../../../tests/soundBuild';
import type { RowOf } from '../../build/lists';
import { layoutFloor } from './layoutFloor';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const vent = (n: number, more: Partial<RowOf<'vents'>>): RowOf<'vents'> => ({
  id: id(n),
  name: `v${n}`,
  level: 'high',
  shape: 'square',
  pieces: 1,
  widthMm: 400,
  heightMm: 400,
  cover: 'open',
  ...more,
});
const drawn = (...vents: RowOf<'vents'>[]) => {
  const build = soundBuild();
  const drawing = layoutFloor({ ...build, lists: { ...build.lists, vents } }, 'above', 800, 600);
  if (!drawing) throw new Error('nothing is drawn');
  return drawing;
};

test('an opening stands on the floor plan where it is, to the same scale as the floor', () => {
  const { vents, scale, floor } = drawn(vent(1, { xMm: 1000, yMm: 500 }));
  const [one] = vents;
  expect(one && (one.x - floor.x) / scale).toBeCloseTo(1000, -1);
  expect(one && (floor.y + floor.h - one.y) / scale).toBeCloseTo(500, -1);
  // As wide as the side of its square of 400 mm.
  const [, from = 0, to = 0] = /^M([\d.]+),[\d.]+H([\d.]+)/.exec(one?.d ?? '')?.map(Number) ?? [];
  expect((to - from) / scale).toBeCloseTo(400, -1);
});
test('one near the ceiling peaks upwards, one near the floor downwards', () => {
  const peak = (d = '') => Number(/L[\d.]+,([\d.]+)Z/.exec(d)?.[1]);
  const { vents } = drawn(vent(1, { xMm: 1000, yMm: 500 }), vent(2, { xMm: 1000, yMm: 500, level: 'low' }));
  expect(peak(vents[0]?.d) < (vents[0]?.y ?? 0) && peak(vents[1]?.d) > (vents[1]?.y ?? 0)).toBe(true);
});
test('one that is blocked or can be shut is drawn as shut, and one without a place is not drawn', () => {
  const at = { xMm: 1000, yMm: 500 };
  const { vents } = drawn(vent(1, at), vent(2, { ...at, blockedBy: 'tape' }), vent(3, { ...at, shuts: 'yes' }), vent(4, {}));
  expect(vents.map(({ name, text, shut }) => [name, text, shut])).toEqual([
    ['v1', 'high 1600 cm²', false],
    ['v2', 'high 0 cm²', true],
    ['v3', 'high 0 cm²', true],
  ]);
});
