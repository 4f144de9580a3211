import type { BenchFacts } from './BenchFacts';
import type { Effects } from './faults';

/** What draws on the feed at a moment. */
export interface Drawing {
  /** asleep it draws a tenth */ awake: boolean;
  fanOn: boolean;
  /** of the fan's full speed */ speed: number;
  hz: number;
  plugOn: boolean;
  plugK: number;
  /** drawn so far, A s */ chargeAs: number;
  /** a terminal has just lost its touch */ loose: boolean;
}
/** Ω of a touch that is lost; a fan at its slowest still draws so much; asleep a controller draws so much, shares. Assumptions of ours, no source. */
const looseOhm = 0.4;
const [fanLeast, asleep] = [0.12, 0.1];
/** A battery of 12 V stands lower by so much once all that it holds is drawn, V. Common practice, no source. */
const emptiedV = 1;

const plugOhm = ({ plug }: BenchFacts, plugK: number, effects: Effects): number =>
  (plug.coldOhm + ((plug.hotOhm - plug.coldOhm) * plugK) / plug.hotK) * effects.plugOhm;
/** A terminal’s volts with nothing drawn. */
export const openVOf = ({ feed, ratedV }: BenchFacts, effects: Effects, chargeAs: number): number =>
  feed.openV + ((effects.openV - (emptiedV * chargeAs) / 3600 / feed.capacityAh) * ratedV) / 12;

/**
 * Volts at the heater and amps: what glows is a resistance, the rest draws what it draws.
 * @source Ohm
 */
export function feedAt(facts: BenchFacts, effects: Effects, at: Drawing): { volts: number; amps: number } {
  const { feed, pulse, electronicsA, fanFullA } = facts;
  const ohm = feed.ownOhm * effects.ownOhm + feed.feedOhm + effects.feedOhm + (at.loose ? looseOhm : 0);
  const fan = at.fanOn ? fanFullA * Math.max(fanLeast, at.speed ** 3) * effects.fanA : 0;
  const drawn = electronicsA * (at.awake ? 1 : asleep) + fan + (pulse.amps * pulse.ms * at.hz) / 1000;
  const siemens = at.plugOn && effects.plugOn >= 0.5 ? 1 / plugOhm(facts, at.plugK, effects) + effects.bridge : 0;
  const volts = Math.max(0, (openVOf(facts, effects, at.chargeAs) - ohm * drawn) / (1 + ohm * siemens));
  return { volts, amps: drawn + volts * siemens };
}

/**
 * The plug's temperature over the air after a step, K: heat lost in proportion to it, so that it stands at `hotK` under its rated volts.
 * @source first-order heat balance
 */
export function plugAfter(facts: BenchFacts, effects: Effects, plugK: number, volts: number, on: boolean, dt: number): number {
  const { plug, ratedV } = facts;
  const lossWK = ratedV ** 2 / plug.hotOhm / plug.hotK;
  const ohm = plugOhm(facts, plugK, effects);
  // One that is bridged gives its heat elsewhere.
  const glows = on && effects.plugOn >= 0.5 && effects.bridge < 2;
  const watts = glows ? volts ** 2 / ohm / (1 + effects.bridge * ohm) : 0;
  return plugK + ((watts - lossWK * plugK) / (lossWK * plug.warmsS)) * dt;
}
