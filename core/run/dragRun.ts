import type { Build } from '../build/Build';
import { valueAt, type FigurePath } from '../build/sheets';
import { runGeometry } from './runGeometry';

export interface Moved {
  path: FigurePath;
  value: number;
}
const clampRound = (value: number, min: number, max: number, decimals: number) =>
  Number(Math.min(max, Math.max(min, value)).toFixed(decimals));

/**
 * What moving the pump by (dx, dz) mm makes of the figures: its height, and both line lengths, heater and tank staying where they are.
 * A slack line keeps its slack: the share by which it is longer than the straight way.
 */
export function movePump(build: Build, dxMm: number, dzMm: number): Moved[] {
  const g = runGeometry(build, new Set());
  const suction = Math.hypot(g.pumpIn.x - g.pickup.top.x, g.pumpIn.z - g.pickup.top.z);
  const pressure = Math.hypot(g.heaterIn.x - g.pumpIn.x, g.heaterIn.z - g.pumpIn.z);
  const z = g.pumpIn.z + dzMm;
  const x = Math.min(Math.max(g.pumpIn.x + dxMm, g.pickup.top.x + 50), g.heaterIn.x - 100);
  const slack = (path: FigurePath, straight: number) =>
    (((valueAt(build.sheets, path) as number | null) ?? straight / 1000) * 1000) / straight;
  return [
    { path: 'fuel.pumpAboveTankFloorMm', value: clampRound(z, -1500, 2500, 0) },
    {
      path: 'fuel.suctionLengthM',
      value: clampRound(
        (Math.hypot(x - g.pickup.top.x, z - g.pickup.top.z) * slack('fuel.suctionLengthM', suction)) / 1000,
        0.05,
        15,
        2,
      ),
    },
    {
      path: 'fuel.pressureLengthM',
      value: clampRound(
        (Math.hypot(g.heaterIn.x - x, g.heaterIn.z - z) * slack('fuel.pressureLengthM', pressure)) / 1000,
        0.1,
        20,
        2,
      ),
    },
  ];
}

/** What moving the tank by (dx, dz) mm makes of the figures: heights are counted from its floor, so pump and heater move the other way. */
export function moveTank(build: Build, dxMm: number, dzMm: number): Moved[] {
  const g = runGeometry(build, new Set());
  const before = Math.hypot(g.pumpIn.x - g.pickup.top.x, g.pumpIn.z - g.pickup.top.z);
  const after = Math.hypot(Math.max(g.pumpIn.x - g.pickup.top.x - dxMm, 50), g.pumpIn.z - g.pickup.top.z - dzMm);
  const length = (valueAt(build.sheets, 'fuel.suctionLengthM') ?? before / 1000) * (after / before);
  return [
    { path: 'fuel.suctionLengthM', value: clampRound(length, 0.05, 15, 2) },
    { path: 'fuel.pumpAboveTankFloorMm', value: clampRound(g.pumpIn.z - dzMm, -1500, 2500, 0) },
    { path: 'fuel.heaterAboveTankFloorMm', value: clampRound(g.heaterIn.z - dzMm, -1500, 3000, 0) },
  ];
}

/** What turning the pump to an angle makes of the figures. */
export const tiltPump = (angleDeg: number): Moved[] => [{ path: 'fuel.pumpAngleDeg', value: clampRound(angleDeg, -90, 90, 0) }];
