import { copperOhmPerKm } from './copperOhmPerKm';

/** Sizes in which cable is sold, mm², and the American gauge that is at least as large. Common practice; areas ASTM B258 (from memory). */
export const cablesSold = [
  { areaMm2: 0.75, gauge: '18' },
  { areaMm2: 1, gauge: '16' },
  { areaMm2: 1.5, gauge: '14' },
  { areaMm2: 2.5, gauge: '12' },
  { areaMm2: 4, gauge: '10' },
  { areaMm2: 6, gauge: '8' },
  { areaMm2: 10, gauge: '6' },
  { areaMm2: 16, gauge: '4' },
  { areaMm2: 25, gauge: '2' },
] as const;
/** Ratings in which blade fuses are sold, A. Common practice, no source. */
const fusesSold = [1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30, 35, 40, 50, 60, 80, 100];
/** The smallest fuse sold that is at least so large; null where none is. */
export const nextFuse = (minA: number): number | null => fusesSold.find((rating) => rating >= minA - 1e-9) ?? null;

/**
 * The thinnest cable sold that loses no more than allowed; the joints stay as they are.
 * @returns null where none does, since the joints alone lose too much or the way is too long
 * @source Ohm
 */
export function cableFor(p: { lengthM: number; currentA: number; jointsMohm: number; temperatureC: number; maxV: number }) {
  return (
    cablesSold.find(
      ({ areaMm2 }) =>
        p.currentA * ((2 * p.lengthM * copperOhmPerKm(areaMm2, p.temperatureC)) / 1000 + p.jointsMohm / 1000) <= p.maxV,
    ) ?? null
  );
}
