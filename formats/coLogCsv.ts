import type { CoLogged } from '../core/build/Build';
import { coLogReadings } from '../core/build/recordSchemas';
import { clockSeconds, readLoggerTable } from './loggerCsv';

type Read = { ok: true; readings: CoLogged[]; /** so many were in the file */ of: number } | { ok: false; errors: string[] };
const [mostPpm, mostMin] = [2000, 2880];
const timeWords = /time|clock|date|elapsed|\bmin|\bsec|\bhours?\b|^t$|zeit/i;
const coWords = /\bco\b|ppm|carbon/i;
const daySeconds = 86_400;

/** How many seconds a number in a time's column means, by the name of it. */
function unitS(name: string): number {
  if (/\bms\b|milli/i.test(name)) return 0.001;
  if (/\bmin/i.test(name)) return 60;
  return /\bh\b|\bhours?\b/i.test(name) ? 3600 : 1;
}
/** The highest of each stretch, where there are more than a log holds: nothing bad is thinned away. */
function thinned(readings: readonly CoLogged[]): CoLogged[] {
  const each = Math.ceil(readings.length / coLogReadings);
  if (each <= 1) return [...readings];
  const kept: CoLogged[] = [];
  for (let i = 0; i < readings.length; i += each)
    kept.push(readings.slice(i, i + each).reduce((high, one) => (one.ppm > high.ppm ? one : high)));
  return kept;
}

/**
 * Reads the log of a carbon monoxide meter from CSV: a time and what it showed, by the names of its columns, else the first two.
 * A clock may pass midnight. Any nonsense refuses the whole file, each error with its row.
 * @returns minutes since the first reading, and ppm; thinned to what a log holds, the highest of each stretch
 */
export function readCoLog(text: string): Read {
  const table = readLoggerTable(text);
  if (!table.ok) return table;
  const { header, rows } = table.value;
  // What is taken for names, and holds a number, is a reading gone wrong: nothing of a night is left out unsaid.
  if (header.some((name) => name.trim() !== '' && Number.isFinite(Number(name.replace(',', '.')))))
    return {
      ok: false,
      errors: [
        `The row before the first two readings holds “${header.join(', ').slice(0, 60)}”; allowed is the names of the columns, or a time and 0 to ${mostPpm} ppm.`,
      ],
    };
  const named = header.findIndex((name) => timeWords.test(name) && !coWords.test(name));
  const timeAt = named < 0 ? 0 : named;
  const namedCo = header.findIndex((name, i) => i !== timeAt && coWords.test(name));
  const coAt = namedCo < 0 ? (timeAt === 0 ? 1 : 0) : namedCo;
  const perNumber = unitS(header[timeAt] ?? '');
  const errors: string[] = [];
  const all: CoLogged[] = [];
  let [firstS, lastS, days]: [number | null, number, number] = [null, -Infinity, 0];
  for (const [i, row] of rows.entries()) {
    const cell = row[timeAt] ?? '';
    // Hours and minutes, or minutes and seconds: a night would become some minutes.
    if (/^\d{1,3}:\d{2}$/.test(cell)) {
      errors.push(
        `Row ${i + 1}: time is “${cell}”, which can be read two ways; allowed is a number, or a clock with its seconds.`,
      );
      continue;
    }
    const told = clockSeconds(cell, perNumber);
    if (told === null) {
      errors.push(`Row ${i + 1}: time is “${cell.slice(0, 30)}”; allowed is a number or a clock.`);
      continue;
    }
    if (cell.includes(':') && told < daySeconds && told + days * daySeconds < lastS - daySeconds / 2) days += 1;
    const s = told + days * daySeconds;
    if (s <= lastS) {
      errors.push(
        `Row ${i + 1}: time is “${cell.slice(0, 30)}”, not after the row before it; readings must be in order of time.`,
      );
      continue;
    }
    lastS = s;
    firstS ??= s;
    const shown = row[coAt] ?? '';
    const ppm = shown.trim() === '' ? NaN : Number(shown);
    if (!(ppm >= 0 && ppm <= mostPpm)) {
      errors.push(`Row ${i + 1}: carbon monoxide is “${shown.slice(0, 30)}”; allowed is 0 to ${mostPpm} ppm.`);
      continue;
    }
    all.push({ min: Math.round(((s - firstS) / 60) * 1000) / 1000, ppm });
  }
  if (errors.length > 0) return { ok: false, errors: errors.slice(0, 20) };
  if (all.length < 2) return { ok: false, errors: [`The file holds ${all.length} readings; allowed is 2 and more.`] };
  const minutes = all.at(-1)?.min ?? 0;
  if (minutes > mostMin)
    return { ok: false, errors: [`The file covers ${Math.round(minutes / 60)} h; a log may last ${mostMin / 60} h at most.`] };
  const readings = thinned(all);
  const from = readings[0]?.min ?? 0;
  return {
    ok: true,
    readings: readings.map(({ min, ppm }) => ({ min: Math.round((min - from) * 1000) / 1000, ppm })),
    of: all.length,
  };
}
