import fc from 'fast-check';
import { id, soundBuild, soundLists } from '../../../tests/soundBuild';
import { broken, foulsOf, hotClear, inletClear, keeps, siteLimits } from './checkPlace';
import { cureState, drillingPlan } from './drillingPlan';
import { distanceToRect, toFloor, toHeater, type Place } from './frame';
import { layoutFloor, movePlace } from '../../drawing/floor/layoutFloor';
import { searchPlaces } from './searchPlaces';
import type { SitingPlan, Thing } from './SitingPlan';
import { stackLayers, stackMm } from './stackUp';
import { templateShapes } from '../../drawing/floor/templateShapes';
import { tapEngagementPercent, threadNeededMm } from './threads';

const mm = (min: number, max: number) => fc.integer({ min, max });
const thing = (kind: Thing['kind']): fc.Arbitrary<Thing> =>
  fc.record({
    id: fc.constant('t'),
    name: fc.constant('thing'),
    kind: fc.constant(kind),
    x: mm(0, 1200),
    y: mm(0, 900),
    length: mm(10, 500),
    width: mm(10, 500),
  });
const smallPlan: fc.Arbitrary<SitingPlan> = fc.record({
  floor: fc.record({ length: mm(500, 1300), width: mm(400, 1000) }),
  heater: fc.record({ length: mm(200, 340), width: mm(90, 140) }),
  below: fc.array(fc.oneof(thing('rail'), thing('brakePipe')), { maxLength: 4 }),
  above: fc.array(thing('furniture'), { maxLength: 3 }),
  holes: fc.array(
    fc.record({
      id: fc.constant('h'),
      name: fc.constant('hole'),
      kind: fc.constantFrom('exhaust' as const, 'air' as const),
      along: mm(-120, 120),
      across: mm(-50, 50),
      radius: mm(3, 40),
    }),
    { minLength: 1, maxLength: 3 },
  ),
  limits: fc.constant({ inlet: 50, hot: 115, side: 10, cut: 10, hotHole: 50 }),
  targets: fc.constant({ duct: { x: 100, y: 100 }, fuel: null, battery: null }),
});
const anyPlace: fc.Arbitrary<Place> = fc.record({
  x: mm(0, 1300),
  y: mm(0, 1000),
  turnDeg: fc.oneof(fc.constantFrom(0, 90, 180, 270), mm(0, 359)),
});

/** Whether points of a strip, every few millimetres, hit something or leave the floor: slow, and knows nothing of the code's own ways. */
function stripIsFree(plan: SitingPlan, place: Place, from: number, to: number, half: number, step = 2): boolean {
  for (let along = from; along <= to; along += step)
    // Both edges of the strip are looked at, wherever the steps fall.
    for (let i = 0; i <= Math.ceil((2 * half) / step); i += 1) {
      const across = Math.min(-half + i * step, half);
      const angle = (place.turnDeg * Math.PI) / 180;
      const x = place.x + along * Math.cos(angle) + across * Math.sin(angle);
      const y = place.y + along * Math.sin(angle) - across * Math.cos(angle);
      if (x < -0.01 || y < -0.01 || x > plan.floor.length + 0.01 || y > plan.floor.width + 0.01) return false;
      // Strictly inside: touching is no overlap.
      if (plan.above.some((t) => x > t.x + 0.01 && x < t.x + t.length - 0.01 && y > t.y + 0.01 && y < t.y + t.width - 0.01))
        return false;
    }
  return true;
}

describe('geometry of the floor', () => {
  test('from the heater to the floor and back; the hot end to the rear has the left side at its right hand', () => {
    fc.assert(
      fc.property(anyPlace, mm(-300, 300), mm(-300, 300), (place, along, across) => {
        const back = toHeater(place, toFloor(place, { along, across }));
        expect(back.along).toBeCloseTo(along, 6);
        expect(back.across).toBeCloseTo(across, 6);
      }),
    );
    expect(toFloor({ x: 1000, y: 500, turnDeg: 0 }, { along: 0, across: 100 })).toEqual({ x: 1000, y: 400 });
    expect(toFloor({ x: 1000, y: 500, turnDeg: 90 }, { along: 100, across: 0 })).toEqual({ x: 1000, y: 600 });
  });
  test('free length ahead of both ends: all of it is free, and no more than it, by points on a grid', () => {
    fc.assert(
      fc.property(smallPlan, anyPlace, (plan, place) => {
        const [end, half] = [plan.heater.length / 2, plan.heater.width / 2];
        // Where the heater itself stands half outside or in something, there is no length to speak of.
        fc.pre(stripIsFree(plan, place, -end, end, half, 5));
        for (const [way, clear] of [
          [1, hotClear(plan, place)],
          [-1, inletClear(plan, place)],
        ] as const) {
          const turned = way === 1 ? place : { ...place, turnDeg: place.turnDeg + 180 };
          if (clear > 4) expect(stripIsFree(plan, turned, end, end + Math.min(clear, 2000) - 2, half - 0.5)).toBe(true);
          if (clear < 2000) expect(stripIsFree(plan, turned, end, end + clear + 6, half, 1.5)).toBe(false);
        }
      }),
      { numRuns: 120 },
    );
  }, 60000);
  test('gaps between holes and things below, by the nearest of many points', () => {
    fc.assert(
      fc.property(thing('rail'), mm(-200, 1600), mm(-200, 1200), (rect, x, y) => {
        let nearest = Infinity;
        for (let i = 0; i <= 200; i += 1)
          for (const [px, py] of [
            [rect.x + (rect.length * i) / 200, rect.y],
            [rect.x + (rect.length * i) / 200, rect.y + rect.width],
            [rect.x, rect.y + (rect.width * i) / 200],
            [rect.x + rect.length, rect.y + (rect.width * i) / 200],
          ] as const)
            nearest = Math.min(nearest, Math.hypot(px - x, py - y));
        const inside = x >= rect.x && x <= rect.x + rect.length && y >= rect.y && y <= rect.y + rect.width;
        expect(Math.abs(distanceToRect(x, y, rect) - (inside ? 0 : nearest))).toBeLessThan(2);
      }),
    );
  });
});

describe('find me a place', () => {
  test('every place found keeps every limit, and a brute-force count over the same grid agrees; where none is, it says what is in the way', () => {
    fc.assert(
      fc.property(smallPlan, (plan) => {
        const result = searchPlaces(plan, { stepMm: 20 });
        if (!result) throw new Error('cancelled');
        let [good, tried] = [0, 0];
        const without: Record<string, number> = {};
        for (const turnDeg of [0, 90, 180, 270])
          for (let x = 0; x <= plan.floor.length; x += 20)
            for (let y = 0; y <= plan.floor.width; y += 20) {
              const [hx, hy] =
                turnDeg % 180 === 0
                  ? [plan.heater.length / 2, plan.heater.width / 2]
                  : [plan.heater.width / 2, plan.heater.length / 2];
              if (x < hx || y < hy || x > plan.floor.length - hx || y > plan.floor.width - hy) continue;
              tried += 1;
              const wrong = broken(plan, { x, y, turnDeg });
              if (wrong.length === 0) good += 1;
              if (wrong.length === 1) without[wrong[0] ?? ''] = (without[wrong[0] ?? ''] ?? 0) + 1;
            }
        expect([result.good, result.tried]).toEqual([good, tried]);
        for (const { place } of result.found) {
          expect(broken(plan, place)).toEqual([]);
          const [end, half] = [plan.heater.length / 2, plan.heater.width / 2];
          expect(stripIsFree(plan, place, -end - 50, end + 115, half - 0.5, 4)).toBe(true);
          expect(foulsOf(plan, place)).toEqual([]);
        }
        if (good === 0) {
          expect(result.found).toEqual([]);
          expect(Object.fromEntries(result.inTheWay.map((told) => [told.limit, told.without]))).toEqual(without);
        }
      }),
      { numRuns: 25 },
    );
  }, 60000);
  test('it ranks by what is wanted, says what each gives up, and can be stopped', () => {
    const plan: SitingPlan = {
      floor: { length: 2000, width: 1500 },
      heater: { length: 320, width: 120 },
      below: [],
      above: [],
      holes: [{ id: 'h', name: 'exhaust', kind: 'exhaust', along: 0, across: 0, radius: 12 }],
      limits: { inlet: 50, hot: 115, side: 10, cut: 10, hotHole: 50 },
      targets: { duct: { x: 1800, y: 700 }, fuel: { x: 200, y: 700 }, battery: null },
    };
    const result = searchPlaces(plan, { stepMm: 50 });
    const [first] = result?.found ?? [];
    const ducts = result?.found.map((f) => f.ductMm ?? 0) ?? [];
    expect(Math.min(...ducts)).toBeLessThan(60);
    for (const found of result?.found ?? [])
      if ((found.ductMm ?? 0) > Math.min(...ducts) + 60) expect(found.givesUp.join()).toMatch(/more duct/);
    expect(first && keeps(plan, first.place, 'hot')).toBe(true);
    expect(searchPlaces(plan, { cancelled: () => true })).toBeNull();
    expect(() => searchPlaces(plan, { stepMm: 0 })).toThrow(RangeError);
    const small = searchPlaces({ ...plan, floor: { length: 200, width: 100 } });
    expect([small?.tried, small?.found, small?.inTheWay]).toEqual([0, [], []]);
  });
});

test('threads: needs by ISO 4032 and 7089, engagement by ISO 68-1 (each from memory)', () => {
  expect(threadNeededMm('M6')).toBeCloseTo(1.6 + 5.2 + 1, 9);
  expect(threadNeededMm('M8')).toBeCloseTo(1.6 + 6.8 + 1.25, 9);
  expect(Math.round(tapEngagementPercent('M8', 6.8))).toBe(89);
  expect(Math.round(tapEngagementPercent('M8', 7.5))).toBe(37);
});

describe('section, plan of drilling, template', () => {
  const build = soundBuild();
  test('the section stacks what is left under the plate', () => expect(stackMm(stackLayers(soundLists.stack ?? []))).toBe(19));
  test('pilots come first, then a look below, then the saw, large before small, sealant and bolts last', () => {
    const steps = drillingPlan(build) ?? [];
    const at = (what: RegExp) => steps.findIndex((s) => what.test(s.what));
    const lastPilot = steps.map((s) => /^Pilot for “/.test(s.what)).lastIndexOf(true);
    expect(at(/^Cut vinyl back/)).toBe(0);
    expect(lastPilot).toBeLessThan(at(/^Look underneath/));
    expect(at(/^Look underneath/)).toBeLessThan(at(/^Cut “exhaust”/));
    expect(at(/^Cut “exhaust”/)).toBeLessThan(at(/^Cut “stud 1”/));
    expect(at(/^Sealant/)).toBeLessThan(steps.length - 1);
    expect(steps[at(/^Cut “exhaust”/)]).toMatchObject({ tool: 'hole saw 25 mm', at: { x: 1540, y: 778 } });
    expect(steps[at(/^Cut “stud 1”/)]?.tool).toBe('twist drill 7 mm');
  });
  test('the clock of a sealant runs from when it was put on', () => {
    const seal = { appliedAt: '2026-11-17T09:00:00.000Z', cureH: 24 };
    expect(cureState(seal, Date.parse('2026-11-17T15:00:00.000Z'))?.leftMs).toBe(18 * 3600_000);
    expect(cureState(seal, Date.parse('2026-11-19T15:00:00.000Z'))?.leftMs).toBe(0);
    expect(cureState({ cureH: 24 }, 0)).toBeNull();
  });
  test('the template from below is that from above in a mirror: same holes, same distances', () => {
    const [above, below] = [templateShapes(build, 'above'), templateShapes(build, 'below')];
    const circles = (t: typeof above) => t?.shapes.flatMap((s) => (s.kind === 'circle' ? [s] : [])) ?? [];
    expect(circles(above)).toHaveLength(4);
    expect(circles(below).map((c) => [c.x, -c.y, c.radius])).toEqual(circles(above).map((c) => [c.x, c.y, c.radius]));
    // Looking along the hot end's way the exhaust's hole is 22 mm to the right, so below the middle on a page seen from above.
    expect(circles(above)[0]).toMatchObject({ x: 40, y: -22, radius: 12.5 });
  });
  test('the floor seen from below is mirrored, front still at the left', () => {
    const [above, below] = (['above', 'below'] as const).map((view) => layoutFloor(build, view, 800, 600));
    const hole = (d: typeof above) => d?.holes[0];
    expect(hole(above)?.x).toBe(hole(below)?.x);
    const middle = (above?.floor.y ?? 0) + (above?.floor.h ?? 0) / 2;
    expect((hole(above)?.y ?? 0) - middle).toBeCloseTo(middle - (hole(below)?.y ?? 0), 0);
  });
  test('a move keeps whole millimetres, stays on the floor, and is drawn to a datum only where that is asked', () => {
    const marked = {
      ...build,
      lists: { ...soundLists, datums: [{ id: id(90), name: 'middle', axis: 'left' as const, atMm: 850 }] },
    };
    const from = { x: 1500, y: 800, turnDeg: 0 };
    expect(movePlace(marked, from, 3.4, 44, true)).toEqual({ x: 1503, y: 850, turnDeg: 0 });
    expect(movePlace(marked, from, 3.4, 44, false)).toEqual({ x: 1503, y: 844, turnDeg: 0 });
    expect(movePlace(marked, from, -5000, 5000, true)).toEqual({ x: 0, y: 1700, turnDeg: 0 });
  });
  test('one thing after another is asked of a place, whatever the turn: none throws', () => {
    fc.assert(
      fc.property(smallPlan, anyPlace, (plan, place) => {
        for (const limit of siteLimits) expect(typeof keeps(plan, place, limit)).toBe('boolean');
      }),
    );
  });
});

describe('heat and walls', () => {
  // Distances by hand on a plan whose one hole is a circle of 12 mm at 500, 400; 50 mm from what is hot is common practice, no source.
  const plan = (kind: SitingPlan['holes'][number]['kind'], thing: Thing['kind'], gapMm: number): SitingPlan => ({
    floor: { length: 1000, width: 800 },
    heater: { length: 320, width: 120 },
    below: [{ id: 't', name: 'thing', kind: thing, x: 512 + gapMm, y: 300, length: 100, width: 200 }],
    above: [],
    holes: [{ id: 'h', name: 'hole', kind, along: 0, across: 0, radius: 12 }],
    limits: { inlet: 50, hot: 115, side: 10, cut: 10, hotHole: 50 },
    targets: { duct: null, fuel: null, battery: null },
  });
  const middle: Place = { x: 500, y: 400, turnDeg: 0 };
  test.each<[SitingPlan['holes'][number]['kind'], Thing['kind'], number]>([
    ['exhaust', 'fuelPipe', 50],
    ['turret', 'fuelPipe', 50],
    ['turret', 'wiring', 50],
    ['fuel', 'engineExhaust', 50],
    ['loom', 'engineExhaust', 50],
    ['fuel', 'fuelPipe', 10],
    ['turret', 'rail', 10],
  ])('a hole of kind %s beside a thing of kind %s wants %d mm', (kind, thing, wantedMm) => {
    expect(foulsOf(plan(kind, thing, wantedMm - 1), middle)).toMatchObject([{ gapMm: wantedMm - 1, wantedMm }]);
    expect(foulsOf(plan(kind, thing, wantedMm), middle)).toEqual([]);
  });
  test('a place keeps its side limit to the walls, and the search finds none that does not', () => {
    const narrow = { ...plan('exhaust', 'rail', 400), floor: { length: 1000, width: 140 }, below: [] };
    expect([
      keeps(narrow, { x: 500, y: 70, turnDeg: 0 }, 'walls'),
      keeps(narrow, { x: 500, y: 69, turnDeg: 0 }, 'walls'),
    ]).toEqual([true, false]);
    const found = searchPlaces(plan('exhaust', 'rail', 400), { stepMm: 10 })?.found ?? [];
    expect(found.length).toBeGreaterThan(0);
    for (const { place } of found) {
      const half = place.turnDeg % 180 === 0 ? [place.y, 800 - place.y] : [place.x, 1000 - place.x];
      expect(Math.min(...half) - 60).toBeGreaterThanOrEqual(10);
    }
  });
  // A metre of cable weighs half a metre of duct or of line: Lorbet's own choice, no source.
  test('pulled one way by the cable and the other by duct or line, the best place stands at the duct’s or the line’s end', () => {
    const free = { ...plan('loom', 'rail', 400), below: [], floor: { length: 2000, width: 400 } };
    const [front, rear] = [
      { x: 200, y: 200 },
      { x: 1800, y: 200 },
    ];
    for (const target of ['duct', 'fuel'] as const) {
      const pulled = { ...free, targets: { duct: null, fuel: null, battery: rear, [target]: front } };
      const best = searchPlaces(pulled, { stepMm: 20 })?.found[0];
      expect([target, (best?.place.x ?? 2000) < 1000]).toEqual([target, true]);
    }
    // Two metres of cable weigh as much as one of duct: pulled by both from behind, it goes there.
    const both = searchPlaces({ ...free, targets: { duct: rear, fuel: front, battery: rear } }, { stepMm: 20 })?.found[0];
    expect((both?.place.x ?? 0) > 1000).toBe(true);
  });
});
