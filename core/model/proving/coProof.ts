import type { Build, CoReading } from '../../build/Build';
import type { ProvingStart } from '../startup/fittedStarts';
import { startProof } from './stale';

/** An outside reading this near in time tells the background of one inside, h. Lorbet's own choice, no source. */
export const backgroundWithinH = 2;
/** Good readings after a repair, the pillow and the bad place among them. Lorbet's own choice, no source. */
export const goodAfterRepair = 3;
/** 10 mg/m³ ÷ 1.164 (WHO guideline over 8 h, from memory). */
export const guidelinePpm = 8.6;

export interface RatedReading {
  reading: CoReading;
  atMs: number;
  /** carbon monoxide outside then, ppm; null where nobody read it near in time */ outsidePpm: number | null;
  risePpm: number;
  /** it rose by a step of the meter or more, or stands at the guideline whatever the air outside */ bad: boolean;
}
export interface CoProof {
  start: ProvingStart | null;
  /** before this time nothing counts: the start’s full output, or what was changed or repaired after it; ms */ countsFromMs: number;
  readings: RatedReading[];
  /** bad ones that no repair has followed */ unanswered: RatedReading[];
  /** bad ones that were followed by a repair */ answered: RatedReading[];
  /** good readings inside that count */ good: RatedReading[];
  /** of them at the pillow, doors not open, while it ran */ pillow: RatedReading[];
  /** the exhaust or the air was changed after the start: it has to be lit again */ stale: boolean;
}

/** The smallest step of the meter: as given; else by the figure itself, tenths where it shows tenths. */
const stepOf = ({ resolutionPpm, ppm }: CoReading): number => resolutionPpm ?? (Number.isInteger(ppm) ? 1 : 0.1);

/** Readings inside, each over what was read outside near in time. Source: definition; the meter's step. */
export function rateReadings(readings: readonly CoReading[]): RatedReading[] {
  const outside = readings.filter(({ place }) => place === 'outside');
  return readings
    .filter(({ place }) => place !== 'outside')
    .map((reading) => {
      const atMs = Date.parse(reading.at);
      const away = (other: CoReading) => Math.abs(Date.parse(other.at) - atMs);
      const nearest = [...outside].sort((a, b) => away(a) - away(b))[0];
      const background = nearest && away(nearest) <= backgroundWithinH * 3600_000 ? nearest : null;
      const stepPpm = Math.max(stepOf(reading), background ? stepOf(background) : 0);
      const risePpm = reading.ppm - (background?.ppm ?? 0);
      const bad = reading.ppm >= guidelinePpm || risePpm >= stepPpm - 1e-9;
      return { reading, atMs, outsidePpm: background?.ppm ?? null, risePpm, bad };
    });
}

/** What the readings of carbon monoxide prove: only those count that were taken once the last start had reached full output. */
export function coProof(build: Build): CoProof {
  const { start, repaired, stale } = startProof(build, 'co', 'co.reading');
  const readings = rateReadings(build.coReadings);
  const countsFromMs = start === null ? Infinity : start.fullMs;
  const good = stale ? [] : readings.filter(({ atMs, bad }) => !bad && atMs >= countsFromMs);
  return {
    start,
    countsFromMs,
    readings,
    unanswered: readings.filter(({ bad, atMs }) => bad && atMs >= repaired),
    answered: readings.filter(({ bad, atMs }) => bad && atMs < repaired),
    good,
    pillow: good.filter(({ reading }) => reading.place === 'pillow' && reading.doors !== 'open' && reading.state !== 'off'),
    stale,
  };
}

/** Where readings were taken, each place once. */
export const placesOf = (readings: readonly RatedReading[]): CoReading['place'][] => [
  ...new Set(readings.map(({ reading }) => reading.place)),
];
