import { benchFaultIds, type BenchFaultId, type SetFault } from '../../core/physics/bench/faults';
import { lineMaxBytes } from './deviceLines';

/** What was read of a line, or one sentence that names field, value and what is allowed. */
export type Read<T> = { ok: true; value: T } | { ok: false; error: string };
export const no = (error: string): { ok: false; error: string } => ({ ok: false, error });
export const short = (value: unknown): string => (JSON.stringify(value) ?? String(value)).slice(0, 40);
export type Loose = Record<string, unknown>;

/** An object of JSON in one line; anything else is answered with a sentence. */
export function objectOf(text: string): Read<Loose> {
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
export const isWhole = (value: unknown, min = 0): value is number => Number.isSafeInteger(value) && (value as number) >= min;
export const isSeconds = (value: unknown): value is number => typeof value === 'number' && value >= 0 && value <= 1e9;
export const isOne = <T extends string>(all: Readonly<Record<T, unknown>>, value: unknown): value is T =>
  typeof value === 'string' && Object.hasOwn(all, value);
const deviceName = /^[a-z0-9:.-]{1,60}$/;
/** Why a device can't have such a name, as a sentence; null where it can. */
export const nameProblem = (device: unknown): string | null =>
  typeof device === 'string' && deviceName.test(device)
    ? null
    : `device is ${short(device)}; allowed is 1 to 60 of a to z, 0 to 9, colon, point and hyphen.`;
/** Why faults can't be set, as a sentence; null where they can. */
export function faultsProblem(faults: unknown): string | null {
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
