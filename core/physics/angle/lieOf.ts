import { within } from '../within';

/** How a thing lies on whose top the back of the device was laid, its long edge along it: leaning is neither. */
export type Lie = 'flat' | 'side' | 'onEnd' | 'upsideDown' | 'leans';
/** So far from a right lie it still counts as one, degrees. Lorbet’s own choice, no source. */
export const leanMaxDeg = 20;

/**
 * How a thing lies, by a device whose back lies on its top and whose long edge lies along it.
 * @param faceDeg by how much the device’s face looks up, −90 to 90
 * @param longDeg by how much its long edge rises, −90 to 90
 * @throws RangeError for angles out of range
 * @example lieOf(88, 1) // "flat"
 */
export function lieOf(faceDeg: number, longDeg: number): Lie {
  const face = within('elevation of the face', faceDeg, 'deg', { min: -90, max: 90 });
  const long = within('elevation of the long edge', longDeg, 'deg', { min: -90, max: 90 });
  const upright = 90 - leanMaxDeg;
  if (face >= upright) return 'flat';
  if (face <= -upright) return 'upsideDown';
  if (Math.abs(long) >= upright) return 'onEnd';
  return Math.abs(face) <= leanMaxDeg && Math.abs(long) <= leanMaxDeg ? 'side' : 'leans';
}
