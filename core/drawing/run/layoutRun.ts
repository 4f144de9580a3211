import { stageIds, type StageId } from '../../build/stages';
import { curveMonotoneX, line as lineOf, path as pathOf } from 'd3';
import type { Build } from '../../build/Build';
import type { Part } from '../../build/field';
import { rowsOf } from '../../build/lists';
import { valueAt, type FigurePath } from '../../build/sheets';
import { type Finding } from '../../checks/Finding';
import { isProven } from '../../checks/progress';
import { segmentRows } from '../../model/fuel/routeOf';
import { stackLayers, stackMm } from '../../model/siting/stackUp';
import { formatFixed, formatShort } from '../../units/formatNumber';
import { partFindings, type PartFinding } from './partFindings';
import { placeLabels, strokeBoxes, type Box } from './placeLabels';
import { runGeometry, type Ink, type Point, type RunGeometry } from './runGeometry';

/** What flows, which decides the colour: fuel straw, air blue, heat red, the rest ink. */
export type Flow = 'fuel' | 'air' | 'heat' | 'ink';
export interface PathMark {
  kind: 'path';
  d: string;
  part: Part | null;
  flow: Flow;
  ink: Ink;
  /** line width, px */ width: number;
  fill?: 'paper' | 'fuel' | 'ground';
  name?: string;
}
export interface TextMark {
  kind: 'text';
  x: number;
  y: number;
  text: string;
  part: Part | null;
  anchor: 'start' | 'middle' | 'end';
  flow: Flow;
  strong?: boolean;
}
export type Mark = PathMark | TextMark;

export interface RunDrawing {
  width: number;
  height: number;
  /** px per mm */
  scale: number;
  marks: Mark[];
  /** Where the worst finding on a part is shown, px. */
  anchors: Record<Part, { x: number; y: number }>;
  /** The worst finding on each part that has one to tell. */
  told: Partial<Record<Part, PartFinding>>;
  pump: { x: number; y: number; lengthPx: number; angleDeg: number };
  /** The line segment by segment, px; `joint` is its far end where that can be dragged. */
  segments: {
    id: string;
    name: string;
    d: string;
    from: { x: number; y: number };
    to: { x: number; y: number };
    joint: boolean;
  }[];
  /** Boxes to touch, px. */
  boxes: Record<Part, { x: number; y: number; w: number; h: number }>;
  geometry: RunGeometry;
}

/** How it lies where that is not flat, short enough for its body. */
const liesShort = { sideUp: 'on its side', sideDown: 'on its side', onEnd: 'on end', upsideDown: 'upside down' } as const;
const widths: Record<Ink, number> = { unknown: 1, planned: 1.5, fitted: 2.25, proven: 3.5 };
const usualGrid = 250;

/**
 * Draws the run to scale as plain marks that a screen and a page can both show.
 * The bodies of pump, filter, heater and battery are shown larger than life where to scale they would be too small to read; their places are true.
 * @param width px, 320 and up
 * @param most px, the most height it may take; it takes less where the scale is set by the width
 */
export function layoutRun(build: Build, findings: readonly Finding[], width: number, max: number): RunDrawing {
  const proven = new Set<StageId>(stageIds.filter((stage) => isProven(build, findings, stage)));
  const g = runGeometry(build, proven);
  const pad = { left: 24, right: 40, top: 34, bottom: 40 };
  const left = Math.min(0, g.intake.end.x);
  const right = Math.max(g.exhaust.end.x + 60, g.outlineX + 60, g.heaterIn.x + 500);
  const low = Math.min(0, g.pumpIn.z - 60, g.exhaust.end.z - 40, g.intake.end.z - 40);
  const high = Math.max(g.floorZ + 260, g.tank.height + 90, g.pumpIn.z + 120, g.exhaust.end.z + 60, g.intake.end.z + 60);
  const scale = Math.min((width - pad.left - pad.right) / (right - left), (max - pad.top - pad.bottom) / (high - low));
  // The bodies above the floor are larger than to scale, so they need their room whatever the scale is.
  const height = Math.round(
    Math.min(max, Math.max((high - low) * scale + pad.top + pad.bottom, (g.floorZ - low) * scale + pad.bottom + 128)),
  );
  const x = (mm: number) => round(pad.left + (mm - left) * scale);
  const y = (mm: number) => round(height - pad.bottom - (mm - low) * scale);
  const at = (p: Point) => ({ x: x(p.x), y: y(p.z) });
  const marks: Mark[] = [];
  const draw = (part: Part | null, flow: Flow, d: string, more: Partial<PathMark> = {}) => {
    const ink = part ? g.ink[part] : 'fitted';
    marks.push({ kind: 'path', d, part, flow, ink, width: widths[ink], ...more });
  };
  const write = (part: Part | null, px: number, py: number, text: string, more: Partial<TextMark> = {}) =>
    marks.push({ kind: 'text', x: round(px), y: round(py), text, part, anchor: 'start', flow: 'ink', ...more });
  const value = <P extends FigurePath>(path: P) => valueAt<P>(build.sheets, path);

  // Grid, a quarter of a metre, only as large as the drawing is to scale.
  const grid = pathOf();
  for (let mm = Math.ceil((left - pad.left / scale) / usualGrid) * usualGrid; x(mm) < width; mm += usualGrid) {
    grid.moveTo(x(mm), 0);
    grid.lineTo(x(mm), height);
  }
  for (let mm = Math.ceil((low - pad.bottom / scale) / usualGrid) * usualGrid; y(mm) > 0; mm += usualGrid) {
    grid.moveTo(0, y(mm));
    grid.lineTo(width, y(mm));
  }
  draw(null, 'ink', grid.toString(), { width: 0.5, fill: 'ground', name: 'grid' });

  // Floor and outline.
  const floorY = y(g.floorZ);
  const outlineX = x(g.outlineX);
  draw(null, 'ink', `M0,${floorY}H${outlineX}V${round(Math.max(8, floorY - 200))}`, { width: 2, name: 'floor' });
  // The body's outline carried down: what the exhaust's end is measured against.
  draw(null, 'ink', `M${outlineX},${floorY}V${height - 12}`, { width: 1, ink: 'unknown', name: 'outline' });
  // The floor's own thickness once its layers are measured, down to the lowest rib.
  const thickMm = stackMm(stackLayers(rowsOf(build.lists, 'stack')));
  if (thickMm > 0)
    draw(null, 'ink', `M0,${round(floorY + thickMm * scale)}H${outlineX}V${floorY}`, { width: 1, name: 'underside' });
  const hatch = pathOf();
  for (let px = 4; px < outlineX - 6; px += 11) {
    hatch.moveTo(px + 6, floorY + 1);
    hatch.lineTo(px, floorY + 7);
  }
  draw(null, 'ink', hatch.toString(), { width: 0.6, name: 'hatch' });

  // Tank, fuel, pickup.
  const tank = { x: x(0), y: y(g.tank.height), w: g.tank.length * scale, h: g.tank.height * scale };
  if (g.tank.fuel > 0)
    draw('tank', 'fuel', `M${tank.x},${y(g.tank.fuel)}h${round(tank.w)}V${y(0)}h${round(-tank.w)}Z`, {
      fill: 'fuel',
      width: 0,
      name: 'fuel',
    });
  draw('tank', 'ink', `M${tank.x},${tank.y}h${round(tank.w)}V${y(0)}h${round(-tank.w)}Z`, { name: 'tank' });
  const pickup = { top: at(g.pickup.top), end: at(g.pickup.end) };
  draw(
    'pickup',
    'fuel',
    `M${pickup.end.x},${pickup.end.y}${g.pickup.end.x === g.pickup.top.x ? '' : `H${pickup.top.x}`}L${pickup.top.x},${pickup.top.y}`,
    { width: widths[g.ink.pickup] + 1, name: 'pickup' },
  );
  const level = value('fuel.fuelLevelMm');
  write('tank', tank.x + 6, y(0) + 17, level === null ? 'fuel level not measured' : `${formatFixed(level)} mm of fuel`);

  // Pump at its true angle.
  const angleDeg = value('fuel.pumpAngleDeg') ?? 0;
  const lengthPx = Math.max(130 * scale, 58);
  const bodyH = Math.max(40 * scale, 20);
  const pumpIn = at(g.pumpIn);
  const [cos, sin] = [Math.cos((angleDeg * Math.PI) / 180), Math.sin((angleDeg * Math.PI) / 180)];
  const turn = (dx: number, dy: number) => `${round(pumpIn.x + dx * cos + dy * sin)},${round(pumpIn.y - dx * sin + dy * cos)}`;
  const pumpOut = { x: pumpIn.x + lengthPx * cos, y: pumpIn.y - lengthPx * sin };

  const lengths = new Map(segmentRows(build.lists).map((row) => [row.id, row.lengthM ?? 0]));
  // Lines: suction, pressure, with the filter where it sits.
  const heaterIn = at(g.heaterIn);
  const through = lineOf<{ x: number; y: number }>(
    (p) => round(p.x),
    (p) => round(p.y),
  ).curve(curveMonotoneX);
  const sideOf = (side: 'suction' | 'pressure') => g.segments.filter((segment) => segment.side === side);
  const [before, after] = [sideOf('suction'), sideOf('pressure')];
  // Known by its segments it is drawn as it runs; by its rough lengths alone as a soft curve.
  const polyline = (points: readonly { x: number; y: number }[]) =>
    `M${points.map((p) => `${round(p.x)},${round(p.y)}`).join('L')}`;
  const suction =
    before.length > 0
      ? polyline([pickup.top, ...before.map(({ to }) => at(to))])
      : (through([
          pickup.top,
          { x: pickup.top.x + (pumpIn.x - pickup.top.x) * 0.5, y: pickup.top.y + (pumpIn.y - pickup.top.y) * 0.25 },
          pumpIn,
        ]) ?? '');
  const pressure =
    after.length > 0
      ? polyline([pumpOut, ...after.map(({ to }) => at(to))])
      : (through([
          pumpOut,
          { x: pumpOut.x + (heaterIn.x - pumpOut.x) * 0.12, y: pumpOut.y + (heaterIn.y - pumpOut.y) * 0.3 },
          { x: heaterIn.x - (heaterIn.x - pumpOut.x) * 0.06, y: heaterIn.y + (pumpOut.y - heaterIn.y) * 0.08 },
          heaterIn,
        ]) ?? '');
  const segments = g.segments.map(({ id, name, side, from, to }, i) => {
    const own = side === 'pressure' && id === after[0]?.id ? pumpOut : at(from);
    return { id, name, d: polyline([own, at(to)]), from: own, to: at(to), joint: g.segments[i + 1]?.side === side };
  });
  draw('suction', 'fuel', suction, { width: widths[g.ink.suction] + 1.5, name: 'suction' });
  draw('line', 'fuel', pressure, { width: widths[g.ink.line] + 1.5, name: 'pressure' });
  const place = value('fuel.filterPlace');
  const filterEnd = g.segments.find(({ end }) => end === 'filter')?.to;
  // A filter that ends the last segment before the pump stands a little before it.
  const inLine = filterEnd && (filterEnd === g.pumpIn ? { x: at(filterEnd).x - 22, y: at(filterEnd).y - 3 } : at(filterEnd));
  const filterAt = inLine
    ? inLine
    : place === 'afterPump'
      ? { x: pumpOut.x + (heaterIn.x - pumpOut.x) * 0.12, y: pumpOut.y + (heaterIn.y - pumpOut.y) * 0.3 }
      : { x: pickup.top.x + (pumpIn.x - pickup.top.x) * 0.5, y: pickup.top.y + (pumpIn.y - pickup.top.y) * 0.25 };
  if (place !== 'none' || filterEnd) {
    const back = value('fuel.filterDirection') === 'againstFlow' ? -1 : 1;
    const { x: fx, y: fy } = filterAt;
    draw(
      'filter',
      'ink',
      `M${round(fx - 13 * back)},${round(fy - 8)}H${round(fx + 6 * back)}L${round(fx + 14 * back)},${round(fy)}L${round(fx + 6 * back)},${round(fy + 8)}H${round(fx - 13 * back)}Z`,
      { fill: 'paper', name: 'filter' },
    );
  }
  for (const segment of g.segments)
    if (segment.end === 'joint') {
      const { x: jx, y: jy } = at(segment.to);
      draw(segment.side === 'suction' ? 'suction' : 'line', 'ink', `M${round(jx - 5)},${round(jy - 4)}h10v8h-10Z`, {
        fill: 'paper',
        width: 1.25,
        name: 'joint',
      });
    }
  const reversed = value('fuel.pumpDirection') === 'againstFlow';
  draw(
    'pump',
    'ink',
    `M${turn(0, -bodyH / 2)}L${turn(lengthPx, -bodyH / 2)}L${turn(lengthPx, bodyH / 2)}L${turn(0, bodyH / 2)}Z`,
    { fill: 'paper', name: 'pump' },
  );
  const [from, to] = reversed ? [0.75, 0.25] : [0.25, 0.75];
  const tip = reversed ? 6 : -6;
  draw(
    'pump',
    'ink',
    `M${turn(lengthPx * from, 0)}L${turn(lengthPx * to, 0)}M${turn(lengthPx * to + tip, -5)}L${turn(lengthPx * to, 0)}L${turn(lengthPx * to + tip, 5)}`,
    { ink: 'fitted', width: 1.75, name: 'pump arrow' },
  );
  if (value('fuel.pumpAngleDeg') !== null)
    write('pump', pumpIn.x + lengthPx / 2, Math.max(pumpIn.y, pumpOut.y) + bodyH / 2 + 19, `${formatShort(angleDeg)}°`, {
      strong: true,
      anchor: 'middle',
    });
  const metres = (rows: readonly { id: string }[]) => rows.reduce((sum, { id }) => sum + (lengths.get(id) ?? 0), 0);
  const suctionM = before.length > 0 ? metres(before) : value('fuel.suctionLengthM');
  if (suctionM !== null)
    write(
      'suction',
      Math.max(tank.x + tank.w + 8, (pickup.top.x + pumpIn.x) / 2 - 40),
      Math.max(pickup.top.y, filterAt.y) + 26,
      `${formatShort(suctionM)} m`,
    );
  const boreMm = segmentRows(build.lists).find(({ side }) => side === 'pressure')?.boreMm ?? value('fuel.pressureBoreMm');
  const lineM = after.length > 0 ? metres(after) : value('fuel.pressureLengthM');
  if (lineM !== null)
    write(
      'line',
      pumpOut.x + (heaterIn.x - pumpOut.x) * 0.42,
      Math.min(y(g.pumpIn.z), y(g.heaterIn.z) + 44) + 10,
      `${formatShort(lineM)} m, bore ${formatShort(boreMm ?? 0, 1)} mm, ${riseText(g)}`.replace('bore 0 mm, ', ''),
      { anchor: 'middle' },
    );

  // Heater on the floor, its pipes below it.
  const lies = value('siting.heaterLies') ?? 'flat';
  const [longMm, highMm] = [value('siting.heaterLengthMm') ?? 360, value('siting.heaterHeightMm') ?? 130];
  const [acrossMm, upMm] =
    lies === 'onEnd'
      ? [highMm, longMm]
      : lies === 'flat' || lies === 'upsideDown'
        ? [longMm, highMm]
        : [longMm, value('siting.heaterWidthMm') ?? highMm];
  const heater = { w: Math.max(acrossMm * scale, 92), h: Math.min(Math.max(upMm * scale, 40), 120) };
  const heaterX = heaterIn.x - heater.w * 0.12;
  const hy = floorY - heater.h - 2;
  draw('heater', 'ink', `M${heaterIn.x},${heaterIn.y}V${floorY}`, {
    flow: 'fuel',
    width: widths[g.ink.line] + 1.5,
    name: 'heater inlet',
  });
  const r = heater.h * 0.32;
  draw(
    'heater',
    'ink',
    `M${round(heaterX + r)},${round(hy)}H${round(heaterX + heater.w - r)}l${round(r)},${round(r)}v${round(heater.h - 2 * r)}l${round(-r)},${round(r)}H${round(heaterX + r)}l${round(-r)},${round(-r)}v${round(-(heater.h - 2 * r))}Z`,
    { fill: 'paper', name: 'heater' },
  );
  write('heater', heaterX + heater.w / 2, hy + heater.h / 2 + (lies === 'flat' ? 5 : -2), 'heater', {
    anchor: 'middle',
    strong: true,
  });
  if (lies !== 'flat') write('heater', heaterX + heater.w / 2, hy + heater.h / 2 + 14, liesShort[lies], { anchor: 'middle' });
  // A small wedge inside, towards the side where fuel inlet and glow plug are.
  const [hx, hy0] = [heaterX + heater.w / 2, hy + heater.h / 2];
  const top = lies === 'flat' || lies === 'sideUp' ? -1 : 1;
  draw(
    'heater',
    'ink',
    lies === 'onEnd'
      ? `M${round(heaterX + 9)},${round(hy0 - 5)}l-6,5l6,5Z`
      : `M${round(hx - 5)},${round(hy0 + top * (heater.h / 2 - 9))}l5,${top * 6}l5,${-top * 6}Z`,
    { ink: 'fitted', width: 1.25, name: 'heater up' },
  );
  const [exStart, exEnd] = [at(g.exhaust.start), at(g.exhaust.end)];
  const exTop = heaterX + heater.w * 0.72;
  draw('exhaust', 'heat', `M${round(exTop)},${floorY}V${exStart.y}L${Math.max(exEnd.x, round(exTop) + 12)},${exEnd.y}`, {
    width: widths[g.ink.exhaust] + 2,
    name: 'exhaust',
  });
  const [inStart, inEnd] = [at(g.intake.start), at(g.intake.end)];
  const inTop = heaterX + heater.w * 0.42;
  const inside = value('air.intakeFrom') !== null && value('air.intakeFrom') !== 'outside';
  const inLow = inside ? floorY - (inStart.y - floorY) * 0.4 : inStart.y;
  draw(
    'intake',
    'air',
    inside ? `M${round(heaterX)},${round(inLow)}H${inEnd.x}` : `M${round(inTop)},${floorY}V${round(inLow)}L${inEnd.x},${inEnd.y}`,
    { width: widths[g.ink.intake] + 1, name: 'intake' },
  );
  const fall = value('air.exhaustFallMm');
  const past = value('air.exhaustPastOutlineMm');
  if (fall !== null)
    write(
      'exhaust',
      Math.min(exEnd.x, width - 6),
      Math.min(exEnd.y + 19, height - 6),
      `falls ${formatFixed(fall)} mm${past === null ? '' : past < 0 ? `, ends ${formatFixed(-past)} mm short` : `, ends ${formatFixed(past)} mm past`}`,
      { anchor: 'end', flow: 'heat' },
    );

  // Feed and alarm.
  const battery = { ...at(g.battery), w: Math.max(240 * scale, 46), h: Math.max(170 * scale, 28) };
  const by = floorY - battery.h - 2;
  draw(
    'battery',
    'ink',
    `M${battery.x},${round(by)}h${round(battery.w)}v${round(battery.h)}h${round(-battery.w)}Zm8,0v-5h8v5m${round(battery.w - 32)},0v-5h8v5`,
    { fill: 'paper', name: 'battery' },
  );
  draw(
    'battery',
    'ink',
    `M${round(battery.x + battery.w - 12)},${round(by - 5)}V${round(by - 14)}H${round(heaterX + 14)}V${round(hy)}`,
    { width: Math.max(1, widths[g.ink.battery] - 0.75), name: 'feed' },
  );
  const feed = value('wiring.feedLengthM');
  if (feed !== null)
    write('battery', (battery.x + battery.w + heaterX) / 2, by - 20, `${formatShort(feed, 1)} m feed`, { anchor: 'middle' });
  const alarm = { x: outlineX - 46, y: Math.max(20, floorY - 150) };
  if (g.ink.cabin !== 'unknown' && value('proving.coAlarmFitted') === 'yes') {
    draw('cabin', 'ink', `M${alarm.x - 14},${alarm.y - 10}h28v20h-28Z`, { fill: 'paper', name: 'alarm' });
    write('cabin', alarm.x, alarm.y + 5, 'CO', { anchor: 'middle', strong: true });
  }
  const dpiScale = Math.round(1 / scale / (25.4 / 96));
  write(null, 12, 18, `drawn 1 : ${dpiScale}, squares of 250 mm`);

  const box = (cx: number, cy: number, w: number, h: number) => ({
    x: round(cx - Math.max(w, 44) / 2),
    y: round(cy - Math.max(h, 44) / 2),
    w: round(Math.max(w, 44)),
    h: round(Math.max(h, 44)),
  });
  const middle = { x: pumpIn.x + (lengthPx * cos) / 2, y: pumpIn.y - (lengthPx * sin) / 2 };
  const lineMid = { x: pumpOut.x + (heaterIn.x - pumpOut.x) * 0.55, y: (pumpOut.y + heaterIn.y) / 2 };
  const anchors: RunDrawing['anchors'] = {
    tank: { x: tank.x + tank.w * 0.3, y: tank.y - 14 },
    pickup: { x: pickup.end.x + 14, y: Math.min(pickup.end.y - 12, y(0) - 12) },
    suction: {
      x: Math.max(tank.x + tank.w + 18, (pickup.top.x + pumpIn.x) / 2 - 30),
      y: Math.max(pickup.top.y, filterAt.y) + 42,
    },
    filter: { x: filterAt.x, y: filterAt.y + 26 },
    pump: { x: middle.x + lengthPx * 0.45, y: Math.max(pumpIn.y, pumpOut.y) + bodyH / 2 + 13 },
    line: { x: lineMid.x, y: Math.min(pumpOut.y, heaterIn.y) - 6 },
    heater: { x: heaterX + heater.w / 2, y: hy - 16 },
    intake: { x: inEnd.x, y: (inside ? inLow : inEnd.y) + 18 },
    exhaust: { x: Math.min(exEnd.x + 14, width - 16), y: exEnd.y - 14 },
    battery: { x: battery.x + battery.w / 2, y: by + battery.h / 2 },
    cabin: { x: alarm.x, y: alarm.y + 26 },
  };
  const boxes: RunDrawing['boxes'] = {
    tank: { x: tank.x, y: tank.y, w: round(tank.w), h: round(tank.h) },
    pickup: box(pickup.top.x, (pickup.top.y + pickup.end.y) / 2, 30, 30),
    suction: box((pickup.top.x + pumpIn.x) / 2, (pickup.top.y + pumpIn.y) / 2, Math.abs(pumpIn.x - pickup.top.x) * 0.6, 44),
    filter: box(filterAt.x, filterAt.y, 44, 44),
    pump: box(middle.x, middle.y, lengthPx + 10, 44),
    line: box(lineMid.x, lineMid.y, (heaterIn.x - pumpOut.x) * 0.7, 44),
    heater: { x: round(heaterX), y: round(hy), w: round(heater.w), h: round(heater.h) },
    intake: box((inTop + inEnd.x) / 2, (inStart.y + inEnd.y) / 2, Math.abs(inTop - inEnd.x), 30),
    exhaust: box((exTop + exEnd.x) / 2, (exStart.y + exEnd.y) / 2, exEnd.x - exTop, 30),
    battery: box(battery.x + battery.w / 2, by + battery.h / 2, battery.w, battery.h),
    cabin: box(alarm.x, alarm.y, 44, 44),
  };
  // Labels and the marks of findings give way to bodies, lines and to each other.
  const told = partFindings(findings);
  const bodies: Box[] = [
    ...(['tank', 'heater', 'battery'] as const).map((part) => frame(boxes[part])),
    { cx: middle.x, cy: middle.y, w: lengthPx * cos + bodyH * Math.abs(sin), h: lengthPx * Math.abs(sin) + bodyH * cos },
    { cx: filterAt.x, cy: filterAt.y, w: 30, h: 20 },
    { cx: outlineX / 2, cy: floorY + 3, w: outlineX, h: 8 },
    ...(g.ink.cabin === 'unknown' ? [] : [{ cx: alarm.x, cy: alarm.y, w: 34, h: 24 }]),
    ...strokeBoxes(before.length > 0 ? [pickup.top, ...before.map(({ to }) => at(to))] : [pickup.top, filterAt, pumpIn], 5),
    ...strokeBoxes(after.length > 0 ? [pumpOut, ...after.map(({ to }) => at(to))] : [pumpOut, heaterIn], 5),
    ...strokeBoxes([{ x: exTop, y: floorY }, { x: exTop, y: exStart.y }, exEnd], 5),
    ...strokeBoxes(
      inside
        ? [
            { x: heaterX, y: inLow },
            { x: inEnd.x, y: inLow },
          ]
        : [{ x: inTop, y: floorY }, { x: inTop, y: inLow }, inEnd],
      4,
    ),
    ...strokeBoxes(
      [
        { x: battery.x + battery.w, y: by - 14 },
        { x: heaterX + 14, y: by - 14 },
      ],
      2,
    ),
  ];
  const fixed = ['heater', 'CO', ...Object.values(liesShort)];
  const texts = marks.filter((m): m is TextMark => m.kind === 'text' && m.part !== null && !fixed.includes(m.text));
  const toldParts = Object.keys(told) as Part[];
  const wanted = [
    ...toldParts.map((part) => {
      const w = told[part]?.more ? 46 : 20;
      return { cx: anchors[part].x + w / 2 - 10, cy: anchors[part].y, w, h: 20 };
    }),
    ...texts.map((m) => {
      const w = m.text.length * (m.strong ? 8.4 : 7.2);
      return { cx: m.anchor === 'middle' ? m.x : m.anchor === 'end' ? m.x - w / 2 : m.x + w / 2, cy: m.y - 5, w, h: 17 };
    }),
  ];
  placeLabels(wanted, bodies, { width, height }).forEach(({ cx, cy }, i) => {
    const [dx, dy] = [cx - (wanted[i]?.cx ?? cx), cy - (wanted[i]?.cy ?? cy)];
    const part = toldParts[i];
    const text = texts[i - toldParts.length];
    if (part) anchors[part] = { x: round(anchors[part].x + dx), y: round(anchors[part].y + dy) };
    else if (text) Object.assign(text, { x: round(text.x + dx), y: round(text.y + dy) });
  });
  return {
    width,
    height,
    scale,
    marks,
    anchors,
    told,
    pump: { x: pumpIn.x, y: pumpIn.y, lengthPx, angleDeg },
    segments,
    boxes,
    geometry: g,
  };
}

const frame = ({ x, y, w, h }: { x: number; y: number; w: number; h: number }): Box => ({ cx: x + w / 2, cy: y + h / 2, w, h });
const riseText = (g: RunGeometry): string => {
  const rise = g.heaterIn.z - g.pumpIn.z;
  return rise >= 0 ? `rises ${formatFixed(rise)} mm` : `falls ${formatFixed(-rise)} mm`;
};
const round = (n: number): number => Math.round(n * 10) / 10;
