import type { Build, NoiseReading, noisePlaces } from '../../build/Build';
import { atDistanceDb, sumDb } from '../../physics/sound/levels';

/** What lagging takes off one source, dB: measured at a pump, 64.5 to 60.9 dB. Common practice, no source. */
export const laggingDb = 3.6;
/** A reading tells of a source only where it was made so near and its distance is known, m. Lorbet’s own choice, no source. */
const nearM = 3;
/** Where a neighbour’s distance was never said, m. Assumption of ours, no source. */
export const usualNeighbourM = 5;
/** Sources that stand outside, and reach a neighbour. */
const outside = ['exhaust', 'intake', 'pump'] as const satisfies readonly (keyof typeof noisePlaces)[];
type Outside = (typeof outside)[number];

/** The last level at a place while it ran so; null where none was read. */
export const levelAt = (build: Build, place: NoiseReading['place'], state: NoiseReading['state']): NoiseReading | null =>
  [...(build.noises ?? [])]
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at))
    .findLast((one) => one.place === place && one.state === state) ?? null;

export interface AtNeighbour {
  state: 'low' | 'full';
  awayM: number;
  /** nobody said how far off the neighbour is */ assumedM: boolean;
  /** each source’s share there, the loudest first */ sources: { place: Outside; reading: NoiseReading; thereDb: number }[];
  sumDb: number;
  /** the sum, once the loudest source is lagged */ laggedDb: number;
  /** as it was read there, dB; null where nobody did */ readDb: number | null;
}

/**
 * What the sources outside make together at the neighbour’s place, and what lagging the loudest would leave.
 * @returns null where no source was read near by
 * @source sum of sources and 6 dB a doubling of distance: acoustics; ground and walls are left out
 */
export function atNeighbour(build: Build, state: 'low' | 'full'): AtNeighbour | null {
  const read = levelAt(build, 'neighbour', state) ?? levelAt(build, 'neighbour', 'off');
  const awayM = read?.awayM ?? usualNeighbourM;
  const sources = outside
    .flatMap((place) => {
      const reading = levelAt(build, place, state);
      return reading?.awayM === undefined || reading.awayM > nearM
        ? []
        : [{ place, reading, thereDb: atDistanceDb(reading.levelDb, reading.awayM, awayM) }];
    })
    .sort((a, b) => b.thereDb - a.thereDb);
  if (sources.length === 0) return null;
  const levels = sources.map(({ thereDb }) => thereDb);
  return {
    state,
    awayM,
    assumedM: read?.awayM === undefined,
    sources,
    sumDb: sumDb(levels),
    laggedDb: sumDb(levels.map((level, i) => (i === 0 ? level - laggingDb : level))),
    readDb: levelAt(build, 'neighbour', state)?.levelDb ?? null,
  };
}
