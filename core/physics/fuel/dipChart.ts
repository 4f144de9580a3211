import { levelForMm, tankHeightMm, volumeL, type TankShape } from './tankVolume';

export interface DipMark {
  levelMm: number;
  litres: number;
  /** a whole step that gets its figure */ major: boolean;
}
export interface DipChart {
  heightMm: number;
  capacityL: number;
  /** litres to the filling limit, and its level */ limitL: number;
  limitMm: number;
  /** litres out of the pickup's reach */ unusableL: number;
  pickupMm: number;
  marks: DipMark[];
  /** The stick's scale as a curve: level against litres. */
  curve: { levelMm: number; litres: number }[];
}

/** Room left for expansion, share of the whole. Source: common practice, about 5 %. */
export const fillShare = 0.95;

/**
 * Marks of a dipstick for a tank: a line for each round number of litres, so that there are 8 to 25 with a figure.
 * @param pickupMm height of the pickup's end, mm
 * @source inverse of the tank's volume; filling limit common practice
 */
export function dipChart(tank: TankShape, pickupMm: number): DipChart {
  const heightMm = tankHeightMm(tank);
  const capacityL = volumeL(tank, heightMm);
  const step = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100].find((s) => capacityL / s <= 25) ?? 200;
  const minor = step / 2;
  const marks: DipMark[] = [];
  for (let n = 1; n * minor <= capacityL * 1.0000001; n += 1) {
    const litres = n * minor;
    marks.push({ litres, levelMm: levelForMm(tank, litres), major: n % 2 === 0 });
  }
  return {
    heightMm,
    capacityL,
    limitL: capacityL * fillShare,
    limitMm: levelForMm(tank, capacityL * fillShare),
    unusableL: volumeL(tank, pickupMm),
    pickupMm,
    marks,
    curve: Array.from({ length: 41 }, (_, i) => ({ levelMm: (heightMm * i) / 40, litres: volumeL(tank, (heightMm * i) / 40) })),
  };
}
