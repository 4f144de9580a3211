import fc from 'fast-check';
import { soundBuild, soundLists } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { emptyBuild } from '../../build/emptyBuild';
import { faces, surfaceKinds } from '../../build/listKinds';
import { rowsOf, type RowOf } from '../../build/lists';
import { bodyShapes, shapeSurfaces } from '../../model/heat/bodyShapes';
import { floorForm } from '../floor/floorForm';
import { layoutFloor, type FloorView } from '../floor/layoutFloor';
import { drawBody, drawnSurfacesMax } from './drawBody';
import type { FormDrawing } from './FormDrawing';

const rowId = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const withSurfaces = (rows: readonly Omit<RowOf<'surfaces'>, 'id'>[]): Build => ({
  ...soundBuild(),
  lists: { ...soundLists, surfaces: rows.map((row, i) => ({ id: rowId(i + 1), ...row })) },
});
/** Width and height of each rectangle that is drawn, px, in order. */
const rects = ({ marks }: FormDrawing) =>
  marks.flatMap((mark) => {
    const [, w, h] = (mark.kind === 'path' && /^M[-\d.,]+h([\d.]+)v([\d.]+)h/.exec(mark.d)) || [];
    return w === undefined ? [] : [{ w: Number(w), h: Number(h) }];
  });
const overlaps = ({ dimensions, width, height }: FormDrawing) =>
  dimensions.flatMap(({ key, box }, i) => [
    ...(box.x < 0 || box.y < 0 || box.x + box.w > width || box.y + box.h > height ? [`${key} leaves the sheet`] : []),
    ...dimensions
      .slice(i + 1)
      .filter(({ box: other }) => Math.abs(box.x - other.x) < box.w && Math.abs(box.y - other.y) < box.h)
      .map((other) => `${key} covers ${other.key}`),
  ]);

describe('the body unfolded', () => {
  test('its surfaces are drawn to one scale: of a van 3.3 m long, 1.75 m wide and 1.85 m high', () => {
    const drawing = drawBody(withSurfaces(shapeSurfaces('van', 'thin', 'single')), [], 660);
    const { lengthM, widthM, heightM } = bodyShapes.van;
    const [roof, front, sides, rear, floor] = rects(drawing);
    if (!roof || !front || !sides || !rear || !floor) throw new Error('a surface is missing');
    const perM = roof.w / lengthM;
    for (const [drawn, l, h] of [
      [roof, lengthM, widthM],
      [front, widthM, heightM],
      [sides, lengthM, heightM],
      [rear, widthM, heightM],
      [floor, lengthM, widthM],
    ] as const) {
      expect(drawn.w / perM).toBeCloseTo(l, 1);
      expect(drawn.h / perM).toBeCloseTo(h, 1);
    }
  });
  test('the fields of a narrow surface stand one above the other within it', () => {
    const drawing = drawBody(withSurfaces(shapeSurfaces('van', 'thin', 'single')), [], 660);
    const [high, wide] = ['heightM', 'lengthM'].map((column) =>
      drawing.dimensions.find(({ key }) => key === `surfaces/${rowId(2)}/${column}`),
    );
    if (!high || !wide) throw new Error('the front has no fields');
    expect(high.box.x).toBe(wide.box.x);
    // Words of 20 px stand between them.
    expect(wide.box.y - high.box.y - high.box.h).toBeGreaterThanOrEqual(20);
  });
  test('each surface has its two fields on it, whatever there is of them', () => {
    const surface = fc.record(
      {
        kind: fc.constantFrom(...(Object.keys(surfaceKinds) as (keyof typeof surfaceKinds)[])),
        within: fc.constantFrom(...(Object.keys(faces) as (keyof typeof faces)[])),
        lengthM: fc.double({ min: 0.05, max: 60, noNaN: true }),
        heightM: fc.double({ min: 0.05, max: 60, noNaN: true }),
        pieces: fc.integer({ min: 1, max: 60 }),
        name: fc.string({ maxLength: 60 }),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(
        fc.array(surface, { minLength: 1, maxLength: drawnSurfacesMax }),
        fc.integer({ min: 560, max: 1000 }),
        (rows, width) => {
          const build = withSurfaces(rows);
          const drawing = drawBody(build, [], width);
          expect(overlaps(drawing)).toEqual([]);
          expect(drawing.dimensions.map(({ key }) => key).sort()).toEqual(
            rowsOf(build.lists, 'surfaces')
              .flatMap(({ id }) => [`surfaces/${id}/heightM`, `surfaces/${id}/lengthM`])
              .sort(),
          );
          expect(JSON.stringify(drawing.marks)).not.toMatch(/NaN|Infinity/);
        },
      ),
      { numRuns: 100 },
    );
  });
  test('without surfaces of its own the four rough areas are typed on it', () => {
    expect(drawBody(emptyBuild(rowId(0), soundBuild().identity), [], 660).dimensions.map(({ key }) => key)).toEqual([
      'survey.roofAreaM2',
      'survey.roofBuildUp',
      'survey.wallAreaM2',
      'survey.wallBuildUp',
      'survey.floorAreaM2',
      'survey.floorBuildUp',
      'survey.glassAreaM2',
      'survey.glazing',
    ]);
  });
});

describe('the floor sheet as a form', () => {
  const build = soundBuild();
  const drawn = (of: Build, view: FloorView, selected: string | null = null) => {
    const drawing = layoutFloor(of, view, 700, 460, { form: true });
    if (!drawing) throw new Error('no floor was drawn');
    return { drawing, form: floorForm(of, [], { drawing, view, selected }) };
  };
  const long = (form: FormDrawing, key: string) => {
    const line = form.dimensions.find((one) => one.key === key)?.line ?? '';
    const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = [...line.matchAll(/-?\d+(?:\.\d+)?/g)].map(Number);
    return Math.hypot(x2 - x1, y2 - y1);
  };
  test.each(['above', 'below'] as const)('seen from %s, the heater is as far from front and left as its figures say', (view) => {
    const { drawing, form } = drawn(build, view);
    for (const path of ['siting.heaterXMm', 'siting.heaterYMm', 'siting.floorLengthMm', 'siting.floorWidthMm'] as const) {
      const [sheet, name] = path.split('.') as ['siting', 'heaterXMm'];
      const { planned, fitted } = build.sheets[sheet][name];
      expect(long(form, path) / drawing.scale).toBeCloseTo(fitted ?? planned ?? Number.NaN, -1);
    }
    expect(overlaps(form)).toEqual([]);
  });
  test('of the thing that was touched its place and size are typed, to scale', () => {
    const thing = rowsOf(build.lists, 'obstacles')[0];
    if (!thing) throw new Error('nothing lies below');
    const { drawing, form } = drawn(build, 'above', thing.id);
    const of = (column: string) => long(form, `obstacles/${thing.id}/${column}`) / drawing.scale;
    expect(of('xMm')).toBeCloseTo(thing.xMm ?? Number.NaN, -1);
    expect(of('yMm')).toBeCloseTo(thing.yMm ?? Number.NaN, -1);
    expect(of('lengthMm')).toBeCloseTo(thing.lengthMm ?? Number.NaN, -1);
    expect(of('widthMm')).toBeCloseTo(thing.widthMm ?? Number.NaN, -1);
    expect(form.dimensions.map(({ key }) => key)).not.toContain('siting.heaterXMm');
  });
  test('a floor of which nothing is known is drawn as unknown, with its fields empty', () => {
    const { drawing, form } = drawn(emptyBuild(rowId(0), soundBuild().identity), 'above');
    expect([drawing.known, drawing.grid, drawing.heater]).toEqual([false, '', null]);
    expect(form.dimensions.every(({ line }) => line === '')).toBe(true);
    expect(form.words).toMatch(/Floor, long: not known|floor, long: not known/);
  });
});
