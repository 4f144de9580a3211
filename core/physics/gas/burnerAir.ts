import { dropOf, type Conduit } from '../flow/dropPa';
import { meets, type Fan } from '../flow/fan';
import { within } from '../within';
import { burnedGas, stoichiometricAirKg, type FuelMass } from './burning';
import { gasAt } from './gasProperties';

/** A length of the exhaust, and how hot the gas is in it. */
export interface HotConduit extends Conduit {
  gasC: number;
}
/** What a burner breathes through. */
export interface Breathing {
  intake: readonly Conduit[];
  exhaust: readonly HotConduit[];
  airC: number;
  pressurePa: number;
}

/** Pressure that the two pipes cost by the flow of air, Pa: cold air in, hot gas out. */
function costOf(
  { intake, exhaust, airC, pressurePa }: Breathing,
  fuelKgS: number,
): (airKgS: number) => { intake: number; exhaust: number } {
  const air = gasAt(airC, pressurePa);
  const inward = intake.map((one) => dropOf(one, air));
  const outward = exhaust.map(({ gasC, ...one }) => dropOf(one, gasAt(gasC, pressurePa)));
  const sum = (all: readonly ((kgS: number) => number)[], kgS: number) => all.reduce((total, drop) => total + drop(kgS), 0);
  return (airKgS) => ({ intake: sum(inward, airKgS), exhaust: sum(outward, airKgS + fuelKgS) });
}
export const pipesPa = (pipes: Breathing, airKgS: number, fuelKgS: number): { intake: number; exhaust: number } =>
  costOf(pipes, fuelKgS)(airKgS);

/**
 * The fan of a burner, as it blows at the spigots of the heater: its pressure against a shut end, and the flow that it has through the pipes of its kit, from which
 * it follows how it would blow freely.
 * @param shutPa Pa at full speed @param kit the pipes that came with it, at sea level @param excessAir over what the fuel needs, with these, at full
 * @throws RangeError where the kit's pipes alone cost more than the fan gives
 */
export function burnerFan(shutPa: number, kit: Breathing, excessAir: number, fuelKgS: number, fuel: FuelMass): Fan {
  within('fuel', fuelKgS, 'kg/s', { above: 0 });
  const airKgS = excessAir * fuelKgS * stoichiometricAirKg(fuel);
  const { densityKgM3 } = gasAt(kit.airC, kit.pressurePa);
  const { intake, exhaust } = pipesPa(kit, airKgS, fuelKgS);
  const share = within('pressure that the pipes of the kit cost', (intake + exhaust) / shutPa, 'times the fan’s', {
    min: 0,
    below: 1,
  });
  return { shutPa, freeM3S: airKgS / densityKgM3 / Math.sqrt(1 - share), densityKgM3 };
}

export interface Burning {
  airKgS: number;
  gasKgS: number;
  /** air over what the fuel needs */ excessAir: number;
  /** lost in the two pipes, Pa */ intakePa: number;
  exhaustPa: number;
  /** what an analyser shows in the dry gas; null where the air is not enough to burn it */ co2Percent: number | null;
  o2Percent: number | null;
}
/**
 * How a burner breathes through pipes of its own: the flow at which its fan meets what they cost.
 * @param speedShare of the fan’s full speed @param beginKgS a flow of air near it, where one is known @throws RangeError naming quantity, value and bounds
 * @source Darcy–Weisbach; affinity laws; stoichiometry
 */
export function burnerAir(
  fan: Fan,
  speedShare: number,
  pipes: Breathing,
  fuelKgS: number,
  fuel: FuelMass,
  beginKgS?: number,
): Burning {
  const { densityKgM3 } = gasAt(pipes.airC, pipes.pressurePa);
  const cost = costOf(pipes, fuelKgS);
  const against = (flow: number) => {
    const { intake, exhaust } = cost(flow * densityKgM3);
    return intake + exhaust;
  };
  const flow = meets(fan, speedShare, densityKgM3, against, beginKgS === undefined ? undefined : beginKgS / densityKgM3);
  const airKgS = flow * densityKgM3;
  const excessAir = airKgS / (fuelKgS * stoichiometricAirKg(fuel));
  const { intake, exhaust } = cost(airKgS);
  const gas = excessAir >= 1 ? burnedGas(fuel, Math.min(excessAir, 20)) : null;
  return {
    airKgS,
    gasKgS: airKgS + fuelKgS,
    excessAir,
    intakePa: intake,
    exhaustPa: exhaust,
    co2Percent: gas?.co2Percent ?? null,
    o2Percent: gas?.o2Percent ?? null,
  };
}
