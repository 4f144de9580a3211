import { within } from '../within';

/** Up to a floor plan of so many m²: free area high and low, mm². */
const steps = [
  { upToM2: 5, highMm2: 7500, lowMm2: 1000 },
  { upToM2: 10, highMm2: 10_000, lowMm2: 1500 },
  { upToM2: 15, highMm2: 12_500, lowMm2: 2000 },
  { upToM2: 20, highMm2: 15_000, lowMm2: 3000 },
  { upToM2: Infinity, highMm2: 20_000, lowMm2: 5000 },
] as const;

/**
 * Permanent ventilation that a leisure vehicle has by its floor plan.
 * @param floorM2 above 0
 * @returns free area, mm²
 * @throws RangeError naming quantity, value and bounds
 * @source EN 721 (from memory)
 * @example leisureVents(5) // { highMm2: 7500, lowMm2: 1000 }
 */
export function leisureVents(floorM2: number): { highMm2: number; lowMm2: number } {
  within('floor plan', floorM2, 'm²', { above: 0, max: 10_000 });
  const { highMm2, lowMm2 } = steps.find(({ upToM2 }) => floorM2 <= upToM2) ?? steps[4];
  return { highMm2, lowMm2 };
}
