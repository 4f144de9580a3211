import fc from 'fast-check';
import { soundBuild, withValues } from '../../../tests/soundBuild';
import { emptyBuild } from '../../build/emptyBuild';
import { assess } from '../../checks/assess';
import { movePump, moveTank, tiltPump, type Moved } from './dragRun';
import { layoutRun } from './layoutRun';
import { describeRun } from './describeRun';
import { placeLabels, type Box } from './placeLabels';
import { runGeometry } from './runGeometry';

const apply = (build: ReturnType<typeof soundBuild>, moved: readonly Moved[]) => ({
  ...withValues(build, Object.fromEntries(moved.flatMap((move) => ('path' in move ? [[move.path, move.value]] : [])))),
  lists: {
    ...build.lists,
    segments: (build.lists?.segments ?? []).map((row) => ({
      ...row,
      ...Object.fromEntries(moved.flatMap((move) => ('row' in move && move.row === row.id ? [[move.column, move.value]] : []))),
    })),
  },
});
const none = new Set<never>();

test('lines lie at their lengths: ends as far apart as the line is long, on paper and in the drawing', () => {
  const build = soundBuild();
  const g = runGeometry(build, none);
  expect(Math.hypot(g.pumpIn.x - g.pickup.top.x, g.pumpIn.z - g.pickup.top.z)).toBeCloseTo(600, 6);
  expect(Math.hypot(g.heaterIn.x - g.pumpIn.x, g.heaterIn.z - g.pumpIn.z)).toBeCloseTo(2800, 6);
  const drawing = layoutRun(build, assess(build), 1150, 300);
  expect((drawing.pump.x - drawing.boxes.tank.x) / drawing.scale).toBeCloseTo(g.pumpIn.x, -0.5);
  expect(drawing.pump.angleDeg).toBe(25);
});
test('the pump goes where it is dragged, and the heater stays where it is', () => {
  fc.assert(
    fc.property(fc.integer({ min: -300, max: 1500 }), fc.integer({ min: -200, max: 200 }), (dx, dz) => {
      const before = runGeometry(soundBuild(), none);
      const after = runGeometry(apply(soundBuild(), movePump(soundBuild(), dx, dz)), none);
      expect(Math.abs(after.pumpIn.x - before.pumpIn.x - dx)).toBeLessThan(40);
      expect(after.pumpIn.z - before.pumpIn.z).toBeCloseTo(dz, 6);
      expect(Math.abs(after.heaterIn.x - before.heaterIn.x)).toBeLessThan(40);
    }),
  );
});
test('the tank lowered by 100 mm leaves pump and heater 100 mm higher above its floor', () => {
  expect(moveTank(soundBuild(), 0, -100)).toEqual(
    expect.arrayContaining([
      { path: 'fuel.pumpAboveTankFloorMm', value: 160 },
      { path: 'fuel.heaterAboveTankFloorMm', value: 500 },
    ]),
  );
  expect(tiltPump(123.4)).toEqual([{ path: 'fuel.pumpAngleDeg', value: 90 }]);
});
test('ink tells planned, fitted and proven apart', () => {
  const ink = (build: ReturnType<typeof soundBuild>) => layoutRun(build, assess(build), 1150, 300).geometry.ink.pump;
  const planned = soundBuild();
  planned.sheets.fuel.pumpAboveTankFloorMm.fitted = null;
  expect([
    ink(emptyBuild(planned.id, planned.identity)),
    ink(planned),
    ink({ ...soundBuild(), primingRuns: [] }),
    ink(soundBuild()),
  ]).toEqual(['unknown', 'planned', 'fitted', 'proven']);
});
test('any lengths and heights draw inside the sheet, without a hole in a path', () => {
  fc.assert(
    fc.property(
      fc.record({
        s: fc.double({ min: 0.05, max: 15, noNaN: true }),
        p: fc.double({ min: 0.1, max: 20, noNaN: true }),
        pump: fc.integer({ min: -1500, max: 2500 }),
        heater: fc.integer({ min: -1500, max: 3000 }),
        past: fc.integer({ min: -3000, max: 1500 }),
        feed: fc.double({ min: 0.1, max: 40, noNaN: true }),
      }),
      ({ s, p, pump, heater, past, feed }) => {
        const build = soundBuild({
          'fuel.suctionLengthM': s,
          'fuel.pressureLengthM': p,
          'fuel.pumpAboveTankFloorMm': pump,
          'fuel.heaterAboveTankFloorMm': heater,
          'air.exhaustPastOutlineMm': past,
          'wiring.feedLengthM': feed,
        });
        const drawing = layoutRun(build, [], 1150, 300);
        expect(drawing.scale).toBeGreaterThan(0);
        for (const mark of drawing.marks) if (mark.kind === 'path') expect(mark.d).not.toMatch(/NaN|Infinity|undefined/);
        for (const { x, y } of Object.values(drawing.anchors)) expect(x > -40 && x < 1190 && y > -80 && y < 420).toBe(true);
      },
    ),
    { numRuns: 150 },
  );
});

test('labels stay on the sheet and cover each other only where there is no room', () => {
  const box = fc.record({
    cx: fc.integer({ min: 0, max: 900 }),
    cy: fc.integer({ min: 0, max: 300 }),
    w: fc.integer({ min: 18, max: 120 }),
    h: fc.constant(18),
  });
  const covers = (a: Box, b: Box) => Math.abs(a.cx - b.cx) < (a.w + b.w) / 2 && Math.abs(a.cy - b.cy) < (a.h + b.h) / 2;
  fc.assert(
    fc.property(fc.array(box, { maxLength: 6 }), fc.array(box, { maxLength: 4 }), (labels, bodies) => {
      const placed = placeLabels(labels, bodies, { width: 1000, height: 400 });
      expect(placed).toHaveLength(labels.length);
      for (const { cx, cy, w, h } of placed)
        expect(cx - w / 2 >= 0 && cx + w / 2 <= 1000 && cy - h / 2 >= 0 && cy + h / 2 <= 400).toBe(true);
    }),
  );
  const pile: Box[] = Array.from({ length: 5 }, () => ({ cx: 500, cy: 200, w: 60, h: 18 }));
  const placed = placeLabels(pile, [], { width: 1000, height: 400 });
  expect(placed.some((a, i) => placed.some((b, j) => i < j && covers(a, b)))).toBe(false);
});
test('the run in words tells every part with its figures and its worst finding', () => {
  const build = soundBuild({ 'fuel.pumpAngleDeg': 5 });
  const words = describeRun(build, assess(build));
  expect(words.map(({ part }) => part)).toEqual(
    Object.keys(layoutRun(build, [], 1150, 300).boxes).sort(
      (a, b) => words.findIndex((w) => w.part === a) - words.findIndex((w) => w.part === b),
    ),
  );
  expect(words.find(({ part }) => part === 'pump')?.text).toMatch(/outlet up 5 degrees.*FIX: Pump lies at 5°/);
});
const named = (build: ReturnType<typeof soundBuild>) =>
  layoutRun(build, [], 1150, 300).marks.flatMap((mark) => (mark.kind === 'path' && mark.name ? [mark.name] : []));
test.each([
  ['noMuffler', false, false],
  ['closed', true, false],
  ['lowest', true, true],
  ['notLowest', true, true],
] as const)('a muffler is drawn where one was found, with the hole that was found in it: %s', (found, can, hole) => {
  const marks = named(soundBuild({ 'air.mufflerHole': found }));
  expect([marks.includes('muffler'), marks.includes('drain hole')]).toEqual([can, hole]);
});
test('of a muffler that nobody has looked for there is nothing on the run', () => {
  expect(named(soundBuild({ 'air.mufflerHole': null }))).not.toContain('muffler');
});
test.each(['box', 'upright', 'lying'] as const)('the fuel stays within the shell of a tank that is %s, however full', (shape) => {
  fc.assert(
    fc.property(fc.integer({ min: 80, max: 400 }), fc.integer({ min: 1, max: 400 }), (heightMm, levelMm) => {
      const build = soundBuild({ 'tank.shape': shape, 'fuel.tankHeightMm': heightMm, 'fuel.fuelLevelMm': levelMm });
      const { marks, boxes } = layoutRun(build, [], 1150, 300);
      const fuel = marks.flatMap((mark) => (mark.kind === 'path' && mark.name === 'fuel' ? [mark.d] : []));
      const spots = fuel.flatMap((d) =>
        [...d.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const),
      );
      expect(spots.length).toBeGreaterThan(3);
      const { x, y, w, h } = boxes.tank;
      for (const [px, py] of spots) expect(px >= x - 0.2 && px <= x + w + 0.2 && py >= y - 0.2 && py <= y + h + 0.2).toBe(true);
      // A lying drum is round at its ends: at its lowest the fuel does not reach them.
      if (shape === 'lying')
        expect(Math.min(...spots.filter(([, py]) => py > y + h - 0.3).map(([px]) => px))).toBeGreaterThan(x + h * 0.2);
    }),
    { numRuns: 60 },
  );
});

describe('pipes that are known piece by piece', () => {
  const piece = (n: number, more: object) => ({
    id: `00000000-0000-4000-8000-0000000009${n}0`, name: `length ${n}`, of: 'exhaust' as const, kind: 'pipe' as const, order: n, lengthM: 0.4, riseMm: -40, joint: 'band' as const, ...more,
  }); // prettier-ignore
  const build = { ...soundBuild({ 'air.mufflerHole': 'lowest' }) };
  const rows = [
    piece(1, {}),
    piece(2, { name: 'can', kind: 'muffler', riseMm: 0 }),
    piece(3, { cover: 'wrap', riseMm: -30, drain: 'drilled' }),
  ];
  const own = { ...build, lists: { ...build.lists, pipes: rows } };
  const named = (name: string) =>
    layoutRun(own, [], 1150, 300).marks.filter((mark) => mark.kind === 'path' && mark.name?.startsWith(name));
  test('each lies at its length and its rise, one after the other', () => {
    const { start, end, pieces } = runGeometry(own, none).exhaust;
    const ends = [start, ...pieces.map(({ to }) => to)];
    ends.slice(1).forEach((to, i) => expect(Math.hypot(to.x - (ends[i]?.x ?? 0), to.z - (ends[i]?.z ?? 0))).toBeCloseTo(400, 6));
    expect([pieces.map(({ to }) => start.z - to.z), end]).toEqual([[40, 40, 70], pieces[2]?.to]);
  });
  test('the muffler is drawn where it sits, with its hole, and joints, wrap and drain where they are', () => {
    expect(
      ['muffler', 'drain hole', 'joint before', 'length 3, wrap', 'drain of length 3'].map((name) => named(name).length),
    ).toEqual([1, 1, 2, 1, 1]);
  });
  test('in words, piece by piece, and what drains', () => {
    expect(describeRun(own, []).find(({ part }) => part === 'exhaust')?.text).toMatch(
      /^length 1, 0\.4 m, falls 40 mm, can, 0\.4 m, rises 0 mm, length 3, 0\.4 m, falls 30 mm, exhaust end past the outline/,
    );
  });
});
