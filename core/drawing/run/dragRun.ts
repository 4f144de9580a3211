import type { Build } from '../../build/Build';
import { valueAt, type FigurePath } from '../../build/sheets';
import { segmentRows } from '../../model/fuel/routeOf';
import { runGeometry, type Point, type Segment } from './runGeometry';

/** What a drag makes of a figure, or of a cell of the fuel line. */
export type Moved = { path: FigurePath; value: number } | { row: string; column: 'lengthM' | 'riseMm'; value: number };
const clampRound = (value: number, min: number, max: number, decimals: number) =>
  Number(Math.min(max, Math.max(min, value)).toFixed(decimals));
const straight = (a: Point, b: Point) => Math.max(1, Math.hypot(b.x - a.x, b.z - a.z));

/** A segment between two new ends: its rise follows, and its length keeps its slack, the share by which it is longer than the straight way. */
function stretched(build: Build, segment: Segment, from: Point, to: Point): Moved[] {
  const row = segmentRows(build.lists).find(({ id }) => id === segment.id);
  const before = straight(segment.from, segment.to);
  const length = ((row?.lengthM ?? before / 1000) * straight(from, to)) / before;
  const rise = (row?.riseMm ?? 0) + (to.z - from.z) - (segment.to.z - segment.from.z);
  return [
    { row: segment.id, column: 'lengthM', value: clampRound(length, 0.01, 20, 2) },
    { row: segment.id, column: 'riseMm', value: clampRound(rise, -3000, 3000, 0) },
  ];
}
/** The rough length of one side between new ends. */
function rough(build: Build, path: 'fuel.suctionLengthM' | 'fuel.pressureLengthM', before: number, after: number): Moved {
  const [min, max] = path === 'fuel.suctionLengthM' ? [0.05, 15] : [0.1, 20];
  return { path, value: clampRound((valueAt(build.sheets, path) ?? before / 1000) * (after / before), min, max, 2) };
}

/** What moving the pump by (dx, dz) mm makes of the figures: its height, and what runs to it and from it; heater and tank stay where they are. */
export function movePump(build: Build, dxMm: number, dzMm: number): Moved[] {
  const g = runGeometry(build, new Set());
  const [last, first] = [
    g.segments.filter(({ side }) => side === 'suction').pop(),
    g.segments.find(({ side }) => side === 'pressure'),
  ];
  const [back, ahead] = [last?.from ?? g.pickup.top, first?.to ?? g.heaterIn];
  const to = {
    x: Math.min(Math.max(g.pumpIn.x + dxMm, back.x + (last ? 10 : 50)), Math.max(back.x + 10, ahead.x - (first ? 10 : 100))),
    z: g.pumpIn.z + dzMm,
  };
  return [
    { path: 'fuel.pumpAboveTankFloorMm', value: clampRound(to.z, -1500, 2500, 0) },
    ...(last
      ? stretched(build, last, last.from, to)
      : [rough(build, 'fuel.suctionLengthM', straight(back, g.pumpIn), straight(back, to))]),
    ...(first
      ? stretched(build, first, to, first.to)
      : [rough(build, 'fuel.pressureLengthM', straight(g.pumpIn, ahead), straight(to, ahead))]),
  ];
}

/** What moving the tank by (dx, dz) mm makes of the figures: heights are counted from its floor, so pump and heater move the other way. */
export function moveTank(build: Build, dxMm: number, dzMm: number): Moved[] {
  const g = runGeometry(build, new Set());
  const first = g.segments.find(({ side }) => side === 'suction');
  const end = first?.to ?? g.pumpIn;
  const moved = { x: Math.min(g.pickup.top.x + dxMm, end.x - (first ? 10 : 50)), z: g.pickup.top.z + dzMm };
  return [
    ...(first
      ? stretched(build, first, moved, first.to)
      : [rough(build, 'fuel.suctionLengthM', straight(g.pickup.top, end), straight(moved, end))]),
    { path: 'fuel.pumpAboveTankFloorMm', value: clampRound(g.pumpIn.z - dzMm, -1500, 2500, 0) },
    { path: 'fuel.heaterAboveTankFloorMm', value: clampRound(g.heaterIn.z - dzMm, -1500, 3000, 0) },
  ];
}

/** What moving the far end of a segment by (dx, dz) mm makes of it and of the next; the ends beyond stay. Nothing for the last before pump or heater: those are moved themselves. */
export function moveJoint(build: Build, id: string, dxMm: number, dzMm: number): Moved[] {
  const { segments } = runGeometry(build, new Set());
  const i = segments.findIndex((segment) => segment.id === id);
  const [one, next] = [segments[i], segments[i + 1]];
  if (!one || next?.side !== one.side) return [];
  const to = {
    x: Math.min(Math.max(one.to.x + dxMm, one.from.x + 5), next.to.x - 5),
    z: one.to.z + dzMm,
  };
  return [...stretched(build, one, one.from, to), ...stretched(build, next, to, next.to)];
}

/** What turning the pump to an angle makes of the figures. */
export const tiltPump = (angleDeg: number): Moved[] => [{ path: 'fuel.pumpAngleDeg', value: clampRound(angleDeg, -90, 90, 0) }];
