import { within } from '../within';

/** How a device says that it is turned: about its own axes, first z, then x (beta), then y (gamma). */
export interface Turn {
  /** −180 to 180 */ betaDeg: number;
  /** −90 to 90 */ gammaDeg: number;
}
/**
 * What of the device is laid along something: its long edge from the bottom to the top of the screen, its short one from left to right,
 * or its face, which looks out of the screen.
 */
export type Edge = 'long' | 'short' | 'face';
const axisOf = { long: 'y', short: 'x', face: 'z' } as const;

const rad = (deg: number): number => (deg * Math.PI) / 180;

/**
 * Which way is up, in the device's own axes: x to the right of its screen, y to its top, z out of it. A vector of length 1.
 * Which way it looks (alpha) does not matter. Source: rotation Z-X′-Y″ of the W3C's Device Orientation, from memory.
 * @throws RangeError for angles out of range
 * @example upOf({ betaDeg: 0, gammaDeg: 0 }).z // 1
 */
export function upOf({ betaDeg, gammaDeg }: Turn): { x: number; y: number; z: number } {
  const b = rad(within('turn about the short edge', betaDeg, 'deg', { min: -180, max: 180 }));
  const g = rad(within('turn about the long edge', gammaDeg, 'deg', { min: -90, max: 90 }));
  return { x: -Math.cos(b) * Math.sin(g), y: Math.sin(b), z: Math.cos(b) * Math.cos(g) };
}

/**
 * By how much an edge of the device rises above the horizontal, towards the top of its screen or towards its right, degrees from −90 to 90;
 * the same whether the device lies on its back, on its face or stands on its edge. Its face looks up at 90 and down at −90.
 * @throws RangeError for angles out of range
 * @example Math.round(edgeElevationDeg({ betaDeg: 25, gammaDeg: 0 }, 'long')) // 25
 */
export function edgeElevationDeg(turn: Turn, edge: Edge): number {
  return (Math.asin(Math.max(-1, Math.min(1, upOf(turn)[axisOf[edge]]))) * 180) / Math.PI;
}
