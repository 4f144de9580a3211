import { within } from '../within';

/** How a device says that it is turned: about its own axes, first z, then x (beta), then y (gamma). */
export interface Turn {
  /** −180 to 180 */ betaDeg: number;
  /** −90 to 90 */ gammaDeg: number;
}
/** Edges that are laid along something: the long one from the bottom to the top of the screen, the short one from its left to its right. */
export type Edge = 'long' | 'short';

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
 * the same whether the device lies on its back, on its face or stands on its edge.
 * @throws RangeError for angles out of range
 * @example Math.round(edgeElevationDeg({ betaDeg: 25, gammaDeg: 0 }, 'long')) // 25
 */
export function edgeElevationDeg(turn: Turn, edge: Edge): number {
  const up = upOf(turn);
  return (Math.asin(Math.max(-1, Math.min(1, edge === 'long' ? up.y : up.x))) * 180) / Math.PI;
}
