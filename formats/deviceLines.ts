import type { BenchFaultId, SetFault } from '../core/physics/bench/faults';
import { benchFaultIds } from '../core/physics/bench/faults';
import { benchStates, benchCodes, type BenchCode, type BenchStateId } from '../core/physics/bench/benchHeater';
import { usualBench, type BenchFacts } from '../core/physics/bench/BenchFacts';

/** The open line protocol of devices (docs/device-lines.md): a line is one object of JSON, ended by a line feed. */
export const linesVersion = 1;
/** The longest line, bytes; a build's facts are sent in one. */
export const lineMaxBytes = 16_384;

/** What a device may read, its unit, and between what it can lie. */
export const deviceQuantities = {
  volts: { label: 'Volts at the heater', unit: 'V', min: 0, max: 40 },
  batteryV: { label: 'Volts at the battery', unit: 'V', min: 0, max: 40 },
  amps: { label: 'Amps', unit: 'A', min: -5, max: 60 },
  hertz: { label: 'Pump', unit: 'Hz', min: 0, max: 20 },
  outletC: { label: 'Warm air out', unit: '°C', min: -40, max: 250 },
  returnC: { label: 'Air in', unit: '°C', min: -40, max: 100 },
  caseC: { label: 'Case', unit: '°C', min: -40, max: 300 },
  exhaustC: { label: 'Exhaust', unit: '°C', min: -40, max: 600 },
  roomC: { label: 'Room', unit: '°C', min: -40, max: 80 },
  noiseDb: { label: 'Noise', unit: 'dB', min: 0, max: 140 },
  coPpm: { label: 'Carbon monoxide', unit: 'ppm', min: 0, max: 100_000 },
  drawnG: { label: 'Fuel drawn', unit: 'g', min: 0, max: 1_000_000 },
  whiteSmoke: { label: 'White smoke', unit: '', min: 0, max: 1 },
  blackSmoke: { label: 'Black smoke', unit: '', min: 0, max: 1 },
} as const;
export type DeviceQuantity = keyof typeof deviceQuantities;
export const deviceEvents = [
  'on',
  'glow',
  'glowOff',
  'pump',
  'flame',
  'full',
  'off',
  'end',
  'cut',
  'fuelHere',
  'retry',
  'bubbles',
  'code',
] as const;
export type DeviceEvent = (typeof deviceEvents)[number];
export const deviceKinds = {
  heater: 'bench heater',
  multimeter: 'multimeter',
  clamp: 'clamp meter',
  thermometers: 'thermometers',
  co: 'CO meter',
  scale: 'scale',
  sound: 'sound meter',
  logger: 'logger',
} as const;
export type DeviceKind = keyof typeof deviceKinds;

/** Lines that a device sends. What is read or happens is numbered from 1 without a gap; `t` are seconds on the device's own clock. */
export type DeviceLine =
  | {
      line: 'hello';
      lorbet: typeof linesVersion;
      device: string;
      kind: DeviceKind;
      name: string;
      /** oldest number that it still holds */ from: number;
      next: number;
      /** a stand-in, and no instrument */ standIn: boolean;
    }
  | { line: 'reading'; n: number; t: number; values: Partial<Record<DeviceQuantity, number>> }
  | { line: 'event'; n: number; t: number; event: DeviceEvent; code?: BenchCode }
  | { line: 'state'; n: number; t: number; state: BenchStateId; times: number; faults: SetFault[]; strokes: number }
  /** numbers that it held no longer when they were asked for */
  | { line: 'lost'; from: number; to: number }
  | { line: 'answer'; to: string; ok: boolean; error?: string };

/** Lines that are sent to a device. */
export type DeviceCommand =
  | { do: 'hello'; device: string; since: number }
  | { do: 'got'; n: number }
  | { do: 'on' | 'off' | 'cut' | 'restore' | 'unlock' | 'devices' }
  | { do: 'prime'; hz: number }
  | { do: 'set'; targetC: number }
  | { do: 'set'; rateHz: number }
  | { do: 'speed'; times: number }
  | { do: 'faults'; faults: SetFault[] }
  | { do: 'build'; facts: BenchFacts; filled: boolean; seed: number };

type Read<T> = { ok: true; value: T } | { ok: false; error: string };
const no = (error: string): { ok: false; error: string } => ({ ok: false, error });
const short = (value: unknown): string => (JSON.stringify(value) ?? String(value)).slice(0, 40);
type Loose = Record<string, unknown>;

/** An object of JSON in one line; anything else is answered with a sentence. */
function objectOf(text: string): Read<Loose> {
  if (text.length > lineMaxBytes) return no(`A line holds ${text.length} characters; at most ${lineMaxBytes} are allowed.`);
  try {
    const value: unknown = JSON.parse(text);
    return typeof value === 'object' && value !== null && !Array.isArray(value)
      ? { ok: true, value: value as Loose }
      : no(`A line is ${short(value)}; an object is wanted.`);
  } catch {
    return no(`A line begins “${text.slice(0, 30)}”; one object of JSON is wanted.`);
  }
}
const isWhole = (value: unknown, min = 0): value is number => Number.isSafeInteger(value) && (value as number) >= min;
const isSeconds = (value: unknown): value is number => typeof value === 'number' && value >= 0 && value <= 1e9;
const isOne = <T extends string>(all: Readonly<Record<T, unknown>>, value: unknown): value is T =>
  typeof value === 'string' && Object.hasOwn(all, value);

/** Why values can't stand, as a sentence; null where they can. */
export function valuesProblem(values: unknown): string | null {
  if (typeof values !== 'object' || values === null || Array.isArray(values))
    return `values is ${short(values)}; an object is wanted.`;
  const all = Object.entries(values as Loose);
  if (all.length === 0) return 'values is empty; one quantity at least is wanted.';
  for (const [quantity, value] of all) {
    if (!isOne(deviceQuantities, quantity))
      return `values holds “${quantity.slice(0, 30)}”; allowed is ${Object.keys(deviceQuantities).join(', ')}.`;
    const { min, max, unit } = deviceQuantities[quantity];
    if (typeof value !== 'number' || !(value >= min && value <= max))
      return `${quantity} is ${short(value)}; allowed is ${min} to ${max}${unit ? ` ${unit}` : ''}.`;
  }
  return null;
}
function faultsProblem(faults: unknown): string | null {
  if (!Array.isArray(faults) || faults.length > benchFaultIds.length)
    return `faults is ${short(faults)}; a list of ${benchFaultIds.length} at most is wanted.`;
  for (const one of faults as unknown[]) {
    const { id, strength, fromS, growsS } = (typeof one === 'object' && one !== null ? one : {}) as Partial<SetFault>;
    if (!benchFaultIds.includes(id as BenchFaultId)) return `A fault’s id is ${short(id)}; no such fault is known.`;
    if (typeof strength !== 'number' || !(strength >= 0 && strength <= 1))
      return `Strength of ${id} is ${short(strength)}; allowed is 0 to 1.`;
    if (!isSeconds(fromS) || !isSeconds(growsS))
      return `${id} begins at ${short(fromS)} and grows for ${short(growsS)} s; allowed is 0 to 1000000000.`;
  }
  return null;
}
/** Whether facts have the shape of those that are known to be good: numbers where it has numbers, and nothing else. */
function shapeProblem(facts: unknown, like: unknown, at: string): string | null {
  if (typeof like === 'number')
    return typeof facts === 'number' && Number.isFinite(facts) && Math.abs(facts) < 1e12
      ? null
      : `${at} is ${short(facts)}; a number is wanted.`;
  if (typeof facts !== 'object' || facts === null) return `${at} is ${short(facts)}; an object is wanted.`;
  for (const [key, part] of Object.entries(like as Loose)) {
    const given = (facts as Loose)[key];
    const where = `${at}.${key}`;
    let problem: string | null = null;
    if (key === 'chambers') {
      const plain = (one: Loose) => typeof one.name === 'string' && (one.side === 'suction' || one.side === 'pressure') && typeof one.volumeMl === 'number' && one.volumeMl >= 0 && typeof one.trapMl === 'number' && one.trapMl >= 0; // prettier-ignore
      if (
        !Array.isArray(given) ||
        given.length > 200 ||
        !(given as Loose[]).every((one) => typeof one === 'object' && one !== null && plain(one))
      )
        problem = `${where} is ${short(given)}; a list of chambers is wanted.`;
    } else if (key === 'loop') problem = given === null ? null : shapeProblem(given, { heatJK: 1, toRoomWK: 1 }, where);
    else if (key === 'targetC')
      problem =
        given === null || (typeof given === 'number' && Number.isFinite(given))
          ? null
          : `${where} is ${short(given)}; a number or nothing is wanted.`;
    else problem = shapeProblem(given, part, where);
    if (problem) return problem;
  }
  return null;
}

/** Reads a line that a device has sent. @returns the line, or one sentence that names what is wrong with it */
export function readDeviceLine(text: string): Read<DeviceLine> {
  const object = objectOf(text);
  if (!object.ok) return object;
  const v = object.value;
  const numbered = isWhole(v.n, 1) && isSeconds(v.t);
  switch (v.line) {
    case 'hello':
      if (v.lorbet !== linesVersion) return no(`lorbet is ${short(v.lorbet)}; this app knows version ${linesVersion}.`);
      if (typeof v.device !== 'string' || !deviceName.test(v.device))
        return no(`device is ${short(v.device)}; allowed is 1 to 60 of a to z, 0 to 9, colon, point and hyphen.`);
      if (!isOne(deviceKinds, v.kind)) return no(`kind is ${short(v.kind)}; allowed is ${Object.keys(deviceKinds).join(', ')}.`);
      if (typeof v.name !== 'string' || v.name.length > 80)
        return no(`name is ${short(v.name)}; up to 80 characters are allowed.`);
      if (!isWhole(v.from, 1) || !isWhole(v.next, 1) || v.from > v.next)
        return no(`from is ${short(v.from)} and next is ${short(v.next)}; whole numbers from 1 are wanted, from not after next.`);
      return {
        ok: true,
        value: {
          line: 'hello',
          lorbet: linesVersion,
          device: v.device,
          kind: v.kind,
          name: v.name,
          from: v.from,
          next: v.next,
          standIn: v.standIn === true,
        },
      };
    case 'reading': {
      if (!numbered) return no(`n is ${short(v.n)} and t is ${short(v.t)}; a whole number from 1 and seconds from 0 are wanted.`);
      const problem = valuesProblem(v.values);
      return problem
        ? no(problem)
        : {
            ok: true,
            value: {
              line: 'reading',
              n: v.n as number,
              t: v.t as number,
              values: v.values as Partial<Record<DeviceQuantity, number>>,
            },
          };
    }
    case 'event':
      if (!numbered) return no(`n is ${short(v.n)} and t is ${short(v.t)}; a whole number from 1 and seconds from 0 are wanted.`);
      if (!deviceEvents.includes(v.event as DeviceEvent))
        return no(`event is ${short(v.event)}; allowed is ${deviceEvents.join(', ')}.`);
      if (v.code !== undefined && !isOne(benchCodes, v.code))
        return no(`code is ${short(v.code)}; allowed is ${Object.keys(benchCodes).join(', ')}.`);
      return {
        ok: true,
        value: {
          line: 'event',
          n: v.n as number,
          t: v.t as number,
          event: v.event as DeviceEvent,
          ...(v.code === undefined ? {} : { code: v.code }),
        },
      };
    case 'state': {
      if (!numbered) return no(`n is ${short(v.n)} and t is ${short(v.t)}; a whole number from 1 and seconds from 0 are wanted.`);
      if (!isOne(benchStates, v.state))
        return no(`state is ${short(v.state)}; allowed is ${Object.keys(benchStates).join(', ')}.`);
      if (typeof v.times !== 'number' || !(v.times > 0 && v.times <= mostTimes))
        return no(`times is ${short(v.times)}; allowed is above 0 to ${mostTimes}.`);
      if (!isWhole(v.strokes)) return no(`strokes is ${short(v.strokes)}; a whole number is wanted.`);
      const problem = faultsProblem(v.faults);
      return problem
        ? no(problem)
        : {
            ok: true,
            value: {
              line: 'state',
              n: v.n as number,
              t: v.t as number,
              state: v.state,
              times: v.times,
              faults: v.faults as SetFault[],
              strokes: v.strokes,
            },
          };
    }
    case 'lost':
      if (!isWhole(v.from, 1) || !isWhole(v.to, 1))
        return no(`from is ${short(v.from)} and to is ${short(v.to)}; whole numbers from 1 are wanted.`);
      return { ok: true, value: { line: 'lost', from: v.from, to: v.to } };
    case 'answer':
      return {
        ok: true,
        value: {
          line: 'answer',
          to: String(v.to).slice(0, 40),
          ok: v.ok === true,
          ...(typeof v.error === 'string' ? { error: v.error.slice(0, 300) } : {}),
        },
      };
    default:
      return no(`line is ${short(v.line)}; allowed is hello, reading, event, state, lost, answer.`);
  }
}
const deviceName = /^[a-z0-9:.-]{1,60}$/;
/** So many times faster than the clock a stand-in may go. */
export const mostTimes = 600;

/** Reads a line that is sent to a device. @returns the command, or one sentence that names what is wrong with it */
export function readDeviceCommand(text: string): Read<DeviceCommand> {
  const object = objectOf(text);
  if (!object.ok) return object;
  const v = object.value;
  const number = (name: string, min: number, max: number) => {
    const value = v[name];
    return typeof value === 'number' && value >= min && value <= max
      ? null
      : `${name} is ${short(value)}; allowed is ${min} to ${max}.`;
  };
  const given = (problem: string | null, value: () => DeviceCommand): Read<DeviceCommand> =>
    problem ? no(problem) : { ok: true, value: value() };
  switch (v.do) {
    case 'hello':
      if (typeof v.device !== 'string' || !deviceName.test(v.device))
        return no(`device is ${short(v.device)}; allowed is 1 to 60 of a to z, 0 to 9, colon, point and hyphen.`);
      return isWhole(v.since)
        ? { ok: true, value: { do: 'hello', device: v.device, since: v.since } }
        : no(`since is ${short(v.since)}; a whole number from 0 is wanted.`);
    case 'got':
      return isWhole(v.n) ? { ok: true, value: { do: 'got', n: v.n } } : no(`n is ${short(v.n)}; a whole number is wanted.`);
    case 'on':
    case 'off':
    case 'cut':
    case 'restore':
    case 'unlock':
    case 'devices':
      return { ok: true, value: { do: v.do } };
    case 'prime':
      return given(number('hz', 0, 10), () => ({ do: 'prime', hz: v.hz as number }));
    case 'set':
      return 'rateHz' in v
        ? given(number('rateHz', 0.1, 20), () => ({ do: 'set', rateHz: v.rateHz as number }))
        : given(number('targetC', 5, 35), () => ({ do: 'set', targetC: v.targetC as number }));
    case 'speed':
      return given(number('times', 0.1, mostTimes), () => ({ do: 'speed', times: v.times as number }));
    case 'faults':
      return given(faultsProblem(v.faults), () => ({ do: 'faults', faults: v.faults as SetFault[] }));
    case 'build':
      return given(shapeProblem(v.facts, usualBench, 'facts') ?? number('seed', 0, 4294967295), () => ({
        do: 'build',
        facts: v.facts as BenchFacts,
        filled: v.filled === true,
        seed: v.seed as number,
      }));
    default:
      return no(
        `do is ${short(v.do)}; allowed is hello, got, on, off, cut, restore, unlock, devices, prime, set, speed, faults, build.`,
      );
  }
}

/** Cuts what arrives into lines; one that is too long is dropped whole, and told. */
export class LineCutter {
  #held = '';
  #dropping = false;
  constructor(private readonly max = lineMaxBytes) {}
  /** @returns the lines that are whole now; null stands for one that was too long */
  take(text: string): (string | null)[] {
    const lines: (string | null)[] = [];
    let from = 0;
    for (let end = text.indexOf('\n'); end !== -1; end = text.indexOf('\n', from)) {
      const line = this.#held + text.slice(from, end);
      from = end + 1;
      this.#held = '';
      if (this.#dropping) this.#dropping = false;
      else if (line.length > this.max) lines.push(null);
      else if (line.trim() !== '') lines.push(line.replace(/\r$/, ''));
    }
    if (!this.#dropping) this.#held += text.slice(from);
    if (this.#held.length > this.max) {
      this.#held = '';
      this.#dropping = true;
      lines.push(null);
    }
    return lines;
  }
}
