import Papa from 'papaparse';
import {
  quantities,
  startEvents,
  type QuantityId,
  type StartEvent,
  type StartEventKind,
  type StartReading,
  type StartRun,
} from '../core/build/Build';
import { readNumber, type ReadNumber } from '../core/units/readNumber';

const columns: Record<QuantityId, string> = {
  volts: 'volts',
  amps: 'amps',
  hertz: 'hertz',
  outletC: 'outlet_c',
  returnC: 'return_c',
  caseC: 'case_c',
  noiseDb: 'noise_db',
};
const quantityIds = Object.keys(columns) as QuantityId[];
export const startCsvMaxBytes = 4 * 1024 * 1024;

/** A start as CSV: a row a moment, its seconds, an event if there was one, and what was read; gaps where nothing was. */
export function writeStartCsv(run: Pick<StartRun, 'events' | 'readings'>): string {
  const rows: Record<string, string | number>[] = [];
  const at = new Map<number, Record<string, string | number>>();
  const rowAt = (atS: number, free: string) => {
    const known = at.get(atS);
    if (known && known[free] === undefined) return known;
    const row = { seconds: atS };
    at.set(atS, row);
    rows.push(row);
    return row as Record<string, string | number>;
  };
  for (const reading of run.readings) rowAt(reading.atS, columns[reading.quantity])[columns[reading.quantity]] = reading.value;
  for (const { atS, event } of run.events) rowAt(atS, 'event').event = event;
  rows.sort((a, b) => Number(a.seconds) - Number(b.seconds));
  return `${Papa.unparse({ fields: ['seconds', 'event', ...Object.values(columns)], data: rows }, { newline: '\n' })}\n`;
}

export type StartCsv =
  | { ok: true; events: StartEvent[]; readings: StartReading[] }
  | { ok: false; errors: string[]; /** its head is none of ours: it may be another logger’s */ foreign?: true };

/**
 * Reads a start from CSV with the columns seconds, event, volts, amps, hertz, outlet_c, return_c, case_c, noise_db (seconds and one more at least, in any order).
 * Empty cells are gaps. Any nonsense refuses the whole file, each error with its line.
 */
export function readStartCsv(text: string): StartCsv {
  if (text.length > startCsvMaxBytes)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${startCsvMaxBytes} are allowed.`] };
  const table = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const fields = table.meta.fields ?? [];
  const known = quantityIds.filter((id) => fields.includes(columns[id]));
  if (!fields.includes('seconds') || (known.length === 0 && !fields.includes('event')))
    return {
      ok: false,
      foreign: true,
      errors: [
        `The first line names ${fields.length > 0 ? fields.slice(0, 8).join(', ').slice(0, 80) : 'nothing'}; it must name seconds and at least one of event, ${Object.values(columns).join(', ')}.`,
      ],
    };
  const errors: string[] = [];
  const events: StartEvent[] = [];
  const readings: StartReading[] = [];
  table.data.forEach((row, i) => {
    const line = i + 2;
    const second = readNumber(row.seconds ?? '');
    const atS = second.ok ? second.value : -1;
    if (!(atS >= 0 && atS <= 86400)) {
      errors.push(`Line ${line}: seconds is “${short(row.seconds)}”${why(second)}; allowed is 0 to 86400.`);
      return;
    }
    const event = row.event?.trim() ?? '';
    if (event !== '') {
      if (Object.hasOwn(startEvents, event)) events.push({ atS, event: event as StartEventKind });
      else errors.push(`Line ${line}: event is “${short(event)}”; allowed is one of ${Object.keys(startEvents).join(', ')}.`);
    }
    for (const quantity of known) {
      const cell = row[columns[quantity]]?.trim() ?? '';
      if (cell === '') continue;
      const number = readNumber(cell);
      const value = number.ok ? number.value : Number.NaN;
      const { min, max, unit } = quantities[quantity];
      if (!(value >= min && value <= max))
        errors.push(`Line ${line}: ${columns[quantity]} is “${short(cell)}”${why(number)}; allowed is ${min} to ${max} ${unit}.`);
      else readings.push({ atS, quantity, value });
    }
  });
  if (readings.length > 20000) errors.push(`The file holds ${readings.length} readings; at most 20000 are allowed.`);
  if (events.length > 200) errors.push(`The file holds ${events.length} events; at most 200 are allowed.`);
  if (errors.length === 0 && events.length + readings.length === 0) errors.push('The file holds no event and no reading.');
  return errors.length > 0 ? { ok: false, errors: errors.slice(0, 20) } : { ok: true, events, readings };
}

/** Why a cell is no number, where it could be read two ways. */
const why = (number: ReadNumber): string => (!number.ok && /two ways/.test(number.reason) ? `, which ${number.reason}` : '');
const short = (text: string | undefined) => (text ?? '').slice(0, 30);
