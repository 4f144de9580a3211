import { within } from '../within';

/** How the two streams pass each other; `still` is one stream along a body that only warms slowly: an engine, a room round a hose. */
export type Passing = 'counter' | 'cross' | 'still';

/**
 * Share of the most that an exchanger could pass: ε of ε-NTU.
 * @param ntu U A over the smaller heat flow, 0 upwards
 * @param ratio smaller heat flow over the larger, 0 to 1
 * @returns 0 to 1
 * @throws RangeError naming quantity, value and bounds
 * @example effectiveness('counter', 1, 1) // 0.5
 * @source Kays and London: counterflow exact; crossflow, both unmixed, by the usual approximation (both from memory)
 */
export function effectiveness(passing: Passing, ntu: number, ratio: number): number {
  within('transfer units', ntu, '', { min: 0 });
  const r = within('ratio of heat flows', ratio, '', { min: 0, max: 1 });
  if (passing === 'still' || r < 1e-9) return -Math.expm1(-ntu);
  if (passing === 'counter') {
    if (r > 1 - 1e-9) return ntu / (1 + ntu);
    const e = Math.exp(-ntu * (1 - r));
    return (1 - e) / (1 - r * e);
  }
  return ntu === 0 ? 0 : -Math.expm1((ntu ** 0.22 / r) * Math.expm1(-r * ntu ** 0.78));
}

/** What passes heat between the coolant and something else. */
export interface Exchanger {
  passing: Passing;
  /** W/K */ uaWK: number;
  /** ṁ c_p of the other stream, W/K; Infinity where it is still */ otherWK: number;
}

/** Heat passed for each degree between the two as they come in, W/K. @param coolantWK ṁ c_p of the coolant, W/K, 0 where it stands @source ε-NTU */
export function passedWK({ passing, uaWK, otherWK }: Exchanger, coolantWK: number): number {
  const least = Math.min(coolantWK, otherWK);
  if (least <= 0) return 0;
  return effectiveness(passing, uaWK / least, Number.isFinite(otherWK) ? least / Math.max(coolantWK, otherWK) : 0) * least;
}

/**
 * U A of an exchanger by what its maker says it gives.
 * @param ratedWK heat for each degree between both streams as they come in, W/K; what no exchanger could give is taken as nearly the most
 * @param coolantWK, otherWK ṁ c_p of both streams as it was rated, W/K
 * @returns W/K
 * @source ε-NTU, turned round by halving
 */
export function uaOfRating(passing: Passing, ratedWK: number, coolantWK: number, otherWK: number): number {
  const wanted = Math.min(ratedWK, mostEffective * Math.min(coolantWK, otherWK));
  let [low, high] = [0, 100 * Math.min(coolantWK, otherWK)];
  for (let i = 0; i < 60; i += 1) {
    const uaWK = (low + high) / 2;
    if (passedWK({ passing, uaWK, otherWK }, coolantWK) < wanted) low = uaWK;
    else high = uaWK;
  }
  return (low + high) / 2;
}
/** No exchanger that is sold passes more of what could be passed. Lorbet’s own assumption, no source. */
const mostEffective = 0.95;
