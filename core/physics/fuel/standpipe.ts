import { within } from '../within';
export interface StandpipeCut {
  /** mm, rounded to whole */ cutMm: number;
  /** what that leaves between its end and the tank's floor, at the least and at the most */ minClearMm: number;
  maxClearMm: number;
}

/**
 * Where to cut a standpipe: depth at that very spot and what lies above the seat, less the clearance wanted.
 * @param p.depthMm from the seat of the flange to the tank's floor, by a clean stick at that very spot, mm
 * @param p.stackMm from the seat up to where the pipe is held (flange, gasket, washer), mm
 * @param p.clearMm wanted between its end and the floor, mm
 * @param p.toleranceMm how far the cut and the measure may be off together, ± mm
 * @returns mm; a cut of 0 or less means that the pipe can't be this short
 * @example cutStandpipe({ depthMm: 236, stackMm: 8, clearMm: 30, toleranceMm: 2 }) // { cutMm: 214, minClearMm: 28, maxClearMm: 32 }
 * @source geometry
 */
export function cutStandpipe(p: { depthMm: number; stackMm: number; clearMm: number; toleranceMm: number }): StandpipeCut {
  within('depth', p.depthMm, 'mm', { above: 0 });
  within('stack', p.stackMm, 'mm', { min: 0 });
  within('clearance', p.clearMm, 'mm', { min: 0 });
  within('tolerance', p.toleranceMm, 'mm', { min: 0 });
  const cutMm = Math.round(p.depthMm + p.stackMm - p.clearMm);
  const leaves = p.depthMm + p.stackMm - cutMm;
  return { cutMm, minClearMm: leaves - p.toleranceMm, maxClearMm: leaves + p.toleranceMm };
}

/** Drills that a shop has to hand, mm: whole and half millimetres to 13, then what a step drill gives. Source: ISO 235 sizes (from memory). */
export const usualDrillsMm: readonly number[] = [
  ...Array.from({ length: 20 }, (_, i) => 3.5 + i * 0.5),
  7.8,
  14,
  16,
  18,
  20,
  22,
  25,
].sort((a, b) => a - b);

export type HoleFit = 'tight' | 'snug' | 'loose';
/** How much larger than its fitting a hole in a plastic wall may be, mm. Lorbet's own choice, no source. */
export const snugMm = { min: 0, max: 0.35 } as const;

/**
 * How a fitting sits in a hole.
 * @param holeMm across the hole
 * @param fittingMm across the fitting where it passes
 * @throws RangeError naming quantity, value and bounds
 * @example holeFit(8, 7.8) // 'snug'
 */
export function holeFit(holeMm: number, fittingMm: number): HoleFit {
  within('hole', holeMm, 'mm', { above: 0 });
  within('fitting', fittingMm, 'mm', { above: 0 });
  const over = holeMm - fittingMm;
  return over < snugMm.min - 1e-9 ? 'tight' : over > snugMm.max + 1e-9 ? 'loose' : 'snug';
}

/** The smallest drill to hand that lets the fitting through, and how it fits; null where every one is too small. */
export function drillFor(fittingMm: number, drillsMm: readonly number[]): { drillMm: number; fit: HoleFit } | null {
  const drillMm = [...drillsMm].sort((a, b) => a - b).find((drill) => drill - fittingMm >= snugMm.min - 1e-9);
  return drillMm === undefined ? null : { drillMm, fit: holeFit(drillMm, fittingMm) };
}
