import type { Fault } from '../../build/faults';
import { faultCauses, type CauseId } from '../faults/causes';
import { askedIn, believeFault, isCause, isFaultCheck } from '../faults/faultCase';
import { faultChecks, type FaultCheckId } from '../faults/faultNetwork';
import { lightsIt, unsafeCauses } from '../faults/mustNotBeLit';
import { causeFound, likeliest, nextChecks, type Belief } from '../faults/nextCheck';
import { rashActs, type RashId } from './rash';
import type { TrainerCase } from './TrainerCase';
import { foundOf } from './truth';

/** What a learner does. `nothing` is to say that nothing is wrong. */
export type TrainerAct =
  | { does: 'look'; check: FaultCheckId }
  | { does: 'start' }
  | { does: 'rash'; act: RashId }
  | { does: 'mend'; cause: CauseId | 'nothing' };
export interface PlayedAct {
  act: TrainerAct;
  /** what was found, or what came of it */ told: string;
  minutes: number;
  /** parts that went in, as minutes of their worth */ parts: number;
  /** what is told at once, since it may hurt */ danger?: string;
  /** how much less unsure it left what is wrong, bits; below 0 where it misled */ bits: number;
}
export interface Played {
  acts: PlayedAct[];
  minutes: number;
  parts: number;
  dangers: number;
  /** causes still in it */ left: CauseId[];
  /** it is right: all is mended, or nothing was wrong and that was said */ over: boolean;
  /** mended though it was not that */ wrongly: number;
}

/** To start it and watch, to mend something, to say that nothing is wrong: min. Lorbet’s own choice, no source. */
const [startMin, mendMin, wrongParts] = [10, 20, 15];
/** At most so many acts; nobody goes on for longer. */
export const actsMax = 200;
/** These want nothing mended: to leave them is right. */
const harmless: readonly CauseId[] = ['newWrap', 'steam'];
const dangerOf: Partial<Record<CauseId, string>> = {
  wrongFuel: 'You lit it with petrol in its fuel: it may burst. Smell at the tank first; then drain it.',
  exhaustLeak:
    'You lit it with exhaust leaking in: carbon monoxide has no smell, headache comes first. Look at it cold: soap on its joints.',
  burnerGasket:
    'You lit it with exhaust in its warm air: carbon monoxide in the room. Look at it cold: soap at the burner’s seam.',
  fuelWeeps: 'You lit it with fuel running down outside: it may burn from below. Wipe the joints and look, cold.',
  drawnBack:
    'You lit it with its exhaust drawn back in: carbon monoxide in the room. Look first how the mouths and the wind stand.',
};
/** What is told at once of a look, since it may hurt: it was lit for it while something unsafe is in it. */
function dangerAt(left: readonly CauseId[], lights: boolean): string | undefined {
  const cause = lights ? left.find((one) => unsafeCauses.includes(one)) : undefined;
  return cause && dangerOf[cause];
}

const at = '2026-01-01T00:00:00.000Z';
const stepOf = (check: FaultCheckId, found: number) => ({ at, by: '', check, found: faultChecks[check].answers[found] ?? null });
const begun = ({ symptom }: TrainerCase): Fault => ({ id: '', at, by: '', symptom, steps: [], repairs: [] });
const bitsLeft = ({ joint }: Belief): number => -joint.table.reduce((sum, p) => sum + (p > 0 ? p * Math.log2(p) : 0), 0);

/** What comes of what a learner did, from the beginning: the same for the same case, seed and acts. @param withBits whether what each act told is worked out @throws RangeError for more acts than anybody does */
export function play(it: TrainerCase, seed: number, acts: readonly TrainerAct[], withBits = true): Played {
  if (acts.length > actsMax) throw new RangeError(`acts holds ${acts.length}; at most ${actsMax} are allowed.`);
  let left = [...it.causes];
  let fault = begun(it);
  const unsure = () => (withBits ? bitsLeft(believeFault(fault, {}, it.medium).belief) : 0);
  let bits = unsure();
  const played: PlayedAct[] = [];
  let over = false;
  let wrongly = 0;
  for (const act of acts) {
    if (over) break;
    const row = told(act);
    const now = unsure();
    played.push({ ...row, act, bits: bits - now });
    bits = now;
  }
  function told(act: TrainerAct): Omit<PlayedAct, 'act' | 'bits'> {
    if (act.does === 'rash') {
      const { told: comes, minutes } = rashActs[act.act];
      return { told: comes, minutes, parts: 0, danger: comes };
    }
    if (act.does === 'look') {
      const { minutes, parts, danger: level, caution } = faultChecks[act.check];
      const found = foundOf(it, left, act.check, seed);
      fault = { ...fault, steps: [...fault.steps, stepOf(act.check, found)] };
      const danger = dangerAt(left, lightsIt(act.check)) ?? (level === 2 ? caution : undefined);
      return { told: faultChecks[act.check].answers[found] ?? '', minutes, parts, ...(danger ? { danger } : {}) };
    }
    if (act.does === 'start') {
      const danger = dangerAt(left, true);
      return { told: '', minutes: startMin, parts: 0, ...(danger ? { danger } : {}) };
    }
    const { cause } = act;
    if (cause === 'nothing' || harmless.includes(cause)) {
      over = left.every((one) => harmless.includes(one));
      if (over) return { told: 'It is as it should be: nothing was wrong.', minutes: 0, parts: 0 };
      wrongly += 1;
      const danger = dangerAt(left, true);
      return {
        told: 'Its owner is back: it does the same as before.',
        minutes: mendMin,
        parts: 0,
        ...(danger ? { danger } : {}),
      };
    }
    fault = { ...fault, repairs: [...fault.repairs, { at, by: '', cause, did: '', parts: '', afterSteps: fault.steps.length }] };
    if (!left.includes(cause)) {
      wrongly += 1;
      return { told: 'That was sound. It does the same as before.', minutes: mendMin, parts: wrongParts };
    }
    left = left.filter((one) => one !== cause);
    over = left.every((one) => harmless.includes(one));
    return {
      told: over ? 'That was it: it runs as it should.' : 'That was wrong, and is mended; it is not right yet.',
      minutes: mendMin,
      parts: 0,
    };
  }
  const sum = (of: (row: PlayedAct) => number): number => played.reduce((all, row) => all + of(row), 0);
  return {
    acts: played,
    minutes: sum((row) => row.minutes),
    parts: sum((row) => row.parts),
    dangers: played.filter(({ danger }) => danger !== undefined).length,
    left,
    over,
    wrongly,
  };
}

/** As many looks as Lorbet itself would take at most. */
const patience = 40;
/** What Lorbet itself would do with the same heater: its next check, again and again, and what it then says. */
export function shortestWay(it: TrainerCase, seed: number): TrainerAct[] {
  const acts: TrainerAct[] = [];
  let left = [...it.causes];
  let fault = begun(it);
  while (acts.length < patience) {
    const { network, belief, now } = believeFault(fault, {}, it.medium);
    const found = causeFound(belief);
    const [next] = found ? [] : nextChecks(network, belief, it.medium, askedIn(fault, now));
    if (next) {
      acts.push({ does: 'look', check: next.id });
      fault = { ...fault, steps: [...fault.steps, stepOf(next.id, foundOf(it, left, next.id, seed))] };
      continue;
    }
    const [likely] = likeliest(belief);
    const nothing = !found && (!likely || belief.nothing > likely.chance);
    const cause = nothing ? ('nothing' as const) : (found ?? likely?.cause ?? ('nothing' as const));
    acts.push({ does: 'mend', cause });
    if (play(it, seed, acts, false).over || cause === 'nothing') break;
    left = left.filter((one) => one !== cause);
    fault = { ...fault, repairs: [...fault.repairs, { at, by: '', cause, did: '', parts: '', afterSteps: fault.steps.length }] };
  }
  return acts;
}

/** Reads what a learner did from anything that came over the wire. */
export function readActs(value: unknown): { ok: true; value: TrainerAct[] } | { ok: false; errors: string[] } {
  const refused = (sentence: string) => ({ ok: false as const, errors: [sentence] });
  if (!Array.isArray(value)) return refused('acts must be a list of what was done.');
  if (value.length > actsMax) return refused(`acts holds ${value.length}; at most ${actsMax} are allowed.`);
  const acts: TrainerAct[] = [];
  for (const [i, one] of (value as unknown[]).entries()) {
    const { does, check, act, cause } = (typeof one === 'object' && one !== null ? one : {}) as Record<string, unknown>;
    if (does === 'start') acts.push({ does });
    else if (does === 'look' && typeof check === 'string' && isFaultCheck(check)) acts.push({ does, check });
    else if (does === 'rash' && typeof act === 'string' && Object.hasOwn(rashActs, act)) acts.push({ does, act: act as RashId });
    else if (does === 'mend' && typeof cause === 'string' && (cause === 'nothing' || isCause(cause))) acts.push({ does, cause });
    else return refused(`acts[${i}] is nothing that can be done; allowed are look, start, rash and mend, with what of.`);
  }
  return { ok: true, value: acts };
}
export const causeLabel = (cause: CauseId | 'nothing'): string =>
  cause === 'nothing' ? 'nothing is wrong' : faultCauses[cause].label;
