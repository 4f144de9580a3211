import { within } from '../within';
import { molarKg } from './burning';
import { exhaustCp, gasConductivity, gasDensity, gasViscosity, kelvin } from './gasProperties';
import { saturationPa, vapourKgM3 } from './waterVapour';

const stefanBoltzmann = 5.670374e-8;
/** Steel that has seen heat. Handbooks, from memory: 0.7 to 0.8 */
export const steelEmissivity = 0.75;
/** Prandtl number of air and of exhaust gas between −20 and 500 °C. Handbooks, from memory */
const prandtl = 0.7;
/** Corrugation mixes the gas at the wall. Lorbet’s own assumption, no source */
const corrugatedTimes = 1.5;
/** Lewis number of water vapour in air to the power 2/3. Handbooks, from memory */
const lewis = 0.9;
/** A step of the way, m: finer changes no figure that is shown. */
const stepM = 0.1;

export interface HotPiece {
  lengthM: number;
  boreMm: number;
  /** thickness of the metal, mm */ wallMm: number;
  corrugated: boolean;
  /** wrap or sleeve: over how much of it from its near end, how thick, and how it conducts */ coverM: number;
  coverMm: number;
  coverWMK: number;
}
export interface GasStream {
  massKgS: number;
  /** where the way begins */ inC: number;
  ambientC: number;
  pressurePa: number;
  molarMassKg: number;
  /** share of water by volume */ waterShare: number;
}
export interface HotSpot {
  /** m from where the way begins */ atM: number;
  /** index of the piece */ piece: number;
  gasC: number;
  /** metal, and what is outermost: the metal or its cover */ wallC: number;
  surfaceC: number;
  /** water that condenses in the step before it, kg/s */ waterKgS: number;
}

/**
 * Heat that a long level cylinder gives to still air, W/(m² K).
 * @source Churchill & Chu 1975; properties at the film's mean
 * @example naturalHc(150, 20, 30) // 8.8
 */
export function naturalHc(surfaceC: number, ambientC: number, outsideMm: number): number {
  within('outside diameter', outsideMm, 'mm', { above: 0 });
  const meanC = (surfaceC + ambientC) / 2;
  const d = outsideMm / 1000;
  const k = gasConductivity(meanC);
  const viscosity = gasViscosity(meanC) / gasDensity(meanC, 101325, 28.965);
  const rayleigh = (9.80665 / kelvin(meanC)) * Math.abs(surfaceC - ambientC) * d ** 3 * (prandtl / viscosity ** 2);
  const nusselt = (0.6 + (0.387 * rayleigh ** (1 / 6)) / (1 + (0.559 / prandtl) ** (9 / 16)) ** (8 / 27)) ** 2;
  return (nusselt * k) / d;
}
/** Heat that a metre of a cylinder gives to still air and to what stands round it, W/m. */
export function shedWM(surfaceC: number, ambientC: number, outsideMm: number, emissivity = steelEmissivity): number {
  const perimeter = (Math.PI * outsideMm) / 1000;
  const radiated = stefanBoltzmann * emissivity * (kelvin(surfaceC) ** 4 - kelvin(ambientC) ** 4);
  return perimeter * (naturalHc(surfaceC, ambientC, outsideMm) * (surfaceC - ambientC) + radiated);
}
/** Heat that the gas gives to the wall, W/(m² K): turbulent after Dittus & Boelter 1930, but never less than developed laminar flow. */
export function gasHc(massKgS: number, gasC: number, boreMm: number, corrugated: boolean): number {
  const d = boreMm / 1000;
  const re = (4 * massKgS) / (Math.PI * d * gasViscosity(gasC));
  return (Math.max(3.66, 0.023 * re ** 0.8 * prandtl ** 0.3) * gasConductivity(gasC) * (corrugated ? corrugatedTimes : 1)) / d;
}

/**
 * The surface at which what comes through equals what is shed, °C. What is shed a kelvin changes little with the surface, so that a few rounds
 * settle it; the surface of the step before is where it begins.
 */
function settle(gasC: number, ambientC: number, throughMKW: number, outsideMm: number, beginC: number): number {
  let surfaceC = beginC;
  for (let i = 0; i < 12; i += 1) {
    const over = surfaceC - ambientC;
    const perK =
      Math.abs(over) < 1e-6 ? shedWM(ambientC + 0.01, ambientC, outsideMm) / 0.01 : shedWM(surfaceC, ambientC, outsideMm) / over;
    const next = (gasC / throughMKW + perK * ambientC) / (1 / throughMKW + perK);
    if (Math.abs(next - surfaceC) < 0.01) return next;
    surfaceC = next;
  }
  return surfaceC;
}

/**
 * Gas and wall along a hot pipe in still air, step by step, with the water that condenses where the wall is below the dew point.
 * @returns the beginning, then the end of every step
 * @throws RangeError naming quantity, value and bounds
 * @source heat balance of each step; Dittus & Boelter 1930, Churchill & Chu 1975, Stefan–Boltzmann; condensing by the analogy of heat and mass
 */
export function pipeHeat(
  pieces: readonly HotPiece[],
  { massKgS, inC, ambientC, pressurePa, molarMassKg, waterShare }: GasStream,
): HotSpot[] {
  within('flow of gas', massKgS, 'kg/s', { above: 0 });
  within('gas at the spigot', inC, '°C', { min: ambientC, max: 900 });
  const spots: HotSpot[] = [];
  const waterKgSIn = (massKgS * waterShare * molarKg.water) / molarMassKg;
  let [gasC, atM, waterLeftKgS] = [inC, 0, waterKgSIn];
  for (const [piece, { lengthM, boreMm, wallMm, corrugated, coverM, coverMm, coverWMK }] of pieces.entries()) {
    within('length', lengthM, 'm', { min: 0 });
    within('bore', boreMm, 'mm', { above: 0 });
    const steps = Math.max(1, Math.ceil(lengthM / stepM));
    const metalMm = boreMm + 2 * wallMm;
    for (let i = 0; i < steps; i += 1) {
      const dx = lengthM / steps;
      const covered = coverMm > 0 && (i + 0.5) * dx <= coverM;
      const outsideMm = covered ? metalMm + 2 * coverMm : metalMm;
      const hc = gasHc(massKgS, gasC, boreMm, corrugated);
      const inner = 1 / (hc * Math.PI * (boreMm / 1000));
      const cover = covered
        ? Math.log(outsideMm / metalMm) / (2 * Math.PI * within('λ of the cover', coverWMK, 'W/(m K)', { above: 0 }))
        : 0;
      const surfaceC = settle(
        gasC,
        ambientC,
        inner + cover,
        outsideMm,
        spots[spots.length - 1]?.surfaceC ?? (gasC + ambientC) / 2,
      );
      const perM = (gasC - surfaceC) / (inner + cover);
      const wallC = gasC - perM * inner;
      if (spots.length === 0) spots.push({ atM: 0, piece, gasC, wallC, surfaceC, waterKgS: 0 });
      const cp = exhaustCp(gasC);
      const left = gasC - ambientC;
      if (left > 1e-6) gasC = ambientC + left * Math.exp((-perM / left) * (dx / (massKgS * cp)));
      atM += dx;
      const waterKgS = Math.min(waterLeftKgS, condensedKgSM(wallC, hc, cp) * dx);
      waterLeftKgS -= waterKgS;
      spots.push({ atM, piece, gasC, wallC, surfaceC, waterKgS });
    }
    /** Water that a metre of wall takes out of what is left in the gas, kg/(s m). */
    function condensedKgSM(atC: number, hc: number, cp: number): number {
      if (atC >= 100 || waterLeftKgS <= 0) return 0;
      const share = waterShare * (waterLeftKgS / waterKgSIn);
      const above = share * pressurePa - saturationPa(Math.max(-40, atC));
      if (above <= 0) return 0;
      const hm = hc / (gasDensity(gasC, pressurePa, molarMassKg) * cp * lewis);
      return hm * Math.PI * (boreMm / 1000) * vapourKgM3(above, Math.max(-40, atC));
    }
  }
  return spots;
}
