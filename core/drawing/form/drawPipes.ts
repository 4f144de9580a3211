import type { Build } from '../../build/Build';
import type { Finding } from '../../checks/Finding';
import { pieceName, pipeRows, type WayId } from '../../model/air/wayOf';
import { closed, ringsAlong, shape } from '../run/Pen';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';
import { unroll, unrolledInWords } from './unroll';

const words = {
  exhaust: { title: 'The exhaust unrolled, from the burner to its end', end: 'out', flow: 'heat' },
  intake: { title: 'The combustion air’s pipe unrolled, from the heater to its end', end: 'in', flow: 'air' },
} as const;

/**
 * Exhaust or intake unrolled: from the heater to its end, each piece as it rises, with muffler, drains and low points where they are.
 * @param width px, 560 and up
 */
export const drawPipes =
  (of: WayId) =>
  (build: Build, findings: readonly Finding[], width: number): FormDrawing => {
    const pen = new FormPen(build, findings);
    const rows = pipeRows(build.lists, of);
    const named = rows.map((row, i) => ({ ...row, name: pieceName(row, i) }));
    const { flow, end, title } = words[of];
    const way = unroll(pen, named, { list: 'pipes', width, flow, thick: 7 });
    const { begin, ends } = way;
    rows.forEach((row, i) => {
      const from = ends[i - 1] ?? begin;
      const to = ends[i] ?? begin;
      if (row.wall !== 'smooth' && row.kind === 'pipe') pen.draw(ringsAlong([from, to], 7, 6), [], { flow, width: 1 });
      if (row.cover === 'wrap' || row.cover === 'sleeve') pen.draw(ringsAlong([from, to], 14, 11), [], { width: 1.5 });
      if (row.kind === 'muffler' || row.kind === 'silencer') {
        const [x, y] = [(from.x + to.x) / 2, (from.y + to.y) / 2];
        pen.draw(
          shape((p) => p.rect(x - 24, y - 13, 48, 26)),
          [],
          { fill: 'paper', width: 2 },
        );
      }
      if (row.drain === 'drilled' || row.drain === 'trap' || row.drain === 'valve')
        pen.draw(
          closed([
            { x: to.x - 5, y: to.y + 8 },
            { x: to.x + 5, y: to.y + 8 },
            { x: to.x, y: to.y + 18 },
          ]),
          [],
          { fill: 'ink', flow: 'air', width: 1 },
        );
    });
    pen.draw(
      shape((p) => p.rect(begin.x - 78, begin.y - 26, 78, 40)),
      [],
      { fill: 'paper' },
    );
    pen.write({ x: begin.x - 39, y: begin.y - 1 }, 'heater', { anchor: 'middle' });
    const last = ends[ends.length - 1] ?? begin;
    pen.draw(
      shape((p) => p.arc(last.x, last.y, 6, 0, 2 * Math.PI)),
      [],
      { fill: 'paper', flow },
    );
    pen.write({ x: last.x + 14, y: last.y + 5 }, end);
    if (rows.length > 0) {
      const lowest = ends.reduce((low, one) => (one.y > low.y ? one : low), begin);
      pen.pin(of === 'exhaust' ? 'exhaust.slope' : 'air.intake.slope', { x: lowest.x - 22, y: lowest.y - 22 });
      if (of === 'exhaust') pen.pin('exhaust.drain', { x: lowest.x + 22, y: lowest.y - 22 });
      pen.pin(of === 'exhaust' ? 'exhaust.joint' : 'air.intake.inside', { x: begin.x - 4, y: begin.y - 40 });
    }
    return pen.done(way.width, way.height, title, unrolledInWords(named));
  };
