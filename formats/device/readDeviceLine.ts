import { benchCodes, benchStates } from '../../core/physics/bench/benchStates';
import {
  deviceEvents,
  deviceKinds,
  deviceQuantities,
  linesVersion,
  mostTimes,
  type DeviceEvent,
  type DeviceLine,
} from './deviceLines';
import { faultsProblem, isOne, isSeconds, isWhole, nameProblem, no, objectOf, short, type Loose, type Read } from './lineParts';

/** Why a field can't stand, as a sentence; null where it can. */
type Rule = (value: unknown, name: string) => string | null;
const whole =
  (min: number): Rule =>
  (value, name) =>
    isWhole(value, min) ? null : `${name} is ${short(value)}; a whole number from ${min} is wanted.`;
const seconds: Rule = (value, name) => (isSeconds(value) ? null : `${name} is ${short(value)}; seconds from 0 are wanted.`);
const oneOf =
  (all: Readonly<Record<string, unknown>>): Rule =>
  (value, name) =>
    isOne(all, value) ? null : `${name} is ${short(value)}; allowed is ${Object.keys(all).join(', ')}.`;
const maybe =
  (rule: Rule): Rule =>
  (value, name) =>
    value === undefined ? null : rule(value, name);
const letters =
  (most: number): Rule =>
  (value, name) =>
    typeof value === 'string' && value.length <= most
      ? null
      : `${name} is ${short(value)}; up to ${most} characters are allowed.`;
const yesOrNo: Rule = (value, name) =>
  typeof value === 'boolean' ? null : `${name} is ${short(value)}; true or false is wanted.`;
const between =
  (above: number, max: number): Rule =>
  (value, name) =>
    typeof value === 'number' && value > above && value <= max
      ? null
      : `${name} is ${short(value)}; allowed is above ${above} to ${max}.`;
const values: Rule = (given) => {
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    return `values is ${short(given)}; an object is wanted.`;
  const all = Object.entries(given as Loose);
  if (all.length === 0) return 'values is empty; one quantity at least is wanted.';
  for (const [quantity, value] of all) {
    if (!isOne(deviceQuantities, quantity))
      return `values holds “${quantity.slice(0, 30)}”; allowed is ${Object.keys(deviceQuantities).join(', ')}.`;
    const { min, max, unit } = deviceQuantities[quantity];
    if (typeof value !== 'number' || !(value >= min && value <= max))
      return `${quantity} is ${short(value)}; allowed is ${min} to ${max}${unit ? ` ${unit}` : ''}.`;
  }
  return null;
};
const numbered = { n: whole(1), t: seconds };
const events = Object.fromEntries(deviceEvents.map((event) => [event, true])) as Record<DeviceEvent, true>;

/** What stands in each kind of line. Fields that are not named here are let go. */
const rules: { readonly [L in DeviceLine['line']]: Readonly<Record<string, Rule>> } = {
  hello: {
    lorbet: (value) => (value === linesVersion ? null : `lorbet is ${short(value)}; this app knows version ${linesVersion}.`),
    device: nameProblem,
    kind: oneOf(deviceKinds),
    name: letters(80),
    from: whole(1),
    next: whole(1),
    standIn: maybe(yesOrNo),
  },
  reading: { ...numbered, values },
  event: { ...numbered, event: oneOf(events), code: maybe(oneOf(benchCodes)) },
  state: { ...numbered, state: oneOf(benchStates), times: between(0, mostTimes), faults: faultsProblem, strokes: whole(0) },
  lost: { from: whole(1), to: whole(1) },
  answer: { to: letters(40), ok: yesOrNo, error: maybe(letters(400)) },
};

/** Reads a line that a device has sent. @returns the line, or one sentence that names what is wrong with it */
export function readDeviceLine(text: string): Read<DeviceLine> {
  const object = objectOf(text);
  if (!object.ok) return object;
  const given = object.value;
  if (!isOne(rules, given.line)) return no(`line is ${short(given.line)}; allowed is ${Object.keys(rules).join(', ')}.`);
  const fields = Object.entries(rules[given.line]);
  for (const [name, rule] of fields) {
    const problem = rule(given[name], name);
    if (problem) return no(problem);
  }
  const kept = fields.flatMap(([name]) => (given[name] === undefined ? [] : [[name, given[name]]]));
  const line = { line: given.line, ...Object.fromEntries(kept) } as DeviceLine;
  if ((line.line === 'hello' && line.from > line.next) || (line.line === 'lost' && line.from > line.to))
    return no(`from is ${line.from}; it must not lie after ${line.line === 'hello' ? line.next : line.to}.`);
  return { ok: true, value: line };
}
