import { quantities, type QuantityId, type StartReading, type StartRun } from './Build';
import { inlineReadings } from './recordSchemas';
import { sha256Hex } from '../record/sha256Hex';
import { startFacts } from './startFacts';

/** The most readings that one start may have, and the longest text of its log. */
export const logReadings = 20000;
export const logMaxChars = 800_000;

const letters = {
  volts: 'v',
  amps: 'a',
  hertz: 'h',
  outletC: 'o',
  returnC: 'r',
  caseC: 'c',
  noiseDb: 'n',
} as const satisfies Record<QuantityId, string>;
const quantityOf = new Map<string, QuantityId>(Object.entries(letters).map(([id, letter]) => [letter, id as QuantityId]));

/** A log as text: a line a reading, its second, the letter of its quantity, its value. @example packLog([{ atS: 30, quantity: 'volts', value: 11.7 }]) // "30 v 11.7" */
export const packLog = (readings: readonly StartReading[]): string =>
  readings.map(({ atS, quantity, value }) => `${atS} ${letters[quantity]} ${value}`).join('\n');

/** Reads a log's text. @returns the readings, or one sentence that names the line */
export function unpackLog(text: string): { ok: true; readings: StartReading[] } | { ok: false; error: string } {
  if (text.length > logMaxChars)
    return { ok: false, error: `A start’s log holds ${text.length} characters; at most ${logMaxChars} are allowed.` };
  const lines = text === '' ? [] : text.split('\n');
  if (lines.length > logReadings)
    return { ok: false, error: `A start’s log holds ${lines.length} readings; at most ${logReadings} are allowed.` };
  const readings: StartReading[] = [];
  for (const [i, line] of lines.entries()) {
    const [, second = '', letter = '', number = ''] =
      /^(\d{1,5}(?:\.\d{1,9})?) ([vahorcn]) (-?\d{1,4}(?:\.\d{1,15})?)$/.exec(line) ?? [];
    const quantity = quantityOf.get(letter);
    const reading = quantity && { atS: Number(second), quantity, value: Number(number) };
    const problem = reading ? readingProblem(reading) : `is “${line.slice(0, 30)}”; a line such as “30 v 11.7” is wanted`;
    if (!reading || problem) return { ok: false, error: `A start’s log, line ${i + 1} ${problem}.` };
    readings.push(reading);
  }
  return { ok: true, readings };
}

/** Why a reading can't stand, as the end of a sentence; null where it can. Plain and quick: logs come by the ten thousand. */
export function readingProblem(reading: unknown): string | null {
  const { atS, quantity, value, ...more } = (
    typeof reading === 'object' && reading !== null ? reading : {}
  ) as Partial<StartReading>;
  if (typeof atS !== 'number' || !(atS >= 0 && atS <= 86400)) return `has atS ${String(atS).slice(0, 30)}; allowed is 0 to 86400`;
  if (typeof quantity !== 'string' || !Object.hasOwn(quantities, quantity))
    return `has quantity ${String(quantity).slice(0, 30)}; allowed is one of ${Object.keys(quantities).join(', ')}`;
  const { min, max, unit, label } = quantities[quantity];
  if (typeof value !== 'number' || !(value >= min && value <= max))
    return `has value ${String(value).slice(0, 30)} ${unit}; ${label} may be ${min} to ${max} ${unit}`;
  return Object.keys(more).length > 0 ? `holds a field that is not known here: ${Object.keys(more)[0]?.slice(0, 30)}` : null;
}

/** What a build's document keeps of a start, and the text of its log where it has more readings than stand there. */
export function splitLog(run: StartRun): { run: StartRun; log: string | null } {
  if (run.readings.length <= inlineReadings) return { run, log: null };
  const log = packLog(run.readings);
  return { run: { ...run, readings: [], log: { sha256: sha256Hex(log), facts: startFacts(run) } }, log };
}
