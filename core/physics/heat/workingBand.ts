export interface WorkingBand {
  /** Below this it falls short at full, °C outside. */
  shortBelowC: number;
  /** Above this even its least output is too much: it stops and starts, burns dirty and soots, °C outside. */
  sootAboveC: number;
}

/**
 * Between which outside temperatures a heater holds a space by working steadily.
 * @param lossWK heat lost for each kelvin, above 0
 * @param leastKw lowest steady output; mostKw the highest
 * @throws RangeError where the loss is not above 0 or the least output is above the most
 * @source heat balance, first principles; that low running soots: common practice, no source
 */
export function workingBand(lossWK: number, insideC: number, minKw: number, maxKw: number): WorkingBand {
  if (!(lossWK > 0)) throw new RangeError(`Heat lost for each kelvin is ${lossWK} W/K; it must be above 0.`);
  if (!(minKw >= 0 && minKw <= maxKw)) throw new RangeError(`Least output ${minKw} kW must be from 0 to the most, ${maxKw} kW.`);
  return { shortBelowC: insideC - (maxKw * 1000) / lossWK, sootAboveC: insideC - (minKw * 1000) / lossWK };
}

/**
 * Hours of a night in which the space needs less than the heater's least output.
 * The night cools as half a cosine from its evening to its coldest, at its end.
 * @returns 0 to nightHours
 * @source the course of a night: Lorbet's own choice, no source
 */
export function hoursBelowMin(band: WorkingBand, eveningC: number, coldestC: number, nightHours: number): number {
  if (eveningC <= band.sootAboveC) return 0;
  if (coldestC >= band.sootAboveC) return nightHours;
  // T(t) = coldest + (evening − coldest)(1 + cos(π t / night)) / 2 falls through the border once.
  const share = Math.acos((2 * (band.sootAboveC - coldestC)) / (eveningC - coldestC) - 1) / Math.PI;
  return share * nightHours;
}
