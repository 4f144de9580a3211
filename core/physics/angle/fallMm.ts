import { within } from '../within';

/**
 * By how much a straight pipe falls from its start to its end.
 * @param lengthM 0 to 20
 * @param elevationDeg by how much it rises towards its end, −90 to 90; minus where it falls
 * @returns mm, plus where it falls
 * @throws RangeError outside these
 * Source: geometry, fall = −L sin α.
 * @example fallMm(1, -30) // 500
 */
export function fallMm(lengthM: number, elevationDeg: number): number {
  within('length', lengthM, 'm', { min: 0, max: 20 });
  within('rise', elevationDeg, 'deg', { min: -90, max: 90 });
  return Math.round(-lengthM * 1000 * Math.sin((elevationDeg * Math.PI) / 180) * 1e6) / 1e6 + 0;
}
