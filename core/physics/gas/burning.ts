import { within } from '../within';

/** What a fuel is made of, shares of its mass; the little that is left burns to nothing that counts here. */
export interface FuelMass {
  carbon: number;
  hydrogen: number;
  /** its own, which the air need not bring */ oxygen?: number;
}
/** Diesel of 13.4 % hydrogen; paraffinic of 15.1 %; biodiesel holds 11 % oxygen of its own. From memory. */
export const dieselMass: FuelMass = { carbon: 0.866, hydrogen: 0.134 };
export const paraffinicMass: FuelMass = { carbon: 0.849, hydrogen: 0.151 };
export const biodieselMass: FuelMass = { carbon: 0.77, hydrogen: 0.12, oxygen: 0.11 };

/** kg/kmol; IUPAC, rounded */
export const molarKg = { carbon: 12.011, hydrogen: 1.008, oxygen: 31.998, nitrogen: 28.013, water: 18.015, carbonDioxide: 44.009, dryAir: 28.965 } as const; // prettier-ignore
/** Oxygen in dry air, by volume; the rest is taken as nitrogen. ISO 2533, from memory */
export const oxygenShare = 0.2095;

/**
 * Dry air that burns a kilogram of fuel to the last, kg.
 * @example stoichiometricAirKg(dieselMass) // 14.56
 * @source C + O₂ → CO₂, 2 H₂ + O₂ → 2 H₂O
 */
export function stoichiometricAirKg(fuel: FuelMass): number {
  return (oxygenNeededKmol(fuel) / oxygenShare) * molarKg.dryAir;
}
const oxygenNeededKmol = ({ carbon, hydrogen, oxygen = 0 }: FuelMass): number => {
  within('carbon', carbon, 'kg/kg', { min: 0, max: 1 });
  within('hydrogen', hydrogen, 'kg/kg', { min: 0, max: 1 });
  return carbon / molarKg.carbon + hydrogen / (4 * molarKg.hydrogen) - oxygen / molarKg.oxygen;
};

/** What leaves the burner, a kilogram of fuel. */
export interface Gas {
  /** kg of gas a kg of fuel */ massKg: number;
  /** kg of water in it, of which some came in with the air */ waterKg: number;
  /** kg/kmol */ molarMassKg: number;
  /** shares of the dry gas by volume, % */ co2Percent: number;
  o2Percent: number;
  /** share of the wet gas by volume */ waterShare: number;
}

/**
 * The gas of a whole burning with excess air.
 * @param excessAir air over what the fuel needs, 1 to 20; below 1 it burns to soot and carbon monoxide and nothing here holds
 * @param airWater water that comes in with the air, kg a kg of dry air, 0 to 0.05
 * @throws RangeError naming quantity, value and bounds
 * @example burnedGas(dieselMass, 1.5).co2Percent // 10
 * @source stoichiometry
 */
export function burnedGas(fuel: FuelMass, excessAir: number, airWater = 0): Gas {
  within('excess air', excessAir, 'times', { min: 1, max: 20 });
  within('water in the air', airWater, 'kg/kg', { min: 0, max: 0.05 });
  const needed = oxygenNeededKmol(fuel);
  const airKmol = (excessAir * needed) / oxygenShare;
  const co2 = fuel.carbon / molarKg.carbon;
  const o2 = (excessAir - 1) * needed;
  const n2 = airKmol * (1 - oxygenShare);
  const airKg = airKmol * molarKg.dryAir;
  const waterKg = (fuel.hydrogen / (2 * molarKg.hydrogen)) * molarKg.water + airKg * airWater;
  const water = waterKg / molarKg.water;
  const dry = co2 + o2 + n2;
  const massKg = fuel.carbon + fuel.hydrogen + (fuel.oxygen ?? 0) + airKg * (1 + airWater);
  return {
    massKg,
    waterKg,
    molarMassKg: massKg / (dry + water),
    co2Percent: (co2 / dry) * 100,
    o2Percent: (o2 / dry) * 100,
    waterShare: water / (dry + water),
  };
}

/** Excess air by the carbon dioxide that an analyser shows in the dry gas. @param co2Percent above 1. @example excessAirByCo2(10, dieselMass) // 1.5 */
export function excessAirByCo2(co2Percent: number, fuel: FuelMass): number {
  within('carbon dioxide', co2Percent, '%', { min: 1, max: burnedGas(fuel, 1).co2Percent });
  const needed = oxygenNeededKmol(fuel);
  const co2 = fuel.carbon / molarKg.carbon;
  // dry gas = co2 + (λ − 1) needed + λ needed (1 − x)/x, solved for λ
  return (co2 * (100 / co2Percent - 1) + needed) / (needed / oxygenShare);
}
/** Excess air by the oxygen that an analyser shows in the dry gas. @param o2Percent 0 to 19. @example excessAirByO2(7, dieselMass) // 1.47 */
export function excessAirByO2(o2Percent: number, fuel: FuelMass): number {
  within('oxygen', o2Percent, '%', { min: 0, max: 19 });
  const needed = oxygenNeededKmol(fuel);
  const co2 = fuel.carbon / molarKg.carbon;
  const x = o2Percent / 100;
  // x (co2 − needed + λ needed / share) = (λ − 1) needed
  return (needed + x * (co2 - needed)) / (needed - (x * needed) / oxygenShare);
}
