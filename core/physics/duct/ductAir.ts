import { dropOf, type Conduit, type Medium } from '../flow/dropPa';
import { solveNet, type Net } from '../flow/solveNet';
import { within } from '../within';

/** Specific heat of air, J/(kg K). */
export const airCp = 1006;
const gasConstant = 287.05;

/**
 * Air: density of the ideal gas, viscosity after Sutherland.
 * @param airC −60 to 400
 * @example airAt(20).densityKgM3 // 1.204
 * @source ideal gas; Sutherland’s formula, from memory; density tested against psychrolib
 */
export function airAt(airC: number, pressurePa = 101325): Medium {
  const kelvin = within('temperature of the air', airC, '°C', { min: -60, max: 400 }) + 273.15;
  return {
    densityKgM3: within('pressure of the air', pressurePa, 'Pa', { above: 0 }) / (gasConstant * kelvin),
    viscosityPaS: (1.458e-6 * kelvin ** 1.5) / (kelvin + 110.4),
  };
}

/** A piece of duct between what feeds it and its far end. */
export interface Duct extends Conduit {
  id: string;
  /** what comes after it; none where its far end is an outlet */ then: readonly Duct[];
  /** nothing gets through it */ shut: boolean;
  /** heat that it loses, W a K of difference and m² of its wall */ uWM2K: number;
  /** what lies round it, °C */ roundC: number;
}
export interface Blower {
  /** Pa at full speed against a shut end, in air of 1.2 kg/m³ */ shutPa: number;
  /** m³/s at full speed, blowing freely */ freeM3S: number;
}
export const blowerKgM3 = 1.2;
export interface WarmAir {
  blower: Blower;
  /** free openings by which air comes back, m²; null where it draws from the open room */ returnM2: number | null;
  /** W given to the air */ heatW: number;
  /** air at the blower, °C */ inC: number;
  ducts: readonly Duct[];
}
export interface DuctFlow {
  massKgS: number;
  /** at its begin and at its far end, °C */ fromC: number;
  toC: number;
  /** lost in it, Pa */ dropPa: number;
}
export interface WarmFlow {
  /** air at the blower, m³/s */ blowerM3S: number;
  massKgS: number;
  /** right behind the heater, °C; Infinity where no air flows */ heaterC: number;
  /** what the returns hold back, Pa */ returnPa: number;
  byId: ReadonlyMap<string, DuctFlow>;
}

/** Of a sharp-edged opening’s area, what a jet keeps. Handbooks, from memory. */
export const jetShare = 0.62;
const temperatureRounds = 12;
const settledC = 0.3;

const netOf = (duct: Duct, airC: ReadonlyMap<string, number>, startC: number): Net => {
  const drop = dropOf(duct, airAt(Math.min(400, airC.get(duct.id) ?? startC)));
  const own: Net = { link: { id: duct.id, dropPa: duct.shut ? () => Infinity : drop } };
  return duct.then.length === 0 ? own : { series: [own, { parallel: duct.then.map((next) => netOf(next, airC, startC)) }] };
};

/**
 * Air through a tree of ducts: flows so that blower, returns and every way meet, each duct’s air as hot as it is there.
 * @param near a flow of much the same tree, where one is known: this one is found sooner
 * @throws RangeError naming quantity, value and bounds
 * @source Darcy–Weisbach; affinity laws; heat balance; flows tested against the EPANET engine
 */
export function warmAir({ blower, returnM2, heatW, inC, ducts }: WarmAir, near?: WarmFlow): WarmFlow {
  within('heat', heatW, 'W', { min: 0 });
  const open = returnM2 === null ? null : within('free area of the ways back', returnM2, 'm²', { min: 0 });
  const inAir = airAt(inC);
  const shutPa = (blower.shutPa * inAir.densityKgM3) / blowerKgM3;
  const freeKgS = within('free flow of the blower', blower.freeM3S, 'm³/s', { above: 0 }) * inAir.densityKgM3;
  const back = (q: number) => (open === null ? 0 : (q / (jetShare * open)) ** 2 / (2 * inAir.densityKgM3));
  const known = near && near.massKgS > 0 ? near : undefined;
  // Near it for most trees: so it settles sooner.
  let heaterC = known?.heaterC ?? inC + heatW / (0.85 * freeKgS * airCp);
  let before = new Map([...(known?.byId ?? [])].map(([id, { massKgS }]) => [id, massKgS]));
  let means = new Map([...(known?.byId ?? [])].map(([id, { fromC, toC }]) => [id, (fromC + toC) / 2]));
  for (let round = 1; ; round += 1) {
    const { totalKgS, byId } = solveNet(
      {
        series: [{ link: { id: ' return', dropPa: back } }, { parallel: ducts.map((duct) => netOf(duct, means, heaterC)) }],
      },
      { shutPa, fallPaS2Kg2: shutPa / freeKgS ** 2 },
      before,
    );
    before = new Map(byId);
    const hot = totalKgS > 0 ? inC + heatW / (totalKgS * airCp) : Infinity;
    const found = new Map<string, DuctFlow>();
    const follow = (duct: Duct, fromC: number) => {
      const massKgS = byId.get(duct.id) ?? 0;
      const wallM2 = Math.PI * (duct.boreMm / 1000) * duct.lengthM;
      const left = massKgS > 0 ? Math.exp((-duct.uWM2K * wallM2) / (massKgS * airCp)) : 0;
      const toC = Number.isFinite(fromC) ? duct.roundC + (fromC - duct.roundC) * left : fromC;
      const drop = duct.shut ? 0 : dropOf(duct, airAt(Math.min(400, Math.max(-60, (fromC + toC) / 2))))(massKgS);
      found.set(duct.id, { massKgS, fromC, toC, dropPa: drop });
      duct.then.forEach((next) => follow(next, toC));
    };
    ducts.forEach((duct) => follow(duct, hot));
    const settled = Math.abs(hot - heaterC) < settledC || !Number.isFinite(hot);
    if (settled || round === temperatureRounds)
      return {
        blowerM3S: totalKgS / inAir.densityKgM3,
        massKgS: totalKgS,
        heaterC: hot,
        returnPa: totalKgS > 0 ? back(totalKgS) : 0,
        byId: found,
      };
    heaterC = hot;
    means = new Map([...found].map(([id, { fromC, toC }]) => [id, (fromC + toC) / 2]));
  }
}
