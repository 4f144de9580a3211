import { quantities } from '../../../core/build/Build';
import { guessColumns, type LoggerColumn, type LoggerColumns } from '../../../formats/loggerCsv';

const isColumn = (column: unknown): column is LoggerColumn =>
  column === 'time' || (typeof column === 'string' && Object.hasOwn(quantities, column));

const prefix = 'lorbet-logger-';
const keyOf = (header: readonly string[]): string => `${prefix}${header.join('|').slice(0, 400)}`;

/** What the columns of a head were said to be last time on this device; else what their names sound like. */
export function columnsFor(header: readonly string[]): LoggerColumns {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(header)) ?? 'null');
    if (typeof kept === 'object' && kept !== null)
      return Object.fromEntries(Object.entries(kept).filter((entry): entry is [string, LoggerColumn] => isColumn(entry[1])));
  } catch {
    /* nothing is remembered here */
  }
  return guessColumns(header);
}
export function keepColumns(header: readonly string[], columns: LoggerColumns): void {
  try {
    localStorage.setItem(keyOf(header), JSON.stringify(columns));
  } catch {
    /* it is asked for again next time */
  }
}
