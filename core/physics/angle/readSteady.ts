/** An angle at an instant. */
export interface AngleReading {
  /** ms */ atMs: number;
  deg: number;
}
export interface Steady {
  /** the mean over the time looked at, degrees */ deg: number;
  /** from the least to the greatest in that time, degrees */ spreadDeg: number;
  /** whether it lay still for all of that time */ still: boolean;
}
/** So long a thing lies still before its angle is believed, ms; so much it may tremble meanwhile, degrees. Lorbet's own choice, no source. */
export const stillMs = 2000;
const trembleDeg = 0.6;
/** Readings come several times a second; fewer say nothing of what was between them. */
const leastReadings = 8;

/**
 * What a row of readings says of an angle now.
 * @param readings oldest first
 * @returns null where there is none of the last two seconds
 * @example readSteady([{ atMs: 0, deg: 20 }, { atMs: 100, deg: 22 }], 100)?.deg // 21
 */
export function readSteady(readings: readonly AngleReading[], nowMs: number): Steady | null {
  const late = readings.filter(({ atMs }) => nowMs - atMs <= stillMs && atMs <= nowMs);
  if (late.length === 0) return null;
  const degs = late.map(({ deg }) => deg);
  const spreadDeg = Math.max(...degs) - Math.min(...degs);
  // Laid down only now it has not lain still for so long.
  const whole = readings.some(({ atMs }) => nowMs - atMs > stillMs);
  return {
    deg: degs.reduce((sum, deg) => sum + deg, 0) / degs.length,
    spreadDeg,
    still: whole && late.length >= leastReadings && spreadDeg <= trembleDeg,
  };
}
