import { within } from '../within';

export const ventShapes = { round: 'round', square: 'square', stated: 'by maker' } as const;
export const ventCovers = {
  open: 'nothing',
  mesh6: 'mesh, 6 mm',
  fly: 'fly screen',
  louvre: 'louvres',
  louvreFly: 'louvres, fly screen',
} as const;
export type VentCover = keyof typeof ventCovers;
/** What a cover leaves free, as a share. Mesh and louvre from memory (Idelchik, ASHRAE), louvres at the lower end; a fly screen is common practice, no source. */
export const freeShare: Readonly<Record<VentCover, number>> = { open: 1, mesh6: 0.7, fly: 0.5, louvre: 0.5, louvreFly: 0.25 };

/** One opening, or several alike. */
export type VentHole = { pieces: number; cover: VentCover } & (
  | { shape: 'round'; diaMm: number }
  | { shape: 'square'; widthMm: number; heightMm: number }
  | { shape: 'stated'; eachMm2: number }
);

/**
 * Area through which air can pass.
 * @param hole holes in mm, 1 to 3,000; pieces 1 to 500. A maker's figure counts as it is: he has counted his own cover.
 * @returns mm²
 * @throws RangeError naming quantity, value and bounds
 * @source geometry; shares of covers as `freeShare`
 * @example freeAreaMm2({ shape: 'square', widthMm: 100, heightMm: 200, pieces: 1, cover: 'mesh6' }) // 14000
 */
export function freeAreaMm2(hole: VentHole): number {
  within('number of holes', hole.pieces, 'pieces', { min: 1, max: 500 });
  const size = { min: 1, max: 3000 };
  switch (hole.shape) {
    case 'round':
      return hole.pieces * (Math.PI / 4) * within('hole', hole.diaMm, 'mm', size) ** 2 * freeShare[hole.cover];
    case 'square': {
      const each = within('width of a hole', hole.widthMm, 'mm', size) * within('height of a hole', hole.heightMm, 'mm', size);
      return hole.pieces * each * freeShare[hole.cover];
    }
    case 'stated':
      return hole.pieces * within('free area of a piece', hole.eachMm2, 'mm²', { above: 0, max: 1e6 });
  }
}
