import type { Build } from '../../build/Build';
import type { Finding } from '../../checks/Finding';
import { segmentName, segmentRows } from '../../model/fuel/routeOf';
import { shorten } from '../../units/formatNumber';
import type { Spot } from '../run/marks';
import { closed, polyline, shape } from '../run/Pen';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';

/** So many segments are drawn with their fields; a longer line is typed in its list. */
export const drawnSegmentsMax = 30;
const [left, right, top, profile, pitch] = [112, 92, 40, 130, 62];
/** px: a segment is never narrower than its fields. */
const leastSlot = 106;

/**
 * The fuel line unrolled: from the tank to the heater, each segment as it rises, with its rise and its length beneath it. Heights are to
 * scale; lengths are too where there is room for the fields.
 * @param width px, 560 and up; it gets wider where the line has more segments than that holds
 */
export function drawLine(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  const rows = segmentRows(build.lists);
  const cell = (row: string, column: 'lengthM' | 'riseMm') => ({ list: 'segments', row, column }) as const;
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
  const fall = (at: Spot) =>
    pen.draw(
      polyline([
        { x: at.x, y: at.y + 6 },
        { x: at.x, y: height - 8 },
      ]),
      [],
      { ink: 'planned', width: 1 },
    );

  pen.draw(
    closed([
      begin,
      { x: begin.x - 52, y: begin.y },
      { x: begin.x - 52, y: begin.y + 40 },
      { x: begin.x - 8, y: begin.y + 40 },
      { x: begin.x - 8, y: begin.y },
    ]),
    [],
    { width: 1.5 },
  );
  pen.write({ x: begin.x - 30, y: begin.y + 25 }, 'tank', { anchor: 'middle' });
  rows.forEach((row, i) => {
    const from = ends[i - 1] ?? begin;
    const to = ends[i] ?? begin;
    pen.draw(polyline([from, to]), [cell(row.id, 'riseMm'), cell(row.id, 'lengthM')], { flow: 'fuel', width: 5 });
    fall(to);
  });
  // What sits on the line is drawn over all of it.
  rows.forEach((row, i) => {
    const from = ends[i - 1] ?? begin;
    const to = ends[i] ?? begin;
    const middle = (from.x + to.x) / 2;
    if (row.end === 'joint')
      pen.draw(
        shape((p) => p.arc(to.x, to.y, 5, 0, 2 * Math.PI)),
        [],
        { fill: 'paper' },
      );
    if (row.end === 'filter') {
      pen.draw(
        shape((p) => p.rect(to.x - 12, to.y - 9, 24, 18)),
        [],
        { fill: 'paper' },
      );
      pen.write({ x: to.x, y: to.y - 16 }, 'filter', { anchor: 'middle' });
    }
    const next = rows[i + 1];
    if (row.side === 'suction' && next && next.side !== 'suction') {
      pen.draw(
        shape((p) => p.arc(to.x, to.y, 13, 0, 2 * Math.PI)),
        [],
        { fill: 'paper' },
      );
      pen.draw(
        closed([
          { x: to.x - 5, y: to.y - 6 },
          { x: to.x + 7, y: to.y },
          { x: to.x - 5, y: to.y + 6 },
        ]),
        [],
        { fill: 'ink', width: 1 },
      );
      pen.write({ x: to.x, y: to.y - 20 }, 'pump', { anchor: 'middle' });
    }
    const name = segmentName(row, i);
    const room = Math.floor((to.x - from.x - 10) / 7.2);
    pen.write({ x: middle, y: band - 12 }, shorten(name, room), { anchor: 'middle' });
    const first = i === 0;
    pen.dimension(cell(row.id, 'riseMm'), { x: middle, y: band + pitch / 2 }, first ? 'rises by' : '', { label: 'left' });
    pen.dimension(cell(row.id, 'lengthM'), { x: middle, y: band + pitch * 1.5 + 4 }, first ? 'length' : '', { label: 'left' });
  });
  const last = ends[ends.length - 1] ?? begin;
  pen.draw(
    shape((p) => p.rect(last.x, last.y - 26, 78, 40)),
    [],
    { fill: 'paper' },
  );
  pen.write({ x: last.x + 39, y: last.y - 1 }, 'heater', { anchor: 'middle' });
  pen.write({ x: 6, y: 18 }, 'Unrolled; heights to scale. A minus falls.');
  const told = rows.map((row, i) => {
    const rise =
      row.riseMm === undefined ? 'rise not known' : row.riseMm < 0 ? `falls ${-row.riseMm} mm` : `rises ${row.riseMm} mm`;
    return `${segmentName(row, i)}, ${row.lengthM === undefined ? 'length not known' : `${row.lengthM} m`}, ${rise}`;
  });
  return pen.done(whole, height, 'The fuel line unrolled, from the tank to the heater', told);
}
