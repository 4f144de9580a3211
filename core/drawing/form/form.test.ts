import fc from 'fast-check';
import { spoiledBuild } from '../../../tests/anyBuild';
import { soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { emptyBuild } from '../../build/emptyBuild';
import { assess } from '../../checks/assess';
import type { FigurePath } from '../../build/sheets';
import { inkOfCell } from './DrawnCell';
import { drawBody } from './drawBody';
import { drawLine } from './drawLine';
import { drawPickup } from './drawPickup';
import { drawPlate } from './drawPlate';
import { drawPumpPlace } from './drawPumpPlace';
import { drawStack } from './drawStack';
import { drawTank } from './drawTank';
import type { FormDrawing } from './FormDrawing';

const pictures = {
  pickup: drawPickup,
  tank: drawTank,
  pump: drawPumpPlace,
  plate: drawPlate,
  stack: drawStack,
  line: drawLine,
  body: drawBody,
};
const among: readonly FigurePath[] = [
  'fuel.tankLengthMm',
  'fuel.tankHeightMm',
  'tank.widthMm',
  'tank.shape',
  'fuel.fuelLevelMm',
  'fuel.pickupKind',
  'fuel.pickupClearanceMm',
  'tank.depthAtSpotMm',
  'fuel.pumpAngleDeg',
  'fuel.pumpAboveTankFloorMm',
  'fuel.heaterAboveTankFloorMm',
  'siting.studLengthMm',
  'siting.spigotLengthMm',
  'siting.clampWidthMm',
  'siting.screwLengthMm',
];
const apart = (drawing: FormDrawing) => {
  const { dimensions } = drawing;
  return dimensions.flatMap((one, i) =>
    dimensions
      .slice(i + 1)
      .filter(
        ({ box }) =>
          one.box.x < box.x + box.w &&
          box.x < one.box.x + one.box.w &&
          one.box.y < box.y + box.h &&
          box.y < one.box.y + one.box.h,
      )
      .map((other) => `${one.key} and ${other.key}`),
  );
};
const outside = ({ width, height, dimensions }: FormDrawing) =>
  dimensions.filter(({ box }) => box.x < 0 || box.y < 0 || box.x + box.w > width || box.y + box.h > height).map(({ key }) => key);
const numbers = (d: string) => [...d.matchAll(/-?\d+(?:\.\d+)?/g)].map(Number);
/** Of a dimension line its first stroke is the line itself: M x,y L x,y (or with H and V). */
const lengthOf = (drawing: FormDrawing, path: FigurePath) => {
  const line = drawing.dimensions.find((one) => one.key === path)?.line ?? '';
  const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = numbers(line);
  return Math.hypot(x2 - x1, y2 - y1);
};

describe.each(Object.entries(pictures))('the drawing of the %s', (_name, draw) => {
  test('keeps every field on the sheet, apart from the others, whatever the figures and the width', () => {
    fc.assert(
      fc.property(spoiledBuild(6, among), fc.integer({ min: 560, max: 1000 }), (build, width) => {
        const drawing = draw(build, [], width);
        expect([outside(drawing), apart(drawing)]).toEqual([[], []]);
      }),
      { numRuns: 150 },
    );
  });

  test('holds no mark that is not a number', () => {
    fc.assert(
      fc.property(spoiledBuild(6, among), (build) => {
        const { marks, dimensions, pins } = draw(build, assess(build), 700);
        expect(JSON.stringify([marks, dimensions, pins])).not.toMatch(/NaN|Infinity/);
      }),
      { numRuns: 60 },
    );
  });
});

test('a tank is drawn to one scale: its length to its height, and its fuel to both', () => {
  const build = soundBuild({ 'fuel.tankLengthMm': 500, 'fuel.tankHeightMm': 200, 'fuel.fuelLevelMm': 80, 'tank.widthMm': 250 });
  const drawing = drawTank(build, [], 760);
  const perMm = lengthOf(drawing, 'fuel.tankHeightMm') / 200;
  expect(lengthOf(drawing, 'fuel.tankLengthMm') / perMm).toBeCloseTo(500, -0.5);
  expect(lengthOf(drawing, 'tank.widthMm') / perMm).toBeCloseTo(250, -0.5);
  expect(lengthOf(drawing, 'fuel.fuelLevelMm') / perMm).toBeCloseTo(80, -0.5);
});

test('the pipe ends as far above the floor as its figure says', () => {
  const build = soundBuild({ 'fuel.tankHeightMm': 300, 'fuel.pickupClearanceMm': 60, 'tank.depthAtSpotMm': 300 });
  const drawing = drawPickup(build, [], 760);
  const ratio = lengthOf(drawing, 'fuel.pickupClearanceMm') / lengthOf(drawing, 'tank.depthAtSpotMm');
  expect(ratio).toBeCloseTo(60 / 300, 2);
});

test('a figure is unknown, then planned, then measured; what is given is as good as measured', () => {
  const ink = (build: Build, path: FigurePath) => inkOfCell(build, { path });
  const build = soundBuild();
  const sheets = {
    ...build.sheets,
    fuel: {
      ...build.sheets.fuel,
      pumpAngleDeg: { planned: null, fitted: null },
      fuelLevelMm: { planned: 80, fitted: null },
    },
  };
  const spoilt = { ...build, sheets };
  expect([
    ink(spoilt, 'fuel.pumpAngleDeg'),
    ink(spoilt, 'fuel.fuelLevelMm'),
    ink(spoilt, 'fuel.tankHeightMm'),
    ink(spoilt, 'tank.holeMm'),
  ]).toEqual(['unknown', 'planned', 'fitted', 'fitted']);
});

test('a finding that stands is pinned where it sits, and one that holds is not', () => {
  const build = soundBuild({ 'fuel.pumpAngleDeg': 3 });
  const pins = drawPumpPlace(build, assess(build), 760).pins.map(({ id, level }) => `${id} ${level}`);
  expect(pins).toEqual(['fuel.pump.angle fix']);
});

test('what nobody has said is neither filled nor told as a figure', () => {
  const blank = emptyBuild(soundBuild().id, soundBuild().identity);
  for (const draw of [drawPickup, drawTank]) {
    const { marks, words } = draw(blank, [], 760);
    expect(marks.filter((mark) => mark.kind === 'path' && (mark.fill === 'fuel' || mark.name === 'hatch'))).toEqual([]);
    expect([words.includes('fuel stands: not known'), /\d/.test(words)]).toEqual([true, false]);
  }
});

test('a reader is told each dimension as it stands on the drawing', () => {
  const { words } = drawTank(soundBuild({ 'fuel.tankLengthMm': 500, 'fuel.fuelLevelMm': 80 }), [], 760);
  expect(words).toContain('length: 500 mm');
  expect(words).toContain('fuel stands: 80 mm');
});

/** Spots of the paths that are drawn with straw, in order. */
const straws = ({ marks }: FormDrawing) =>
  marks.flatMap((mark) => (mark.kind === 'path' && mark.flow === 'fuel' && mark.width === 5 ? [numbers(mark.d)] : []));
const lineOf = (...segments: [lengthM: number, riseMm: number][]) => ({
  ...soundBuild(),
  lists: {
    segments: segments.map(([lengthM, riseMm], i) => ({
      id: `0000000${i}-0000-4000-8000-000000000000`,
      lengthM,
      riseMm,
      side: 'suction' as const,
    })),
  },
});
test('the unrolled line rises and falls to one scale, and each segment begins where the one before it ends', () => {
  const drawn = straws(drawLine(lineOf([1, 300], [2, -150], [1, 0]), [], 900)).map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => ({
    x1,
    y1,
    x2,
    y2,
  }));
  const rises = drawn.map(({ y1, y2 }) => y1 - y2);
  expect(rises[1] ?? 0).toBeCloseTo(-(rises[0] ?? 0) / 2, 0);
  expect(rises[2]).toBe(0);
  expect(drawn.slice(1).map(({ x1, y1 }) => [x1, y1])).toEqual(drawn.slice(0, -1).map(({ x2, y2 }) => [x2, y2]));
});
test('a line of more segments than the sheet holds makes the sheet wider, and no field narrower', () => {
  const drawing = drawLine(lineOf(...Array.from({ length: 20 }, (): [number, number] => [0.5, 10])), [], 600);
  expect([drawing.width > 2000, new Set(drawing.dimensions.map(({ box }) => box.w)).size]).toEqual([true, 1]);
});
test('the layers of a floor are drawn to one scale, one on the other; what is cut back lies in no one’s way', () => {
  const ids = ['1', '2', '3'].map((i) => `${i}0000000-0000-4000-8000-000000000000`);
  const [plate = '', timber = '', metal = ''] = ids;
  const stack = [
    { id: metal, kind: 'metal' as const, thicknessMm: 4 },
    { id: plate, kind: 'plate' as const, thicknessMm: 3 },
    { id: timber, kind: 'timber' as const, thicknessMm: 12, cutBack: 'yes' as const },
  ];
  const { marks } = drawStack({ ...soundBuild(), lists: { stack } }, [], 800);
  const layers = marks.flatMap((mark) =>
    mark.kind === 'path' && (mark.fill === 'soft' || mark.fill === 'fuel-deep') ? [numbers(mark.d)] : [],
  );
  // M x,y h w v h: plate, timber twice (beside the foot), metal.
  const [one = [], cut = [], , last = []] = layers;
  expect((cut[3] ?? 0) / (one[3] ?? 1)).toBeCloseTo(4, 0);
  expect(last[1]).toBeCloseTo((one[1] ?? 0) + (one[3] ?? 0), 0);
});
test('what is left below a floor is told once every layer is measured, and not before', () => {
  const id = (i: number) => `${i}0000000-0000-4000-8000-000000000000`;
  const foot = (thicknessMm?: number) => {
    const timber = { id: id(2), kind: 'timber' as const, ...(thicknessMm === undefined ? {} : { thicknessMm }) };
    const stack = [{ id: id(1), kind: 'plate' as const, thicknessMm: 3 }, timber];
    const build = { ...soundBuild({ 'siting.studThread': 'M6', 'siting.studLengthMm': 40 }), lists: { stack } };
    return drawStack(build, [], 800).marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));
  };
  expect(foot(12).join()).toContain('studs reach 25.0 mm below');
  expect(foot().filter((text) => /\d/.test(text))).toEqual([]);
  expect(foot()).toContain('a layer is not measured: what is left below can’t be told');
});
test('a segment whose rise nobody has said is drawn as unknown, those beside it as measured', () => {
  const line = lineOf([1, 100], [1, 100], [1, 100]);
  const segments = line.lists.segments.map(({ riseMm, ...row }, i) => (i === 1 ? row : { ...row, riseMm }));
  const { marks, words } = drawLine({ ...line, lists: { segments } }, [], 900);
  const inks = marks.flatMap((mark) => (mark.kind === 'path' && mark.flow === 'fuel' ? [mark.ink] : []));
  expect([inks, words]).toEqual([['fitted', 'unknown', 'fitted'], expect.stringContaining('segment 2, 1 m, rise not known')]);
});
