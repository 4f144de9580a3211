/** Nominal outputs in which air heaters are usually sold, kW. Common practice, no source. */
const sizesSold = [2, 4, 5, 8] as const;

/** The smallest usual size that gives so much; null where none does. */
export const largerSold = (neededKw: number): number | null => sizesSold.find((size) => size >= neededKw) ?? null;

/**
 * The smallest usual size that still gives what is needed and is smaller than the heater in hand; null where there is none.
 * @param outputKw of the heater in hand, at full; it counts as the size next to it
 */
export function smallerSold(outputKw: number, neededKw: number): number | null {
  const own = [...sizesSold].sort((a, b) => Math.abs(a - outputKw) - Math.abs(b - outputKw))[0] ?? outputKw;
  const found = largerSold(neededKw);
  return found !== null && found < own ? found : null;
}
