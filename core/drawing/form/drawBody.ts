import type { Build } from '../../build/Build';
import type { surfaceKinds } from '../../build/listKinds';
import { faces } from '../../build/listKinds';
import { rowsOf, type RowOf } from '../../build/lists';
import type { FigurePath } from '../../build/sheets';
import type { Finding } from '../../checks/Finding';
import { shorten } from '../../units/formatNumber';
import type { Frame } from '../run/marks';
import { polyline, shape } from '../run/Pen';
import type { DrawnCell } from './DrawnCell';
import type { FormDrawing } from './FormDrawing';
import { FormPen, type CellOf } from './FormPen';

/** So many surfaces are drawn with their fields; more are typed in their list. */
export const drawnSurfacesMax = 16;
type Face = keyof typeof faces;
type Surface = RowOf<'surfaces'>;
interface Size {
  l: number;
  h: number;
}
/** px: about the sheet, and between one surface and the next. */
const [edge, gap] = [12, 12];
/** px: no surface is narrower than a field or lower than two; from `beside` on they stand beside each other. */
const least = { w: 112, h: 158, beside: 204 } as const;
/** px from one field to that beneath it, with its words. */
const apart = 66;
/** px: the strip of one window or door. */
const strip = { w: 236, h: 112 } as const;
/** px that the sheet is high at most, above the windows, before all of it is drawn smaller. */
const highest = 500;
/** m: as a surface is drawn of which nobody has said how large it is. */
const unsaid: Readonly<Record<Face, Size>> = {
  sides: { l: 3.3, h: 1.85 },
  front: { l: 1.75, h: 1.85 },
  rear: { l: 1.75, h: 1.85 },
  roof: { l: 3.3, h: 1.75 },
  floor: { l: 3.3, h: 1.75 },
  partition: { l: 1.75, h: 1.85 },
};
/** How the body lies when it is unfolded: roof above the sides, floor beneath them, the ends left and right. */
const bands: readonly (readonly Face[])[] = [['roof'], ['front', 'sides', 'rear', 'partition'], ['floor']];

const rect = ({ x, y, w, h }: Frame) => shape((p) => p.rect(x, y, w, h));
const cellOf = (row: Surface, column: 'lengthM' | 'heightM'): DrawnCell => ({ list: 'surfaces', row: row.id, column });
const isFace = (kind: keyof typeof surfaceKinds | undefined): kind is Face => kind !== undefined && Object.hasOwn(faces, kind);

interface Bands {
  frames: Frame[][];
  width: number;
  height: number;
  perM: number;
}
/** Frames of some surfaces in bands, to one scale as far as their fields leave room for it; wider than asked where they need it. */
function layBands(sizes: readonly (readonly Size[])[], width: number): Bands {
  const filled = sizes.map((band) => ({
    long: band.reduce((sum, { l }) => sum + l, 0),
    high: Math.max(0, ...band.map(({ h }) => h)),
    count: band.length,
  }));
  const used = filled.filter(({ count }) => count > 0);
  const highM = used.reduce((sum, { high }) => sum + high, 0);
  const perM = Math.min(
    ...used.map(({ long, count }) => (width - 2 * edge - gap * (count - 1)) / long),
    (highest - gap * (used.length - 1)) / Math.max(0.1, highM),
  );
  const wide = (band: readonly Size[]) => band.map(({ l }) => Math.max(least.w, l * perM));
  const across = (band: readonly Size[]) => wide(band).reduce((sum, w) => sum + w + gap, -gap);
  const whole = Math.max(width, ...sizes.map((band) => across(band) + 2 * edge));
  let y = edge;
  const frames = sizes.map((band) => {
    if (band.length === 0) return [];
    let x = (whole - across(band)) / 2;
    const high = Math.max(least.h, ...band.map(({ h }) => h * perM));
    const row = wide(band).map((w, i) => {
      const frame = { x, y, w, h: Math.max(least.h, (band[i]?.h ?? 0) * perM) };
      x += w + gap;
      return frame;
    });
    y += high + gap;
    return row;
  });
  return { frames, width: whole, height: y, perM };
}

/** What a face and its openings are told as. */
const sizeInWords = (row: Surface, i: number): string => {
  const size = (value: number | undefined) => (value === undefined ? 'not known' : `${value} m`);
  const pieces = row.pieces !== undefined && row.pieces > 1 ? `, ${row.pieces} of them` : '';
  return `${row.name ?? `surface ${i + 1}`}: ${size(row.lengthM)} by ${size(row.heightM)}${pieces}`;
};

/** The space by its surfaces: each where it lies when the body is unfolded, windows and doors in the face in which they sit. */
function drawSurfaces(pen: FormPen, rows: readonly Surface[], sheet: number): FormDrawing {
  const inBands = bands.map((band) => band.flatMap((face) => rows.filter(({ kind }) => kind === face)));
  const size = (row: Surface): Size => ({
    l: row.lengthM ?? unsaid[row.kind as Face].l,
    h: row.heightM ?? unsaid[row.kind as Face].h,
  });
  const {
    frames,
    width,
    height: faceHeight,
    perM,
  } = layBands(
    inBands.map((band) => band.map(size)),
    sheet,
  );
  const panes = new Map<Face, Frame>();
  inBands.forEach((band, b) =>
    band.forEach((row, i) => {
      const frame = frames[b]?.[i];
      if (!frame) return;
      const face = row.kind as Face;
      if (!panes.has(face)) panes.set(face, frame);
      const [l, h] = [cellOf(row, 'lengthM'), cellOf(row, 'heightM')];
      pen.draw(rect(frame), [l, h], { fill: 'paper' });
      const pieces = row.pieces !== undefined && row.pieces > 1 ? ` ×${row.pieces}` : '';
      const named = `${shorten(row.name ?? faces[face], 22)}${pieces}`;
      pen.write({ x: frame.x + frame.w / 2, y: frame.y + 20 }, named, { anchor: 'middle', strong: true });
      const [middle, low] = [frame.x + frame.w / 2, frame.y + frame.h - 44];
      const beside = frame.w >= least.beside;
      const lies = face === 'roof' || face === 'floor';
      pen.dimension(h, { x: beside ? middle - 50 : middle, y: beside ? low : low - apart }, lies ? 'wide' : 'high');
      pen.dimension(l, { x: beside ? middle + 50 : middle, y: low }, lies || face === 'sides' ? 'long' : 'wide');
    }),
  );
  const openings = rows.filter(({ kind }) => !isFace(kind));
  const inRow = Math.max(1, Math.floor((width - 2 * edge) / strip.w));
  const sitting = new Map<Face, number>();
  openings.forEach((row, i) => {
    const within = row.within ?? 'sides';
    const host = panes.get(within);
    const at = { x: edge + (i % inRow) * strip.w, y: faceHeight + Math.floor(i / inRow) * strip.h };
    const [l, h] = [cellOf(row, 'lengthM'), cellOf(row, 'heightM')];
    if (host) {
      const taken = sitting.get(within) ?? 0;
      const pane = {
        x: host.x + 8 + taken,
        y: host.y + 30,
        w: Math.max(14, Math.min(host.w - 16 - taken, (row.lengthM ?? 0.6) * perM)),
        h: Math.max(10, Math.min(host.h - 108, (row.heightM ?? 0.4) * perM)),
      };
      sitting.set(within, taken + pane.w + 6);
      if (pane.x + pane.w <= host.x + host.w - 4) pen.draw(rect(pane), [l, h], { fill: row.kind === 'door' ? 'hair' : 'grid' });
    }
    const pieces = row.pieces !== undefined && row.pieces > 1 ? ` ×${row.pieces}` : '';
    const where = row.kind === undefined ? ': what is it?' : `, in the ${faces[within]}`;
    pen.write({ x: at.x, y: at.y + 16 }, `${shorten(row.name ?? row.kind ?? 'surface', 14)}${pieces}${where}`);
    pen.dimension(h, { x: at.x + 48, y: at.y + 50 }, 'high');
    pen.dimension(l, { x: at.x + 152, y: at.y + 50 }, 'wide');
  });
  const height = faceHeight + Math.ceil(openings.length / inRow) * strip.h + 4;
  return pen.done(width, height, 'The body unfolded, surface by surface', rows.map(sizeInWords));
}

/** The rough answer: four areas on a body of which only these are known, so it is drawn as one is usually shaped, not to scale. */
function drawRough(pen: FormPen, sheet: number): FormDrawing {
  const { frames, width, height } = layBands(
    bands.map((band) => band.filter((face) => face !== 'partition').map((face) => unsaid[face])),
    sheet,
  );
  const areas: Readonly<Partial<Record<Face, readonly [FigurePath, FigurePath]>>> = {
    roof: ['survey.roofAreaM2', 'survey.roofBuildUp'],
    sides: ['survey.wallAreaM2', 'survey.wallBuildUp'],
    floor: ['survey.floorAreaM2', 'survey.floorBuildUp'],
  };
  bands.forEach((band, b) =>
    band
      .filter((face) => face !== 'partition')
      .forEach((face, i) => {
        const frame = frames[b]?.[i];
        if (!frame) return;
        const of: CellOf[] = [areas[face]?.[0] ?? 'survey.wallAreaM2'];
        pen.draw(rect(frame), of, { fill: 'paper' });
        const said = face === 'sides' ? 'walls, all four' : faces[face];
        pen.write({ x: frame.x + frame.w / 2, y: frame.y + 20 }, said, { anchor: 'middle', strong: face in areas });
        const typed = areas[face];
        if (!typed) return;
        const middle = frame.x + frame.w / 2;
        pen.dimension(typed[0], { x: middle, y: frame.y + frame.h - 44 - apart }, 'area');
        pen.dimension(typed[1], { x: middle, y: frame.y + frame.h - 44 }, 'built of', { wide: Math.min(270, frame.w - 16) });
      }),
  );
  const [end] = [frames[1]?.[0]];
  if (end) {
    const pane = { x: end.x + end.w * 0.2, y: end.y + 34, w: end.w * 0.6, h: end.h * 0.3 };
    pen.draw(rect(pane), ['survey.glassAreaM2'], { fill: 'grid' });
    const strips = { x: edge + 48, y: height + 30 };
    pen.dimension('survey.glassAreaM2', strips, 'glass, all of it');
    pen.dimension('survey.glazing', { x: strips.x + 164, y: strips.y }, 'glazed', { wide: 200 });
    pen.draw(
      polyline([
        { x: pane.x + pane.w / 2, y: pane.y + pane.h },
        { x: strips.x, y: strips.y - 24 },
      ]),
      ['survey.glassAreaM2'],
      { ink: 'planned', width: 1 },
    );
  }
  return pen.done(width, height + 80, 'The body unfolded, roughly: four areas, not to scale');
}

/**
 * The inside of the body unfolded: its own surfaces where there are any, else the four rough areas.
 * @param width px, 560 and up
 */
export function drawBody(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  const rows = rowsOf(build.lists, 'surfaces');
  return rows.length > 0 ? drawSurfaces(pen, rows.slice(0, drawnSurfacesMax), width) : drawRough(pen, width);
}
