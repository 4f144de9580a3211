import type { Build } from '../../build/Build';
import { takeAssumed } from '../../build/takeAssumed';
import { stageIds, type StageId } from '../../build/stages';
import type { Part } from '../../build/field';
import type { Finding } from '../../checks/Finding';
import { isProven } from '../../checks/progress';
import { leadersTo, type Shape } from './leaders';
import type { Frame, RunDrawing } from './marks';
import { partFindings } from './partFindings';
import { drawAlarm, drawBattery } from './parts/battery';
import { drawFloor, drawGrid } from './parts/ground';
import { drawHeater, heaterFrame } from './parts/heater';
import { drawLine, writeLine } from './parts/line';
import { drawPipes } from './parts/pipes';
import { drawPump, pumpPlace } from './parts/pump';
import { drawTank } from './parts/tank';
import { Pen, round, touchBox, type Scale } from './Pen';
import { strokeBoxes, type Box } from './placeLabels';
import { runGeometry, type RunGeometry } from './runGeometry';
import { settleLabels } from './settleLabels';

const pad = { left: 24, right: 40, top: 34, bottom: 40 };

/** How the run lies on a drawing of this width, no higher than that. */
function scaleOf(g: RunGeometry, width: number, maxHeight: number): Scale & { leftMm: number; lowMm: number } {
  const left = Math.min(0, g.intake.end.x);
  const right = Math.max(g.exhaust.end.x + 60, g.outlineX + 60, g.heaterIn.x + 500);
  const pipeZ = [g.exhaust, g.intake].flatMap(({ end, pieces }) => [end.z, ...pieces.map(({ to }) => to.z)]);
  const low = Math.min(0, g.pumpIn.z - 60, ...pipeZ.map((z) => z - 40));
  const high = Math.max(g.floorZ + 260, g.tank.height + 90, g.pumpIn.z + 120, ...pipeZ.map((z) => z + 60));
  const perMm = Math.min((width - pad.left - pad.right) / (right - left), (maxHeight - pad.top - pad.bottom) / (high - low));
  // The bodies above the floor are larger than to scale, so they need their room whatever the scale is.
  const height = Math.round(
    Math.min(maxHeight, Math.max((high - low) * perMm + pad.top + pad.bottom, (g.floorZ - low) * perMm + pad.bottom + 128)),
  );
  return {
    width,
    height,
    perMm,
    x: (mm) => round(pad.left + (mm - left) * perMm),
    y: (mm) => round(height - pad.bottom - (mm - low) * perMm),
    leftMm: left - pad.left / perMm,
    lowMm: low - pad.bottom / perMm,
  };
}
const boxOf = ({ x, y, w, h }: Frame): Box => ({ cx: x + w / 2, cy: y + h / 2, w, h });
const rounded = ({ x, y, w, h }: Frame): Frame => ({ x: round(x), y: round(y), w: round(w), h: round(h) });

/**
 * Draws the run to scale as plain marks that a screen and a page can both show.
 * The bodies of pump, filter, heater and battery are shown larger than life where to scale they would be too small to read; their places are true.
 * @param width px, 320 and up
 * @param maxHeight px; it takes less where the scale is set by the width
 */
export function layoutRun(build: Build, findings: readonly Finding[], width: number, maxHeight: number): RunDrawing {
  const proven = new Set<StageId>(stageIds.filter((stage) => isProven(build, findings, stage)));
  const geometry = runGeometry(build, proven);
  const taken = takeAssumed(build);
  const scale = scaleOf(geometry, width, maxHeight);
  const { height, perMm } = scale;
  const pen = new Pen(taken, geometry, scale);
  drawGrid(pen, scale.leftMm, scale.lowMm);
  const { floorY, outlineX } = drawFloor(pen);
  const tank = drawTank(pen);
  const pump = pumpPlace(pen);
  const line = drawLine(pen, tank, pump);
  drawPump(pen, pump);
  writeLine(pen, tank, pump, line);
  const heater = heaterFrame(pen, floorY);
  drawHeater(pen, heater, floorY);
  const pipes = drawPipes(pen, heater, floorY);
  const { battery, feed } = drawBattery(pen, heater, floorY);
  const alarm = drawAlarm(pen, floorY, outlineX);
  pen.write(null, { x: 12, y: 18 }, `drawn 1 : ${Math.round(1 / perMm / (25.4 / 96))}, squares of 250 mm`);

  const heaterIn = pen.at(geometry.heaterIn);
  const { inlet, outlet, middle, lengthPx, bodyPx, cos, sin } = pump;
  const { pickup } = tank;
  const { filterAt } = line;
  const lineMid = { x: outlet.x + (heaterIn.x - outlet.x) * 0.55, y: (outlet.y + heaterIn.y) / 2 };
  const anchors: RunDrawing['anchors'] = {
    ...tank.anchors,
    ...pipes.anchors,
    suction: {
      x: Math.max(tank.tank.x + tank.tank.w + 18, (pickup.top.x + inlet.x) / 2 - 30),
      y: Math.max(pickup.top.y, filterAt.y) + 42,
    },
    filter: { x: filterAt.x, y: filterAt.y + 26 },
    pump: { x: middle.x + lengthPx * 0.45, y: Math.max(inlet.y, outlet.y) + bodyPx / 2 + 13 },
    line: { x: lineMid.x, y: Math.min(outlet.y, heaterIn.y) - 6 },
    heater: { x: heater.x + heater.w / 2, y: heater.y - 16 },
    battery: { x: battery.x + battery.w / 2, y: battery.y + battery.h / 2 },
    cabin: { x: alarm.x, y: alarm.y + 26 },
  };
  const boxes: RunDrawing['boxes'] = {
    ...pipes.boxes,
    tank: rounded(tank.tank),
    pickup: touchBox(pickup.top.x, (pickup.top.y + pickup.end.y) / 2, 30, 30),
    suction: touchBox((pickup.top.x + inlet.x) / 2, (pickup.top.y + inlet.y) / 2, Math.abs(inlet.x - pickup.top.x) * 0.6, 44),
    filter: touchBox(filterAt.x, filterAt.y, 44, 44),
    pump: touchBox(middle.x, middle.y, lengthPx + 10, 44),
    line: touchBox(lineMid.x, lineMid.y, (heaterIn.x - outlet.x) * 0.7, 44),
    heater: rounded(heater),
    battery: touchBox(battery.x + battery.w / 2, battery.y + battery.h / 2, battery.w, battery.h),
    cabin: touchBox(alarm.x, alarm.y, 44, 44),
  };
  const told = partFindings(findings);
  const bodies: Box[] = [
    ...(['tank', 'heater', 'battery'] as const).map((part) => boxOf(boxes[part])),
    { cx: middle.x, cy: middle.y, w: lengthPx * cos + bodyPx * Math.abs(sin), h: lengthPx * Math.abs(sin) + bodyPx * cos },
    { cx: filterAt.x, cy: filterAt.y, w: 30, h: 20 },
    { cx: outlineX / 2, cy: floorY + 3, w: outlineX, h: 8 },
    ...(geometry.ink.cabin === 'unknown' ? [] : [{ cx: alarm.x, cy: alarm.y, w: 34, h: 24 }]),
    ...line.ways.flatMap((way) => strokeBoxes(way, 5)),
    ...strokeBoxes(pipes.ways.exhaust, 5),
    ...strokeBoxes(pipes.ways.intake, 4),
    ...strokeBoxes(feed, 2),
  ];
  settleLabels(pen.marks, anchors, told, bodies, { width, height });
  const shapes: Record<Part, Shape> = {
    ...boxes,
    suction: line.ways[0] ?? [],
    line: line.ways[1] ?? [],
    exhaust: pipes.ways.exhaust,
    intake: pipes.ways.intake,
    pickup: [pickup.top, pickup.end],
  };
  return {
    width,
    height,
    scale: perMm,
    marks: pen.marks,
    anchors,
    leaders: leadersTo(anchors, shapes, Object.keys(told) as Part[]),
    told,
    pump: { x: inlet.x, y: inlet.y, lengthPx, angleDeg: pump.angleDeg },
    segments: line.segments,
    boxes,
    geometry,
  };
}
