import type { TwoNodes } from './warmUp';

/** Heat that shell and furniture take along, for each m² of surface; from air to surface 7.7 W/(m² K). Assumption, no source. */
const shellJM2K = 18000;
const surfaceWM2K = 7.7;
const airJM3K = 1206;

/**
 * A space as two bodies of heat, from its losses and sizes.
 * @param shellFactor more or less heat in the shell than usual, 1 as usual
 * @returns null where the walls lose so much that no shell can be told from the air
 */
export function spaceNodes(p: {
  fabricWK: number;
  airWK: number;
  areaM2: number;
  volumeM3: number;
  shellFactor?: number;
}): TwoNodes | null {
  const h = p.areaM2 * surfaceWM2K;
  // What the U-values leave to the shell once the way from the air to it is taken out.
  if (!(p.fabricWK > 0) || p.fabricWK >= h * 0.98) return null;
  return {
    airJK: airJM3K * p.volumeM3,
    shellJK: shellJM2K * p.areaM2 * (p.shellFactor ?? 1),
    airToShellWK: h,
    shellToOutsideWK: 1 / (1 / p.fabricWK - 1 / h),
    airToOutsideWK: p.airWK,
  };
}
