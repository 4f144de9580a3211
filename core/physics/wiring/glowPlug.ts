import { within } from '../within';

/** A glow plug whose resistance goes up as it warms. */
export interface GlowPlug {
  /** Ω at the temperature of the air */ coldOhm: number;
  /** Ω once it is hot */ hotOhm: number;
  /** K over the air once it is hot */ hotK: number;
  /** s, in which it comes to two thirds of that under the current of then */ warmsS: number;
}
export interface GlowMoment {
  s: number;
  amps: number;
  /** V across it */ volts: number;
  /** K over the air */ overK: number;
}
const stepS = 0.01;

/**
 * The first seconds of a glow: resistance goes straight up with temperature, heat is lost in proportion to it.
 * @param supply what stands before the plug: V at no current, Ω of battery and feed
 * @returns a moment each `everyS`, the first as it is switched on
 * @throws RangeError naming quantity, value and bounds
 * @source Ohm; first-order heat balance, solved in small steps (midpoint)
 */
export function glowPlug(plug: GlowPlug, supply: { openV: number; ohm: number }, forS: number, everyS: number): GlowMoment[] {
  const { coldOhm, hotOhm, hotK, warmsS } = plug;
  within('resistance of the plug, cold', coldOhm, 'Ω', { above: 0 });
  within('resistance of the plug, hot', hotOhm, 'Ω', { above: 0 });
  within('temperature of the plug', hotK, 'K', { above: 0 });
  within('time in which it warms', warmsS, 's', { above: 0 });
  within('resistance before it', supply.ohm, 'Ω', { min: 0 });
  const hotW = (supply.openV / (hotOhm + supply.ohm)) ** 2 * hotOhm;
  const lossWK = hotW / hotK;
  const heatJK = lossWK * warmsS;
  const ohmAt = (overK: number) => coldOhm + ((hotOhm - coldOhm) * overK) / hotK;
  const ampsAt = (overK: number) => supply.openV / (ohmAt(overK) + supply.ohm);
  const rate = (overK: number) => (ampsAt(overK) ** 2 * ohmAt(overK) - lossWK * overK) / heatJK;
  const every = Math.max(1, Math.round(everyS / stepS));
  const moments: GlowMoment[] = [];
  let overK = 0;
  for (let i = 0; i <= Math.round(forS / stepS); i += 1) {
    const amps = ampsAt(overK);
    if (i % every === 0) moments.push({ s: i * stepS, amps, volts: amps * ohmAt(overK), overK });
    overK += rate(overK + (rate(overK) * stepS) / 2) * stepS;
  }
  return moments;
}
