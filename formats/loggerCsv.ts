import Papa from 'papaparse';
import { quantities, type QuantityId } from '../core/build/Build';
import type { Heard } from '../core/drawing/start/liveStart';

/** What a column of a logger may be; nothing where it is not used. */
export type LoggerColumn = 'time' | QuantityId;
/** Which column is what, by the names in the head. */
export type LoggerColumns = Partial<Record<string, LoggerColumn>>;
export interface LoggerTable {
  header: string[];
  /** cells as text, a row a moment; numbers with a point */ rows: string[][];
  decimal: '.' | ',';
}
type Read<T> = { ok: true; value: T } | { ok: false; errors: string[] };

const mostBytes = 16 * 1024 * 1024;
/** Rows looked at to find out what stands in a file. */
const looks = 40;
const isNumber = (cell: string, decimal: string): boolean =>
  (decimal === ',' ? /^[-+]?\d+(,\d+)?(e[-+]?\d+)?$/i : /^[-+]?(\d+\.?\d*|\.\d+)(e[-+]?\d+)?$/i).test(cell.trim());
const timeLike = /^(\d{1,4}[-./]\d{1,2}[-./]\d{1,4}[ T,]+)?\d{1,3}:\d{2}(:\d{2})?([.,]\d+)?\s*(Z|[-+]\d{2}:?\d{2})?$/;

/**
 * Finds the table in what a logger has written: which sign stands between cells, whether numbers have a point or a comma, where the names stand; lines before
 * them are left out.
 * @returns the table, or one sentence
 */
export function readLoggerTable(text: string): Read<LoggerTable> {
  if (text.length > mostBytes)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${mostBytes} are allowed.`] };
  const plain = text.replace(/^\uFEFF/, '');
  const cut = (delimiter: string) => Papa.parse<string[]>(plain, { delimiter, skipEmptyLines: 'greedy' }).data;
  // That sign is right by which most of the first rows have as many cells; a comma may stand in numbers, so that any other goes before it.
  const tried = [';', '\t', ',', '|'].map((delimiter) => {
    const rows = Papa.parse<string[]>(plain, { delimiter, skipEmptyLines: 'greedy', preview: looks * 2 }).data;
    const widths = rows.map(({ length }) => length);
    const usual = [...widths].sort((a, b) => a - b)[Math.floor(widths.length / 2)] ?? 0;
    return { delimiter, usual, even: widths.filter((width) => width === usual).length / Math.max(1, widths.length) };
  });
  const [best] = tried
    .filter(({ usual, even }) => usual >= 2 && even > 0.5)
    .sort((a, b) => Number(b.delimiter !== ',') - Number(a.delimiter !== ',') || b.even * b.usual - a.even * a.usual);
  if (!best)
    return {
      ok: false,
      errors: ['The file holds no table: two columns at least are wanted, parted by comma, semicolon or tab.'],
    };
  const all = cut(best.delimiter);
  const cells = all.slice(0, looks * 2).flat();
  const commas = cells.filter((cell) => /^\s*[-+]?\d+,\d+\s*$/.test(cell)).length;
  const points = cells.filter((cell) => /^\s*[-+]?\d+\.\d+\s*$/.test(cell)).length;
  const decimal = best.delimiter !== ',' && commas > points ? ',' : '.';
  const filled = (row: readonly string[]) => row.filter((cell) => isNumber(cell, decimal) || timeLike.test(cell.trim())).length;
  const firstData = all.findIndex(
    (row, i) => row.length === best.usual && filled(row) >= 2 && (all[i + 1] === undefined || filled(all[i + 1] ?? []) >= 2),
  );
  if (firstData === -1)
    return { ok: false, errors: ['No row of the file holds two numbers; a time and a reading at least are wanted.'] };
  const names = firstData > 0 && (all[firstData - 1]?.length ?? 0) === best.usual ? (all[firstData - 1] ?? []) : [];
  const seen = new Map<string, number>();
  const header = Array.from({ length: best.usual }, (_, i) => {
    const name = (names[i] ?? '').trim().slice(0, 60) || `column ${i + 1}`;
    const times = (seen.get(name) ?? 0) + 1;
    seen.set(name, times);
    return times > 1 ? `${name} (${times})` : name;
  });
  const rows = all
    .slice(firstData)
    .map((row) => row.map((cell) => (decimal === ',' && isNumber(cell, ',') ? cell.trim().replace(',', '.') : cell.trim())));
  return { ok: true, value: { header, rows, decimal } };
}

const wordsOf: readonly (readonly [LoggerColumn, RegExp])[] = [
  ['time', /time|clock|second|\bsec\b|^t$|^s$|elapsed|date|zeit/i],
  ['hertz', /hertz|\bhz\b|freq|pump/i],
  ['volts', /volt|\bm?v\b|\bu\b/i],
  ['amps', /amp|current|\bm?a\b/i],
  ['noiseDb', /noise|sound|\bdb(\(?a\)?)?\b/i],
  ['caseC', /case|body|housing|\bt3\b/i],
  ['returnC', /return|inlet|intake|ambient|room/i],
  ['outletC', /outlet|out\b|supply|temp|°|\bt1\b/i],
];
/** What the names in the head sound like; each at most once. */
export function guessColumns(header: readonly string[]): LoggerColumns {
  const found: LoggerColumns = {};
  const taken = new Set<LoggerColumn>();
  for (const [column, words] of wordsOf) {
    const name = header.find((one) => found[one] === undefined && words.test(one));
    if (name === undefined || taken.has(column)) continue;
    found[name] = column;
    taken.add(column);
  }
  return found;
}

const dayS = 86400;
/** Seconds of a cell that tells a time: a number of so many seconds each, a clock, or a day with a clock. Null where it is none. */
export function clockSeconds(cell: string, perNumber: number): number | null {
  if (isNumber(cell, '.')) return Number(cell) * perNumber;
  if (!timeLike.test(cell)) return null;
  const [, day = '', clock = '', zone = ''] =
    /^(.*?)(\d{1,3}:\d{2}(?::\d{2})?(?:[.,]\d+)?)\s*(Z|[-+]\d{2}:?\d{2})?$/.exec(cell) ?? [];
  const parts = clock.replace(',', '.').split(':').map(Number);
  const ofDay =
    parts.length === 3 ? (parts[0] ?? 0) * 3600 + (parts[1] ?? 0) * 60 + (parts[2] ?? 0) : (parts[0] ?? 0) * 60 + (parts[1] ?? 0);
  // A zone moves all of a file alike; only where it changes within one does it tell.
  const offset = /^[-+]/.test(zone)
    ? (zone.startsWith('-') ? -1 : 1) * (Number(zone.slice(1, 3)) * 3600 + Number(zone.slice(-2)) * 60)
    : 0;
  const numbers = day.match(/\d+/g)?.map(Number) ?? [];
  if (numbers.length < 3) return ofDay - offset;
  const [a = 0, b = 0, c = 0] = numbers;
  const [year, month, date] = a > 31 ? [a, b, c] : [c < 100 ? 2000 + c : c, b > 12 ? a : b, b > 12 ? b : a];
  return Date.UTC(year, month - 1, date) / 1000 + ofDay - offset;
}

/**
 * Readings of a logger by what its columns are: seconds from its first row on, a clock that passes midnight going on, °F, mV and mA by the name of their column.
 * What can't be read is counted, not guessed at; a row whose time goes back is left out.
 * @returns what was heard and how many cells were left out, or one sentence
 */
export function readLogger({ header, rows }: LoggerTable, columns: LoggerColumns): Read<{ heard: Heard; leftOut: number }> {
  const timeAt = header.findIndex((name) => columns[name] === 'time');
  if (timeAt === -1) return { ok: false, errors: ['Say which column is the time.'] };
  const read = header.flatMap((name, i) => {
    const column = columns[name];
    return column === undefined || column === 'time' ? [] : [{ i, column, name }];
  });
  if (read.length === 0) return { ok: false, errors: ['Say of one column at least what was read in it.'] };
  const perNumber = /\bms\b|milli/i.test(header[timeAt] ?? '') ? 0.001 : 1;
  const series: Record<string, { s: number[]; value: number[] }> = {};
  let [firstS, lastS, days, leftOut]: [number | null, number, number, number] = [null, -Infinity, 0, 0];
  for (const row of rows) {
    const told = clockSeconds(row[timeAt] ?? '', perNumber);
    if (told === null) {
      leftOut += 1;
      continue;
    }
    let s = told + days * dayS;
    // A clock without a day begins anew at midnight.
    if (s < lastS - dayS / 2 && told < dayS) {
      days += 1;
      s += dayS;
    }
    if (s < lastS) {
      leftOut += 1;
      continue;
    }
    lastS = s;
    firstS ??= s;
    for (const { i, column, name } of read) {
      const cell = row[i] ?? '';
      if (cell === '') continue;
      const plain = isNumber(cell, '.') ? Number(cell) : NaN;
      const value =
        /°\s?f\b|\bf\b|fahrenheit/i.test(name) && column.endsWith('C')
          ? ((plain - 32) * 5) / 9
          : /\bm[va]\b/i.test(name)
            ? plain / 1000
            : plain;
      const { min, max } = quantities[column];
      if (!(value >= min && value <= max)) {
        leftOut += 1;
        continue;
      }
      const one = (series[column] ??= { s: [], value: [] });
      one.s.push(s - firstS);
      one.value.push(value);
    }
  }
  const most = Math.max(0, ...Object.values(series).map((one) => one.s.at(-1) ?? 0));
  if (Object.keys(series).length === 0) return { ok: false, errors: ['No cell of the columns chosen could be read.'] };
  if (most > dayS)
    return { ok: false, errors: [`The file covers ${Math.round(most / 3600)} hours; a start may last 24 at most.`] };
  return { ok: true, value: { heard: { nowS: most, series, events: [] }, leftOut } };
}
