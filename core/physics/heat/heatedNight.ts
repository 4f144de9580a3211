import { within } from '../within';
import type { Spell } from '../time/burnSpells';
import { warmUp, type Temperatures, type TwoNodes } from './warmUp';

/** How a heater is told to burn. */
export interface Regulation {
  /** °C to hold; null where it burns at a fixed rate */ targetC: number | null;
  /** kW of a fixed rate */ rateKw: number;
  minKw: number;
  maxKw: number;
  /** it stops so many kelvin above its target; null where it only slows down */ stopsAboveK: number | null;
  /** and lights again so many below */ lightsBelowK: number;
  /** between full and least output lie so many kelvin under the target */ bandK: number;
  /** min from a start until it gives heat */ lightingMin: number;
}
export interface NightOfHeat {
  fromMin: number;
  toMin: number;
  /** outside, °C, at a minute of true time */ outsideC: (min: number) => number;
  /** W, of those who are in it */ freeW: (min: number) => number;
  spells: readonly Spell[];
  regulation: Regulation;
  begin: Temperatures;
}
export interface HeatedMinute {
  min: number;
  airC: number;
  shellC: number;
  outsideC: number;
  /** given in the minute that follows */ kw: number;
  state: 'off' | 'lighting' | 'burning';
}

/** One minute of the two nodes as a linear map: what each thing at its beginning makes of the air and of the shell at its end. */
function minuteOf(nodes: TwoNodes) {
  const by = (airC: number, shellC: number, powerW: number, outsideC: number) =>
    warmUp(nodes, { airC, shellC }, powerW, outsideC, 60);
  return { air: by(1, 0, 0, 0), shell: by(0, 1, 0, 0), watt: by(0, 0, 1, 0), outside: by(0, 0, 0, 1) };
}

/**
 * Output in a minute, kW: full where it is cold, less within the band, the least at the target. It is that which fits the air at the end of the minute, so that it
 * follows the room and does not swing about it.
 * @param unheatedC the air at the end of the minute if nothing were given @param airKKw K that a kilowatt makes of it
 */
function outputKw({ targetC, rateKw, minKw, maxKw, bandK }: Regulation, unheatedC: number, airKKw: number): number {
  const clamp = (kw: number) => Math.min(maxKw, Math.max(minKw, kw));
  if (targetC === null) return clamp(rateKw);
  const kwPerK = (maxKw - minKw) / bandK;
  return clamp((minKw + kwPerK * (targetC - unheatedC)) / (1 + kwPerK * airKKw));
}

/**
 * A night in a space of two nodes, minute by minute, under a thermostat or a fixed rate, by what timers let it burn.
 * @param night its spells in order, none meeting another
 * @returns a point for each minute, the first at its beginning
 * @throws RangeError naming quantity, value and bounds
 * @source two nodes in closed form, a minute at a time (first principles); the regulation is Lorbet's own assumption
 */
export function heatedNight(nodes: TwoNodes, night: NightOfHeat): HeatedMinute[] {
  const { fromMin, toMin, regulation, spells } = night;
  within('night', toMin - fromMin, 'min', { above: 0, max: 48 * 60 });
  within('band of the thermostat', regulation.bandK, 'K', { above: 0 });
  within('lighting', regulation.lightingMin, 'min', { min: 0 });
  within('least output', regulation.minKw, 'kW', { min: 0, max: regulation.maxKw });
  const { air, shell, watt, outside } = minuteOf(nodes);
  const { targetC, stopsAboveK, lightsBelowK, lightingMin } = regulation;
  let { airC, shellC } = night.begin;
  /** minute at which it was lit; null while it is out */
  let lit: number | null = null;
  let rests = false;
  let next = 0;
  const minutes = Math.round(toMin - fromMin);
  const points = new Array<HeatedMinute>(minutes + 1);
  for (let i = 0; i <= minutes; i += 1) {
    const min = fromMin + i;
    while (next < spells.length && (spells[next]?.toMin ?? 0) <= min) next += 1;
    const asked = (spells[next]?.fromMin ?? Infinity) <= min;
    // A new start begins by lighting, however warm it is.
    if (!asked) rests = false;
    else if (targetC !== null && stopsAboveK !== null)
      rests = rests ? airC > targetC - lightsBelowK : airC > targetC + stopsAboveK;
    lit = asked && !rests ? (lit ?? min) : null;
    const state = lit === null ? 'off' : min - lit < lightingMin ? 'lighting' : 'burning';
    const outsideC = night.outsideC(min);
    const freeW = night.freeW(min);
    // What the end of the minute would be without the heater; what it gives comes on top.
    const coldC = air.airC * airC + shell.airC * shellC + watt.airC * freeW + outside.airC * outsideC;
    const coldShellC = air.shellC * airC + shell.shellC * shellC + watt.shellC * freeW + outside.shellC * outsideC;
    const kw = state === 'burning' ? outputKw(regulation, coldC, watt.airC * 1000) : 0;
    points[i] = { min, airC, shellC, outsideC, kw, state };
    airC = coldC + watt.airC * kw * 1000;
    shellC = coldShellC + watt.shellC * kw * 1000;
  }
  return points;
}
/** How often it is lit in a night. */
export const startsIn = (night: readonly HeatedMinute[]): number =>
  night.filter(({ state }, i) => state !== 'off' && (i === 0 || night[i - 1]?.state === 'off')).length;
