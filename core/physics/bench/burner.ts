import type { BenchFacts } from './BenchFacts';
import type { Effects } from './faults';

/** What a burner does: fuel that waits in it, how hot it is, whether it burns. */
export interface BurnerState {
  lit: boolean;
  /** fuel in the chamber that has not burnt, kg */ poolKg: number;
  chamberC: number;
  /** plug over the air, K */ plugK: number;
  /** how far it has come to light, 0 to 1 */ kindled: number;
  /** s of air that is too much, or of nothing to burn */ starvedS: number;
  exchangerC: number;
}
/** What happens in one step of it; all of its kilograms and joules are accounted for. */
export interface Burn {
  burntKg: number;
  /** leaves as vapour or soot */ unburntKg: number;
  airKgS: number;
  /** air over what burns or would burn needs; Infinity where no fuel comes */ excess: number;
  heatJ: number;
  /** taken from the exchanger into the medium is reckoned by whoever knows the medium */ toExchangerJ: number;
  /** goes out with the gas, over what the air brought in */ gasJ: number;
  gasOutC: number;
  /** 0 to 1 */ whiteSmoke: number;
  blackSmoke: number;
}
const gasCp = 1100;
/** Of the heat, what passes through the chamber's wall at full, with the chamber so far over the exchanger and so far under the flame; and what it takes to warm it. Assumptions of ours, no source. */
const chamberShare = 0.06;
const [overExchangerK, underFlameK] = [500, 900];
const chamberJK = 10;
/** °C at which half of what there is to evaporate does, and how sharply; s in which a hot wick gives a third of what it holds */
const wickC = 170;
const wickWideC = 22;
/** of the flow at full, what a hot chamber evaporates at the most, and a plug by itself */
const [chamberBoils, plugBoils] = [1.5, 0.6];
const wickS = 3;
/** s in which hot plug and vapour light */
const kindleS = 9;
/** K over the air that a plug has to reach */
const plugLightsK = 560;
/** air over what the fuel needs at which the flame is blown out, and under which it smokes */
const blownOut = 4.5;
const smokesUnder = 1.2;
/** kg that drown the wick: nothing lights while more stands in it */
const floodKg = 0.004;

/** How heat passes, W/K: from the gas to the exchanger at full, from the flame to the chamber, from the chamber to the exchanger. */
export interface Exchanger {
  gasWK: number;
  flameWK: number;
  chamberWK: number;
}
/** So that the stated efficiency comes out at full. */
export function exchangerOf(facts: BenchFacts): Exchanger {
  const fuelKgS = facts.pump.maxHz * facts.line.doseMl * facts.fuel.densityKgM3 * 1e-6;
  const powerW = fuelKgS * facts.fuel.heatingJKg;
  const [chamberWK, flameWK] = [(chamberShare * powerW) / overExchangerK, (chamberShare * powerW) / underFlameK];
  const gasCapacity = (facts.airFullKgS + fuelKgS) * gasCp;
  // The exchanger at full stands some 100 K over the air that comes in.
  const gasK = ((1 - chamberShare) * powerW) / gasCapacity;
  const wanted = Math.min(0.97, ((facts.efficiency - chamberShare) * powerW) / (gasCapacity * Math.max(1, gasK - 100)));
  return { gasWK: -Math.log(1 - wanted) * gasCapacity, flameWK, chamberWK };
}

/**
 * One step of the burner, taken on in place.
 * @param fuelKg that comes in this step @param waterKg water with it @param speedShare of the fan
 * @source conservation of mass and heat; first-order rates; which rates: assumptions of ours, no source
 */
export function burnStep(
  facts: BenchFacts,
  hx: Exchanger,
  state: BurnerState,
  effects: Effects,
  {
    dt,
    fuelKg,
    waterKg,
    speedShare,
    flutter,
  }: { dt: number; fuelKg: number; waterKg: number; speedShare: number; flutter: number },
): Burn {
  const { fuel, room } = facts;
  const airC = room.outsideC;
  const airKgS = facts.airFullKgS * speedShare * effects.flow * (1 + flutter);
  state.poolKg += fuelKg;
  // The plug warms the wick beside it long before the chamber is warm.
  const wick = Math.max(state.chamberC, airC + 0.4 * state.plugK);
  const gives = 1 / (1 + Math.exp(-(wick - wickC) / wickWideC));
  const drowned = state.lit ? 1 : Math.min(1, floodKg / Math.max(floodKg, state.poolKg));
  const fullKg = facts.pump.maxHz * facts.line.doseMl * fuel.densityKgM3 * 1e-6 * dt;
  const boils = Math.max(
    state.lit ? chamberBoils : 0,
    plugBoils * Math.min(1, state.plugK / facts.plug.hotK),
    Math.min(1, state.chamberC / 400),
  );
  const vapourKg = Math.min(state.poolKg, (state.poolKg * gives * dt) / wickS, fullKg * boils);
  const excess = vapourKg > 1e-12 ? (airKgS * dt) / (vapourKg * fuel.airKgKg) : Infinity;
  const lowKg = facts.pump.minHz * facts.line.doseMl * fuel.densityKgM3 * 1e-6 * dt;
  if (state.lit) {
    const starved = excess > blownOut * (state.chamberC > 300 ? 1.4 : 1) || vapourKg < 0.15 * lowKg || excess < 0.25;
    state.starvedS = starved ? state.starvedS + dt : 0;
    if (state.starvedS > 2.5) {
      state.lit = false;
      state.kindled = 0;
    }
  } else {
    const hot = state.plugK > plugLightsK || state.chamberC > 520;
    const mix = vapourKg > 0.25 * lowKg && excess > 0.35 && excess < blownOut;
    state.kindled = hot && mix ? state.kindled + (dt / kindleS) * effects.kindle * drowned : Math.max(0, state.kindled - dt / 20);
    if (state.kindled >= 1) {
      state.lit = true;
      state.starvedS = 0;
    }
  }
  state.poolKg -= vapourKg;
  const burntKg = state.lit ? Math.min(vapourKg, (airKgS * dt) / fuel.airKgKg) : 0;
  const unburntKg = vapourKg - burntKg;
  // Water is evaporated by the flame.
  const heatJ = Math.max(0, burntKg * fuel.heatingJKg - waterKg * 2.6e6);
  const chamberJ = hx.chamberWK * (state.chamberC - state.exchangerC) * dt;
  const gasKg = airKgS * dt + vapourKg + waterKg;
  const flameK = gasKg > 0 ? heatJ / (gasKg * gasCp) : 0;
  const wallJ = heatJ > 0 ? Math.min(heatJ * 0.4, Math.max(0, hx.flameWK * (airC + flameK - state.chamberC) * dt)) : 0;
  const inK = gasKg > 0 ? (heatJ - wallJ) / (gasKg * gasCp) : 0;
  const passes =
    gasKg > 0
      ? 1 - Math.exp((-hx.gasWK * effects.exchanger * (airKgS / facts.airFullKgS || 0) ** 0.6 * dt) / (gasKg * gasCp))
      : 0;
  const exchangedJ = passes * gasKg * gasCp * (airC + inK - state.exchangerC);
  state.chamberC += (wallJ - chamberJ) / chamberJK;
  return {
    burntKg,
    unburntKg,
    airKgS,
    excess,
    heatJ,
    toExchangerJ: exchangedJ + chamberJ,
    gasJ: heatJ - wallJ - exchangedJ,
    gasOutC: airC + inK - (gasKg > 0 ? exchangedJ / (gasKg * gasCp) : 0),
    whiteSmoke: state.lit
      ? Math.min(1, unburntKg / Math.max(lowKg * 4, 1e-12))
      : Math.min(1, vapourKg / Math.max(lowKg * 2, 1e-12)),
    blackSmoke: state.lit ? Math.min(1, Math.max(0, (smokesUnder - excess) / 0.5)) : 0,
  };
}
/** Heat in the chamber over that at a temperature, J. */
export const chamberHeatJ = ({ chamberC }: BurnerState, overC: number): number => (chamberC - overC) * chamberJK;
