/** Heat that a sleeper gives to the room, W: about 40 W/m² of 1.8 m² of skin. Source: ISO 8996 (from memory). */
export const sleeperW = 72;
const steps = 96;

/** Outside temperature in the course of a night: half a cosine from evening to its coldest. Lorbet's own choice, no source. */
export const nightC = (eveningC: number, coldestC: number, share: number): number =>
  coldestC + ((eveningC - coldestC) * (1 + Math.cos(Math.PI * share))) / 2;

/**
 * Heat that a heater gives on average in a night: what the space needs, but never less than its least nor more than its most.
 * @param lossWK heat lost for each kelvin; freeW given by sleepers
 * @returns kW
 */
export function nightMeanKw(p: {
  lossWK: number;
  freeW: number;
  insideC: number;
  eveningC: number;
  coldestC: number;
  minKw: number;
  maxKw: number;
}): number {
  let sum = 0;
  for (let i = 0; i < steps; i += 1) {
    const outside = nightC(p.eveningC, p.coldestC, (i + 0.5) / steps);
    const needKw = (Math.max(0, p.insideC - outside) * p.lossWK - p.freeW) / 1000;
    sum += Math.min(p.maxKw, Math.max(p.minKw, needKw));
  }
  return sum / steps;
}
