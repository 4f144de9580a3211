import { airCp, blowerKgM3 } from '../../physics/duct/ductAir';
import { ambientPa } from '../../physics/air/ambientPa';
import { passedWK, uaOfRating, type Exchanger, type Passing } from '../../physics/heat/exchanger';
import { gravityMS2 } from '../../physics/fuel/gravityMS2';
import { boilingPa, boilsC } from '../../physics/gas/waterVapour';
import type { Reader } from '../../reading/Reader';
import {
  engineWarmC,
  hottestC,
  loopOf,
  partsOf,
  swellMl,
  workC,
  type Limb,
  type Loop,
  type LoopFlow,
  type LoopPart,
} from './loopOf';
import { kelvin } from '../../physics/gas/gasProperties';

/** While all that is to be warmed is as cold as the night, and once it is warm. */
export const moments = { cold: 'while all is cold', warm: 'once all is warm' } as const;
export type Moment = keyof typeof moments;
/** What heat goes to. */
export const takers = {
  engine: 'to the engine',
  matrix: 'to the cabin',
  plate: 'to the water',
  hose: 'lost by the hoses',
} as const;
export type Taker = keyof typeof takers;

/** The heater holds its coolant at so much, and gives less where that is reached. Lorbet’s own assumption, no source. */
export const cutBackC = 80;
/** Of a matrix and a plate exchanger as they are usually sold, coolant 60 K hotter. Lorbet’s own assumptions, no source. */
const usualKw = { matrix: 4, plate: 10 } as const;
const usualAirM3H = 250;
const usualWaterLMin = 6;
const ratedK = 60;
/** Flow of coolant at which makers rate them. Lorbet’s own assumption, no source. */
const ratedLMin = 10;
/** From coolant to the metal of a block: half a square metre of water jacket at 500 W/(m² K). Lorbet’s own assumption, no source. */
const engineUaWK = 250;
/** Of a hose to the air round it, for its outer face. Handbooks, order of magnitude (from memory). */
const hoseWM2K = { bare: 10, insulated: 4 } as const;
const hoseWallMm = 4;
/** Water as it comes from its tank, and as it is wanted. Lorbet’s own choice, no source. */
const waterC = { cold: 10, warm: 50 } as const;
const insideC = 20;
const waterJLK = 4180;

/** What a part passes heat to; null where it passes none. */
function exchangerOf(part: LoopPart, coolantJLK: number): Exchanger | null {
  const rated = (kind: keyof typeof usualKw, passing: Passing, otherWK: number): Exchanger => {
    const ratedWK = ((part.givesKw ?? usualKw[kind]) * 1000) / ratedK;
    return { passing, otherWK, uaWK: uaOfRating(passing, ratedWK, (ratedLMin / 60) * coolantJLK, otherWK) };
  };
  if (part.kind === 'engine') return { passing: 'still', uaWK: engineUaWK, otherWK: Infinity };
  if (part.kind === 'matrix') return rated('matrix', 'cross', ((part.airM3H ?? usualAirM3H) / 3600) * blowerKgM3 * airCp);
  if (part.kind === 'plate') return rated('plate', 'counter', ((part.waterLMin ?? usualWaterLMin) / 60) * waterJLK);
  if (part.kind !== 'hose') return null;
  const acrossM = ((part.boreMm ?? 0) + 2 * hoseWallMm) / 1000;
  const uaWK = hoseWM2K[part.insulated === 'yes' ? 'insulated' : 'bare'] * Math.PI * acrossM * (part.lengthM ?? 0);
  return { passing: 'still', uaWK, otherWK: Infinity };
}

/** Behind one part of the loop. */
export interface Behind {
  id: string;
  name: string;
  /** L/min */ flowLMin: number;
  /** °C */ c: number;
  /** heat that goes off in it, W; of the heater minus what it gives */ givesW: number;
  /** pressure over that in the expansion tank, or over that before the heater where there is none, kPa */ kPa: number;
}
export interface Round {
  parts: Behind[];
  /** what the heater gives, W; less than it could once its coolant is hot enough */ heaterW: number;
  heldBack: boolean;
  to: Record<Taker, number>;
}

const heaterOf = ({ steps }: Loop): LoopPart | undefined => steps.flatMap(partsOf).find(({ kind }) => kind === 'heater');

interface Going {
  c: number;
  pa: number;
}
/**
 * The coolant followed round its loop at full: temperature, pressure and heat behind each part, in balance for that moment.
 * @throws through the reader where the loop cannot be solved, or nothing flows
 * @source ε-NTU, heat balance, Bernoulli
 */
export function roundLoop(read: Reader, moment: Moment): Round {
  const loop = loopOf(read);
  const { cold } = read.all({ cold: 'survey.coldestC' });
  const flow = loop.flowAt(workC);
  const { densityKgM3, cp } = flow.coolant;
  const roomC = read.maybe('survey.insideC') ?? insideC;
  const sinkC: Record<Taker, number> = {
    engine: moment === 'cold' ? cold : engineWarmC,
    matrix: moment === 'cold' ? cold : roomC,
    plate: waterC[moment],
    hose: cold,
  };
  // What the pump gives at the flow that it meets.
  const freeKgS = (loop.pump.freeLMin / 60000) * densityKgM3;
  const pumpPa = loop.pump.shutPa * (1 - (flow.totalKgS / freeKgS) ** 2);
  const coolantJLK = (densityKgM3 / 1000) * cp;
  const exchangers = new Map<string, number>();
  const passed = (part: LoopPart): number => {
    const known = exchangers.get(part.id);
    if (known !== undefined) return known;
    const exchanger = exchangerOf(part, coolantJLK);
    const found = exchanger ? passedWK(exchanger, (flow.byId.get(part.id) ?? 0) * cp) : 0;
    exchangers.set(part.id, found);
    return found;
  };
  const heater = heaterOf(loop);
  const heaterWK = (flow.byId.get(heater?.id ?? '') ?? 0) * cp;
  if (!heater || heaterWK <= 0) return read.missing({ act: 'do', what: 'let the coolant flow' });

  /** Once round, beginning so warm; the heater warms by so much. @returns how warm it comes back */
  const followed = (fromC: number, heaterW: number, note?: (part: LoopPart, after: Going, givesW: number) => void): number => {
    const pass = (part: LoopPart, before: Going): Going => {
      const wK = (flow.byId.get(part.id) ?? 0) * cp;
      const taker = part.kind as Taker;
      const givesW = part.kind === 'heater' ? -heaterW : passed(part) * (before.c - (sinkC[taker] ?? before.c));
      const c = wK > 0 ? before.c - givesW / wK : before.c;
      const pump = part.kind === 'pump' ? pumpPa : 0;
      const pa = before.pa + pump - (flow.dropPa.get(part.id) ?? 0) - densityKgM3 * gravityMS2 * ((part.riseMm ?? 0) / 1000);
      note?.(part, { c, pa }, givesW);
      return { c, pa };
    };
    let at: Going = { c: fromC, pa: 0 };
    for (const step of loop.steps) at = 'one' in step ? pass(step.one, at) : mixed(step.ways, at, pass, flow);
    return at.c;
  };
  // How warm it comes back goes straight with how warm it began: two looks tell where both are the same.
  const inBalance = (heaterW: number): number => {
    const [zero, hundred] = [followed(0, heaterW), followed(100, heaterW)];
    const slope = (hundred - zero) / 100;
    return slope > 1 - 1e-9 ? Infinity : zero / (1 - slope);
  };
  const behindHeater = (heaterW: number): number => {
    let c = Infinity;
    const from = inBalance(heaterW);
    if (Number.isFinite(from)) followed(from, heaterW, (part, after) => part === heater && (c = after.c));
    return c;
  };
  // Also straight: so much less where its coolant would get too hot.
  const [none, full] = [behindHeater(0), behindHeater(loop.heatW)];
  const share = full <= cutBackC ? 1 : none >= cutBackC ? 0 : Number.isFinite(full) ? (cutBackC - none) / (full - none) : 0;
  const heaterW = loop.heatW * share;
  const from = Number.isFinite(inBalance(heaterW)) ? inBalance(heaterW) : cutBackC;
  const parts: Behind[] = [];
  const to: Round['to'] = { engine: 0, matrix: 0, plate: 0, hose: 0 };
  let tankPa: number | null = null;
  followed(from, heaterW, (part, after, givesW) => {
    if (part.kind === 'tank') tankPa ??= after.pa;
    if (part.kind && part.kind in to) to[part.kind as Taker] += givesW;
    const flowLMin = ((flow.byId.get(part.id) ?? 0) / densityKgM3) * 60000;
    parts.push({ id: part.id, name: part.name, flowLMin, c: after.c, givesW, kPa: after.pa / 1000 });
  });
  const over = ((tankPa as number | null) ?? 0) / 1000;
  return { parts: parts.map((one) => ({ ...one, kPa: one.kPa - over })), heaterW, heldBack: share < 1, to };
}

/** Ways beside each other, and what comes of them where they meet. */
function mixed(limbs: readonly Limb[], before: Going, pass: (part: LoopPart, before: Going) => Going, flow: LoopFlow): Going {
  const ways = limbs.map((way) => ({
    end: way.reduce((at, part) => pass(part, at), before),
    kgS: flow.byId.get(way[0]?.id ?? '') ?? 0,
  }));
  const all = ways.reduce((sum, { kgS }) => sum + kgS, 0);
  if (all <= 0) return before;
  // Where nothing passes a way its pressure tells nothing of where it meets the other.
  const open = ways.filter(({ kgS }) => kgS > 0);
  return { c: open.reduce((sum, { end, kgS }) => sum + end.c * kgS, 0) / all, pa: open[0]?.end.pa ?? before.pa };
}

/** Pressure at the heater hot: the air’s, the column’s below the tank, and what the cap holds where somebody has said. @returns Pa, absolute */
export function heaterPa(read: Reader): number {
  const { parts } = roundLoop(read, 'warm');
  const { altitude } = read.all({ altitude: 'heater.altitudeM' });
  const heater = heaterOf(loopOf(read));
  const behind = parts.find(({ id }) => id === heater?.id);
  return ambientPa(altitude) + (behind?.kPa ?? 0) * 1000 + (read.maybe('warmth.capKPa') ?? 0) * 1000;
}
export function heaterBoilsC(read: Reader): number {
  const pa = heaterPa(read);
  // No tank stands so high above a heater, and none so far below.
  return pa < boilingPa.min || pa > boilingPa.max
    ? read.missing({ act: 'do', what: 'correct the rises of the loop: the tank can’t stand so far from the heater' })
    : boilsC(pa);
}

/**
 * Pressure in the expansion tank once the coolant is at its hottest, were its cap tight, over the air's, Pa.
 * @throws through the reader where the coolant would leave no room at all
 * @source ideal gas
 */
export function tightTankPa(read: Reader): number {
  const { room, altitude, cold } = read.all({ room: 'warmth.tankFreeMl', altitude: 'heater.altitudeM', cold: 'survey.coldestC' });
  const left = room - swellMl(read);
  if (left <= 0) return read.missing({ act: 'do', what: 'leave room in the expansion tank: the coolant swells past it' });
  return ambientPa(altitude) * ((room / left) * (kelvin(hottestC) / kelvin(cold)) - 1);
}
