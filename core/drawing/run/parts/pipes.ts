import { formatFixed } from '../../../units/formatNumber';
import type { Frame, Spot } from '../marks';
import { polyline, touchBox, type Pen } from '../Pen';

export interface PipeMarks {
  anchors: { exhaust: Spot; intake: Spot };
  boxes: { exhaust: Frame; intake: Frame };
  /** the ways as they are drawn, for labels to give way to */ ways: { exhaust: Spot[]; intake: Spot[] };
}

/** Exhaust and combustion air, from the heater to their ends. */
export function drawPipes(pen: Pen, heater: Frame, floorY: number): PipeMarks {
  const { exhaust, intake } = pen.geometry;
  const { width, height } = pen.scale;
  const [exStart, exEnd] = [pen.at(exhaust.start), pen.at(exhaust.end)];
  const exTop = heater.x + heater.w * 0.72;
  const out = [
    { x: exTop, y: floorY },
    { x: exTop, y: exStart.y },
    { x: Math.max(exEnd.x, exTop + 12), y: exEnd.y },
  ];
  pen.draw('exhaust', 'heat', polyline(out), { width: pen.width('exhaust') + 2, name: 'exhaust' });
  const [inStart, inEnd] = [pen.at(intake.start), pen.at(intake.end)];
  const inTop = heater.x + heater.w * 0.42;
  const from = pen.value('air.intakeFrom');
  const inside = from !== null && from !== 'outside';
  const inLow = inside ? floorY - (inStart.y - floorY) * 0.4 : inStart.y;
  const air = inside
    ? [
        { x: heater.x, y: inLow },
        { x: inEnd.x, y: inLow },
      ]
    : [{ x: inTop, y: floorY }, { x: inTop, y: inLow }, inEnd];
  pen.draw('intake', 'air', polyline(air), { width: pen.width('intake') + 1, name: 'intake' });
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
    ways: { exhaust: [{ x: exTop, y: floorY }, { x: exTop, y: exStart.y }, exEnd], intake: air },
  };
}
