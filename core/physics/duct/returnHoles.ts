import { within } from '../within';

/** Hole saws that a fitter has, mm. Common practice, no source. */
const saws = [60, 35] as const;
const most = 8;
export interface ReturnHoles {
  /** so many of each, the larger first; those of which none is wanted are left out */ holes: readonly {
    mm: number;
    pieces: number;
  }[];
  areaMm2: number;
}
export const holeMm2 = (mm: number): number => (Math.PI * mm ** 2) / 4;

/**
 * Holes that give at least so much free area, with the least of it too much.
 * @param neededMm2 above 0
 * @returns null where more than eight holes would be wanted of each size
 * @example returnHoles(4700).holes // [{ mm: 60, pieces: 1 }, { mm: 35, pieces: 2 }]
 * @source geometry; sizes by common practice, no source
 */
export function returnHoles(neededMm2: number): ReturnHoles | null {
  within('free area', neededMm2, 'mm²', { above: 0 });
  const [large, small] = saws;
  let best: { a: number; b: number; area: number } | null = null;
  for (let a = 0; a <= most; a += 1)
    for (let b = 0; b <= most; b += 1) {
      const area = a * holeMm2(large) + b * holeMm2(small);
      if (area < neededMm2) continue;
      if (!best || area < best.area) best = { a, b, area };
    }
  if (!best) return null;
  const all = [
    { mm: large, pieces: best.a },
    { mm: small, pieces: best.b },
  ];
  return { holes: all.filter(({ pieces }) => pieces > 0), areaMm2: best.area };
}
