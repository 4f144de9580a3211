export const dayMin = 24 * 60;

/** Minutes after midnight of a time of day; null where it is none. @example minutesOf('06:30') // 390 */
export function minutesOf(text: string): number | null {
  const parts = /^([01]\d|2[0-3]):([0-5]\d)$/.exec(text);
  return parts ? Number(parts[1]) * 60 + Number(parts[2]) : null;
}

/** A time of day as it is written; of any day. @example timeText(1510) // "01:10" */
export function timeText(min: number): string {
  const at = ((Math.round(min) % dayMin) + dayMin) % dayMin;
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
}

/**
 * A time of day as people type it: 6:30, 6.30, 0630, 6:30 pm, 22.
 * @returns it as it is kept; null where it is none
 * @example readTimeOfDay('6.30 pm') // "18:30"
 */
export function readTimeOfDay(typed: string): string | null {
  const parts = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm)?$/i.exec(typed.normalize('NFKC').trim());
  if (!parts) return null;
  const [hour, minute, half] = [Number(parts[1]), Number(parts[2] ?? 0), parts[3]?.toLowerCase()];
  if (minute > 59 || hour > 23 || (half && (hour < 1 || hour > 12))) return null;
  return timeText(((half ? hour % 12 : hour) + (half === 'pm' ? 12 : 0)) * 60 + minute);
}
