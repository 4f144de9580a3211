/** A meter follows slowly: what it showed for so long is looked at, s of its own clock. Lorbet's own choice, no source. */
export const meterLooksBackS = 30;
/** Steady where what it shows lies no further apart than this, ppm, or this share of the highest. Lorbet's own choice, no source. */
const steady = { ppm: 2, share: 0.1 } as const;

export interface MeterReading {
  /** the highest of what it showed lately, ppm: what is kept */ ppm: number;
  /** it has shown much the same for the whole time that is looked at */ steady: boolean;
}
/**
 * What a meter's own readings come to: the highest of the last 30 s, since a lower one a moment later takes nothing back.
 * @param s when each was read, by the meter's own clock, rising
 * @returns null where it has shown nothing yet
 * @example meterReading({ s: [0, 10, 20, 30], value: [4, 5, 4, 5] }) // { ppm: 5, steady: true }
 */
export function meterReading({ s, value }: { s: readonly number[]; value: readonly number[] }): MeterReading | null {
  const last = s.at(-1);
  if (last === undefined) return null;
  const from = s.findLastIndex((at) => at < last - meterLooksBackS) + 1;
  const lately = value.slice(from);
  const [least, most] = [Math.min(...lately), Math.max(...lately)];
  const whole = last - (s[0] ?? last) >= meterLooksBackS;
  return { ppm: most, steady: whole && most - least <= Math.max(steady.ppm, steady.share * most) };
}
