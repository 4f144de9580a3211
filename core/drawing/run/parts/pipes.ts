import { formatFixed } from '../../../units/formatNumber';
import { pipeCovers } from '../../../build/listKinds';
import type { WayId } from '../../../model/air/wayOf';
import type { Frame, Spot } from '../marks';
import type { Point } from '../runGeometry';
import { bent, closed, ringsAlong, shape, touchBox, type Pen } from '../Pen';

export interface PipeMarks {
  anchors: { exhaust: Spot; intake: Spot };
  boxes: { exhaust: Frame; intake: Frame };
  /** the ways as they are drawn, for labels to give way to */ ways: { exhaust: Spot[]; intake: Spot[] };
}

/** px: how round a hose or a pipe is bent. */
const bendPx = 9;

/** The muffler in a length of the exhaust: a can, with its drain hole below or above, or none. */
function drawMuffler(pen: Pen, from: Spot, to: Spot, drained: string): void {
  const long = Math.hypot(to.x - from.x, to.y - from.y);
  const can = Math.min(46, long * 0.5);
  if (can < 16) return;
  const [ux, uy] = [(to.x - from.x) / long, (to.y - from.y) / long];
  const at = (along: number, beside: number): Spot => ({
    x: from.x + ux * (long / 2 + along) - uy * beside,
    y: from.y + uy * (long / 2 + along) + ux * beside,
  });
  const half = can / 2;
  const ends = [
    at(-half, -6),
    at(-half + 5, -9),
    at(half - 5, -9),
    at(half, -6),
    at(half, 6),
    at(half - 5, 9),
    at(-half + 5, 9),
    at(-half, 6),
  ];
  pen.draw('exhaust', 'heat', closed(ends), { fill: 'paper', width: 2, name: 'muffler' });
  if (drained === 'closed') return;
  const hole = at(half - 10, drained === 'notLowest' ? -6 : 6);
  pen.draw(
    'exhaust',
    'heat',
    shape((p) => p.arc(hole.x, hole.y, 1.5, 0, 2 * Math.PI)),
    { fill: 'ink', width: 1, name: 'drain hole' },
  );
}

/** Where the pieces of a pipe end: the heater is drawn larger than life, so that a pipe begins below its spigot and ends where it truly does. */
function pieceEnds(pen: Pen, of: WayId, drawnX: number, endX: number): Spot[] {
  const { start, end, pieces } = pen.geometry[of];
  const share = (to: Point) => (to.x - start.x) / (end.x - start.x || 1);
  return (pieces.length > 0 ? pieces.map(({ to }) => to) : [end]).map((to) => ({
    x: drawnX + share(to) * (endX - drawnX),
    y: pen.at(to).y,
  }));
}

/** What is to be seen of a pipe piece by piece: where they meet, what covers them, what drains a low point. */
function drawPieces(pen: Pen, of: WayId, begin: Spot, ends: readonly Spot[]): void {
  const flow = of === 'exhaust' ? 'heat' : 'air';
  const drained = pen.value('air.mufflerHole') ?? 'closed';
  pen.geometry[of].pieces.forEach(({ row, name }, i) => {
    const [from, to] = [ends[i - 1] ?? begin, ends[i] ?? begin];
    if (row.cover === 'wrap' || row.cover === 'sleeve')
      pen.draw(of, 'ink', ringsAlong([from, to], 9, 8), { width: 1.5, name: `${name}, ${pipeCovers[row.cover]}` });
    if (row.kind === 'muffler') drawMuffler(pen, from, to, drained);
    if (i > 0 && row.joint !== 'whole')
      pen.draw(of, flow, shape((p) => p.rect(from.x - 2, from.y - 7, 4, 14)), { fill: 'paper', width: 1, name: `joint before ${name}` }); // prettier-ignore
    if (row.drain === 'drilled' || row.drain === 'trap' || row.drain === 'valve')
      pen.draw(of, 'air', closed([{ x: to.x - 4, y: to.y + 7 }, { x: to.x + 4, y: to.y + 7 }, { x: to.x, y: to.y + 15 }]), { fill: 'ink', width: 1, name: `drain of ${name}` }); // prettier-ignore
  });
}

/** Exhaust and combustion air, from the heater to their ends. */
export function drawPipes(pen: Pen, heater: Frame, floorY: number): PipeMarks {
  const { exhaust, intake } = pen.geometry;
  const { width, height } = pen.scale;
  const [exStart, exEnd] = [pen.at(exhaust.start), pen.at(exhaust.end)];
  const exTop = heater.x + heater.w * 0.72;
  const exFoot = { x: exTop, y: exStart.y };
  const exEnds = pieceEnds(pen, 'exhaust', exTop, Math.max(exEnd.x, exTop + 12));
  const out = [{ x: exTop, y: floorY }, exFoot, ...exEnds];
  pen.draw('exhaust', 'heat', bent(out, bendPx), { width: pen.width('exhaust') + 2, name: 'exhaust' });
  pen.draw('exhaust', 'heat', ringsAlong(out, 7, 5), { width: 1, name: 'exhaust rings' });
  const muffler = pen.value('air.mufflerHole');
  if (exhaust.pieces.length > 0) drawPieces(pen, 'exhaust', exFoot, exEnds);
  else if (muffler !== null && muffler !== 'noMuffler') drawMuffler(pen, exFoot, exEnds[0] ?? exFoot, muffler);
  const [inStart, inEnd] = [pen.at(intake.start), pen.at(intake.end)];
  const inTop = heater.x + heater.w * 0.42;
  const from = pen.value('air.intakeFrom');
  const inside = from !== null && from !== 'outside';
  const inLow = inside ? floorY - (inStart.y - floorY) * 0.4 : inStart.y;
  const inFoot = { x: inTop, y: inLow };
  const inEnds = pieceEnds(pen, 'intake', inTop, inEnd.x);
  const air = inside
    ? [
        { x: heater.x, y: inLow },
        { x: inEnd.x, y: inLow },
      ]
    : [{ x: inTop, y: floorY }, inFoot, ...inEnds];
  pen.draw('intake', 'air', bent(air, bendPx), { width: pen.width('intake') + 1, name: 'intake' });
  pen.draw('intake', 'air', ringsAlong(air, 6, 4), { width: 1, name: 'intake rings' });
  if (!inside) drawPieces(pen, 'intake', inFoot, inEnds);
  const [fall, past] = [pen.value('air.exhaustFallMm'), pen.value('air.exhaustPastOutlineMm')];
  const ends = past === null ? '' : past < 0 ? `, ends ${formatFixed(-past)} mm short` : `, ends ${formatFixed(past)} mm past`;
  if (fall !== null)
    pen.write(
      'exhaust',
      { x: Math.min(exEnd.x, width - 6), y: Math.min(exEnd.y + 19, height - 6) },
      `falls ${formatFixed(fall)} mm${ends}`,
      { anchor: 'end', flow: 'heat' },
    );
  return {
    anchors: {
      exhaust: { x: Math.min(exEnd.x + 14, width - 16), y: exEnd.y - 14 },
      intake: { x: inEnd.x, y: (inside ? inLow : inEnd.y) + 18 },
    },
    boxes: {
      exhaust: touchBox((exTop + exEnd.x) / 2, (exStart.y + exEnd.y) / 2, exEnd.x - exTop, 30),
      intake: touchBox((inTop + inEnd.x) / 2, (inStart.y + inEnd.y) / 2, Math.abs(inTop - inEnd.x), 30),
    },
    ways: { exhaust: out, intake: air },
  };
}
