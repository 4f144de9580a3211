import { locale, type Locale } from './room';

/** How each language that there are texts for writes a day and a time: English with the day first and 24 hours. */
const tags: Readonly<Record<Locale, string>> = { en: 'en-GB' };
const kept = new Map<string, Intl.DateTimeFormat>();

/** An instant in the words of the language of the moment and the clock of this device. */
function shown(name: string, at: string | number, options: Intl.DateTimeFormatOptions): string {
  const key = `${locale.get()} ${name}`;
  let how = kept.get(key);
  if (!how) kept.set(key, (how = new Intl.DateTimeFormat(tags[locale.get()], { hourCycle: 'h23', ...options })));
  return how.format(new Date(at));
}
const time = { hour: '2-digit', minute: '2-digit' } as const;

/** "26 Nov, 14:34". @param at ISO 8601, or ms since 1970 */
export const dayAndTime = (at: string | number): string => shown('dayAndTime', at, { day: 'numeric', month: 'short', ...time });
/** "26 Nov 2026, 14:34" */
export const dateAndTime = (at: string | number): string =>
  shown('dateAndTime', at, { day: 'numeric', month: 'short', year: 'numeric', ...time });
/** "26 Nov 2026" */
export const date = (at: string | number): string => shown('date', at, { day: 'numeric', month: 'short', year: 'numeric' });
/** "Thursday, 26 November 2026" */
export const wholeDay = (at: string | number): string =>
  shown('wholeDay', at, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
/** "14:34" */
export const timeOfDay = (at: string | number): string => shown('timeOfDay', at, time);
/** "Monday". @param day 0 for Monday to 6 */
export const weekday = (day: number): string =>
  shown('weekday', Date.UTC(2024, 0, 1 + day), { weekday: 'long', timeZone: 'UTC' });
