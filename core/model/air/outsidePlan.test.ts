import fc from 'fast-check';
import { soundBuild, withValues, type Values } from '../../../tests/soundBuild';
import { firstSpot, layoutOutside } from '../../drawing/outside/layoutOutside';
import {
  apartMm,
  blows,
  downwind,
  facingOf,
  outsidePlan,
  pastRect,
  toRect,
  type OutsidePlan,
  type Outside,
  type Wind,
} from './outsidePlan';

const at = (values: Values): OutsidePlan => {
  const plan = outsidePlan(withValues(soundBuild(), values));
  if (!plan) throw new Error('no plan');
  return plan;
};
const rect = { x: 0, y: 0, length: 3000, width: 1700 };
const window = (x: number, y: number): Outside => ({
  id: 'w',
  name: 'window',
  kind: 'window',
  x,
  y,
  length: 400,
  width: 40,
  highMm: null,
});

test.each([
  [{ x: 1500, y: 1750 }, 50],
  [{ x: 1500, y: 1600 }, -100],
  [{ x: 3030, y: 1740 }, 50],
  [{ x: 20, y: 900 }, -20],
])('%j lies %d mm past a floor of 3 m by 1.7 m, worked by hand', (spot, mm) => {
  expect(pastRect(spot, rect)).toBeCloseTo(mm, 9);
});
test('past and distance agree: outside they are the same, inside the distance is nothing', () => {
  fc.assert(
    fc.property(fc.integer({ min: -2000, max: 5000 }), fc.integer({ min: -2000, max: 4000 }), (x, y) => {
      const past = pastRect({ x, y }, rect);
      expect(toRect({ x, y }, rect)).toBe(Math.max(0, past));
    }),
  );
});
test('between the ends heights count where both are known: 300 by 400 is 500', () => {
  const ends: Values = { 'ends.exhaustXMm': 1000, 'ends.exhaustYMm': 1800, 'ends.intakeXMm': 1300, 'ends.intakeYMm': 1800 };
  expect(apartMm(at({ ...ends, 'ends.intakeHighMm': null }))).toBe(300);
  expect(apartMm(at({ ...ends, 'ends.exhaustHighMm': 200, 'ends.intakeHighMm': 600 }))).toBe(500);
});
test.each([
  ['rearward', 'forward', 2000, 'towards'],
  ['rearward', 'rearward', 2000, 'sameWay'],
  ['rearward', 'forward', 1000, 'opposite'],
  ['forward', 'rearward', 1000, 'towards'],
] as const)('exhaust %s and intake %s, the intake at %d from the front: %s', (out, inward, x, facing) => {
  // Front is at 0: an exhaust at 1500 that looks forward looks at an intake at 1000 that looks rearward.
  const plan = at({
    'ends.exhaustXMm': 1500,
    'ends.exhaustYMm': 1800,
    'ends.exhaustPoints': out,
    'ends.intakeXMm': x,
    'ends.intakeYMm': 1800,
    'ends.intakePoints': inward,
  });
  expect(facingOf(plan)).toBe(facing);
});
test('an opening lies downwind only of the wind that blows from the exhaust to it, for all eight winds', () => {
  const base = at({ 'ends.exhaustXMm': 1500, 'ends.exhaustYMm': 1800 });
  for (const wind of Object.keys(blows) as Wind[]) {
    const along = blows[wind];
    const there = window(1500 + along.x * 1500 - 200, 1800 + along.y * 1500 - 20);
    const hit = (Object.keys(blows) as Wind[]).filter((one) => downwind({ ...base, things: [there] }, one).length > 0);
    expect(hit).toEqual([wind]);
  }
});
test('a wheel downwind is no opening', () => {
  const base = at({ 'ends.exhaustXMm': 1500, 'ends.exhaustYMm': 1800 });
  expect(downwind({ ...base, things: [{ ...window(2500, 1780), kind: 'tyre' }] }, 'front')).toEqual([]);
});

describe('the plan as it is drawn', () => {
  const build = withValues(soundBuild(), {
    'ends.exhaustXMm': 1500,
    'ends.exhaustYMm': 1815,
    'ends.intakeXMm': 900,
    'ends.intakeYMm': 700,
  });
  test('what is far on the right lies far up, what is to the rear lies to the right, to one scale', () => {
    const drawing = layoutOutside(build, 720, 430);
    const [intake, exhaust] = drawing?.ends ?? [];
    expect([exhaust?.id, intake?.id]).toEqual(['exhaust', 'intake']);
    expect(((exhaust?.x ?? 0) - (intake?.x ?? 0)) / 600).toBeCloseTo(drawing?.scale ?? 0, 3);
    expect(((intake?.y ?? 0) - (exhaust?.y ?? 0)) / 1115).toBeCloseTo(drawing?.scale ?? 0, 3);
  });
  test('an opening for air is marked where it stands, with its level and what it leaves free, and goes along when it is dragged', () => {
    const row = {
      id: '00000000-0000-4000-8000-000000000001',
      name: 'grille',
      level: 'low',
      shape: 'square',
      cover: 'open',
    } as const;
    const size = { pieces: 1, widthMm: 200, heightMm: 100, xMm: 2000, yMm: 900 };
    const vented = { ...build, lists: { ...build.lists, vents: [{ ...row, ...size }] } };
    const at = (dx: number) => {
      const drawing = layoutOutside(vented, 720, 430, { moved: { id: row.id, dx, dy: 0 } });
      const thing = drawing?.things.find(({ id }) => id === row.id);
      return { text: thing?.text, x: Number(/L([\d.]+),/.exec(thing?.vent?.d ?? '')?.[1]), scale: drawing?.scale ?? 1 };
    };
    expect(at(0).text).toBe('grille, low 200 cm²');
    expect((at(300).x - at(0).x) / at(0).scale).toBeCloseTo(300, 0);
  });
  test('a planned end is drawn broken, a measured one full: by the less known of its two figures', () => {
    type Place = { planned: number | null; fitted: number | null };
    const ink = (x: Place, y: Place) => {
      const ends = { ...build.sheets.ends, exhaustXMm: x, exhaustYMm: y };
      return layoutOutside({ ...build, sheets: { ...build.sheets, ends } }, 720, 430)?.ends[1]?.ink;
    };
    const [planned, fitted] = [
      { planned: 1815, fitted: null },
      { planned: null, fitted: 1815 },
    ];
    expect([ink(planned, planned), ink(planned, fitted), ink(fitted, fitted)]).toEqual(['planned', 'planned', 'fitted']);
  });
  test('an end says how far past it is while it is dragged', () => {
    const text = (dy: number) => layoutOutside(build, 720, 430, { moved: { id: 'exhaust', dx: 0, dy } })?.ends[1]?.text;
    expect([text(0), text(-200)]).toEqual(['exhaust, 75 mm past', 'exhaust, 125 mm inside']);
  });
  test('within the sheet stays every label, whatever its width', () => {
    fc.assert(
      fc.property(fc.integer({ min: 330, max: 1200 }), fc.integer({ min: -500, max: 3500 }), (width, x) => {
        const drawing = layoutOutside(withValues(build, { 'ends.exhaustXMm': x }), width, 430);
        for (const { label } of [...(drawing?.ends ?? []), ...(drawing?.things ?? [])]) {
          expect(label.x >= 0 && label.x <= width).toBe(true);
          expect(label.y >= 0 && label.y <= (drawing?.height ?? 0)).toBe(true);
        }
      }),
      { numRuns: 40 },
    );
  });
  test('an exhaust that nobody has placed begins out past the side that the heater is nearer to', () => {
    const spot = firstSpot(soundBuild(), 'exhaust');
    const plan = at({});
    expect(spot && pastRect(spot, plan.body)).toBe(40);
  });
});
