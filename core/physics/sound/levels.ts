import { within } from '../within';

/**
 * Several sounds together: L = 10 log₁₀ Σ 10^(Lᵢ/10), for sources that do not keep step with each other.
 * @param levelsDb dB, at one place; one at the least
 * @throws RangeError where there is none
 * @example sumDb([74.0, 60.9]) // 74.2
 * @source acoustics
 */
export function sumDb(levelsDb: readonly number[]): number {
  within('number of sounds', levelsDb.length, '', { min: 1 });
  return 10 * Math.log10(levelsDb.reduce((sum, level) => sum + 10 ** (level / 10), 0));
}

/**
 * What is left of a level once what is heard without the source is taken off.
 * @returns dB; null where it is less than 3 dB over the rest, which tells nothing of the source
 * @source acoustics; the 3 dB as usual with meters (common practice, no source)
 */
export const withoutRestDb = (levelDb: number, restDb: number): number | null =>
  levelDb - restDb < 3 ? null : 10 * Math.log10(10 ** (levelDb / 10) - 10 ** (restDb / 10));

/**
 * A level at another distance in the open: 6 dB less for each doubling.
 * @param atM, toM metres, more than 0
 * @throws RangeError outside these
 * @source acoustics, a point source in a free field; walls and ground near by make it louder
 */
export function atDistanceDb(levelDb: number, atM: number, toM: number): number {
  within('distance', atM, 'm', { above: 0 });
  within('distance', toM, 'm', { above: 0 });
  return levelDb - 20 * Math.log10(toM / atM);
}
