import type { ListId } from '../../build/lists';
import { shorten } from '../../units/formatNumber';
import type { Flow, Spot } from '../run/marks';
import { polyline } from '../run/Pen';
import type { FormPen } from './FormPen';

/** So many pieces are drawn with their fields; a longer way is typed in its list. */
export const drawnPiecesMax = 30;
const [left, right, top, profile, pitch] = [112, 92, 40, 130, 62];
/** px: a piece is never narrower than its fields. */
const leastSlot = 106;

/** A length of line, hose or pipe by what is typed of it. */
export interface Unrolled {
  id: string;
  name: string;
  lengthM?: number | undefined;
  /** minus where it falls */ riseMm?: number | undefined;
}
/** Where the pieces of a way come to lie on its drawing. */
export interface UnrolledWay {
  width: number;
  height: number;
  begin: Spot;
  ends: Spot[];
  /** y of the floor that the fields hang from */ band: number;
}

/**
 * A way unrolled: each piece as it rises, with its rise and its length beneath it. Heights are to scale; lengths are too where there is room for the fields.
 * @param width px, 560 and up; it gets wider where the way has more pieces than that holds
 */
export function unroll(
  pen: FormPen,
  rows: readonly Unrolled[],
  { list, width, flow, thick }: { list: ListId; width: number; flow: Flow; thick: number },
): UnrolledWay {
  const cell = (row: string, column: 'lengthM' | 'riseMm') => ({ list, row, column }) as const;
  const whole = Math.max(width, left + right + rows.length * leastSlot);
  const height = top + profile + 2 * pitch + 62;
  const spare = whole - left - right - rows.length * leastSlot;
  const lengthM = rows.reduce((sum, row) => sum + (row.lengthM ?? 0), 0);
  const heights = rows.reduce<number[]>((all, row) => [...all, (all[all.length - 1] ?? 0) + (row.riseMm ?? 0)], [0]);
  const [low, high] = [Math.min(...heights), Math.max(...heights)];
  const perMm = profile / Math.max(200, high - low);
  const z = (mm: number) => top + profile - (mm - low) * perMm;
  let x = left;
  const ends: Spot[] = rows.map((row, i) => {
    x += leastSlot + (lengthM > 0 ? (spare * (row.lengthM ?? 0)) / lengthM : spare / rows.length);
    return { x, y: z(heights[i + 1] ?? 0) };
  });
  const begin: Spot = { x: left, y: z(0) };
  const band = top + profile + 34;
  rows.forEach((row, i) => {
    const from = ends[i - 1] ?? begin;
    const to = ends[i] ?? begin;
    const middle = (from.x + to.x) / 2;
    pen.draw(polyline([from, to]), [cell(row.id, 'riseMm'), cell(row.id, 'lengthM')], { flow, width: thick });
    const drop = polyline([
      { x: to.x, y: to.y + 6 },
      { x: to.x, y: height - 8 },
    ]);
    pen.draw(drop, [], { ink: 'planned', width: 1 });
    pen.write({ x: middle, y: band - 12 }, shorten(row.name, Math.floor((to.x - from.x - 10) / 7.2)), { anchor: 'middle' });
    const first = i === 0;
    pen.dimension(cell(row.id, 'riseMm'), { x: middle, y: band + pitch / 2 }, first ? 'rises by' : '', { label: 'left' });
    pen.dimension(cell(row.id, 'lengthM'), { x: middle, y: band + pitch * 1.5 + 4 }, first ? 'length' : '', { label: 'left' });
  });
  pen.write({ x: 6, y: 18 }, 'Unrolled; heights to scale. A minus falls.');
  return { width: whole, height, begin, ends, band };
}

/** The pieces in words, for those who don’t see the drawing. */
export const unrolledInWords = (rows: readonly Unrolled[]): string[] =>
  rows.map(({ name, lengthM, riseMm }) => {
    const rise = riseMm === undefined ? 'rise not known' : riseMm < 0 ? `falls ${-riseMm} mm` : `rises ${riseMm} mm`;
    return `${name}, ${lengthM === undefined ? 'length not known' : `${lengthM} m`}, ${rise}`;
  });
