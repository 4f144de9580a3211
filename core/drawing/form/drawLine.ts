import type { Build } from '../../build/Build';
import type { Finding } from '../../checks/Finding';
import { segmentName, segmentRows } from '../../model/fuel/routeOf';
import { closed, shape } from '../run/Pen';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';
import { unroll, unrolledInWords } from './unroll';

/**
 * The fuel line unrolled: from the tank to the heater, each segment as it rises, with its rise and its length beneath it.
 * @param width px, 560 and up; it gets wider where the line has more segments than that holds
 */
export function drawLine(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  const rows = segmentRows(build.lists);
  const named = rows.map((row, i) => ({ ...row, name: segmentName(row, i) }));
  const way = unroll(pen, named, { list: 'segments', width, flow: 'fuel', thick: 5 });
  const { begin, ends } = way;
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
  // What sits on the line is drawn over all of it.
  rows.forEach((row, i) => {
    const to = ends[i] ?? begin;
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
  });
  const last = ends[ends.length - 1] ?? begin;
  pen.draw(
    shape((p) => p.rect(last.x, last.y - 26, 78, 40)),
    [],
    { fill: 'paper' },
  );
  pen.write({ x: last.x + 39, y: last.y - 1 }, 'heater', { anchor: 'middle' });
  return pen.done(way.width, way.height, 'The fuel line unrolled, from the tank to the heater', unrolledInWords(named));
}
