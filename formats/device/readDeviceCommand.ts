import { usualBench, type BenchFacts } from '../../core/physics/bench/BenchFacts';
import type { SetFault } from '../../core/physics/bench/faults';
import { mostTimes, type DeviceCommand } from './deviceLines';
import { faultsProblem, isWhole, nameProblem, no, objectOf, short, type Loose, type Read } from './lineParts';

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
  const wholeProblem = (name: string) =>
    isWhole(v[name]) ? null : `${name} is ${short(v[name])}; a whole number from 0 is wanted.`;
  const given = (problem: string | null, value: () => DeviceCommand): Read<DeviceCommand> =>
    problem ? no(problem) : { ok: true, value: value() };
  switch (v.do) {
    case 'hello':
      return given(nameProblem(v.device) ?? wholeProblem('since'), () => ({
        do: 'hello',
        device: v.device as string,
        since: v.since as number,
      }));
    case 'got':
      return given(wholeProblem('n'), () => ({ do: 'got', n: v.n as number }));
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
