import type { Build, CoLog } from '../../build/Build';
import { valueAt } from '../../build/sheets';
import { bloodThrough, breathing, usualBloodPercent } from '../../physics/co/carboxyhaemoglobin';
import type { CoAt } from '../../physics/co/Course';
import { highestMean } from '../../physics/co/highestMean';
import { ppmOfMgM3 } from '../../physics/co/mgM3OfPpm';
import { mixedAfter, sourceOfRise } from '../../physics/co/mixedRoom';
import { startProof, type StartProof } from './stale';

/** Guideline values over a span. @source WHO 2010 and 2021 (from memory) */
export const guidelines = [
  { spanMin: 15, mgM3: 100 },
  { spanMin: 60, mgM3: 35 },
  { spanMin: 8 * 60, mgM3: 10 },
  { spanMin: 24 * 60, mgM3: 4 },
] as const;
/** Blood bound so far is what alarms are set by, %. @source UL 2034 (from memory) */
export const bloodLimitPercent = 10;
/** A night is so long, h; so much a meter's zero may move, ppm; so much of a rise is a rise, ppm. Lorbet's own choice, no source. */
export const [nightH, driftPpm, risePpm] = [8, 2, 1];

/** A log as the air stood: less what its meter showed in clean air. Of two such readings the lower counts, so that a drift hides nothing. */
export function airOf({
  readings,
  zeroBeforePpm,
  zeroAfterPpm,
}: Pick<CoLog, 'readings' | 'zeroBeforePpm' | 'zeroAfterPpm'>): CoAt[] {
  const zeros = [zeroBeforePpm, zeroAfterPpm].filter((zero) => zero !== undefined);
  const zero = zeros.length > 0 ? Math.min(...zeros) : 0;
  return readings.map(({ min, ppm }) => ({ min, ppm: Math.max(0, ppm - zero) }));
}
export interface MeanOver {
  spanMin: number;
  /** the most, ppm */ limitPpm: number;
  limitMgM3: number;
  /** highest mean over the span; null where the log is shorter */ ppm: number | null;
}
export interface RatedLog {
  log: CoLog;
  beganMs: number;
  hours: number;
  air: CoAt[];
  peakPpm: number;
  means: MeanOver[];
  /** that of the means which is most over its limit; null where none is */ worst: (MeanOver & { ppm: number }) | null;
  /** highest a quarter of an hour, or the whole of a shorter log */ quarterPpm: number;
  /** blood bound at its highest, %: of one who breathes as in heavy work, and of one who sleeps */ bloodWork: number;
  bloodAsleep: number;
  /** how far its zero moved, ppm; null where it was read before or after only, or never */ movedPpm: number | null;
  /** what it still rises by in an hour over the second half of it, by least squares, ppm */ slopePpmH: number;
}
const last = (values: readonly number[]): number => values.at(-1) ?? 0;

/** Slope of a course by least squares, each stretch by how long it lasts, ppm an hour. @source least squares */
export function slopePpmH(air: readonly CoAt[]): number {
  const first = air[0]?.min ?? 0;
  const weights = air.map(({ min }, i) => ((air[i + 1]?.min ?? min) - (air[i - 1]?.min ?? min)) / 2);
  const all = weights.reduce((sum, w) => sum + w, 0);
  if (!(all > 0)) return 0;
  const mean = (of: (one: CoAt) => number) => air.reduce((sum, one, i) => sum + of(one) * (weights[i] ?? 0), 0) / all;
  const [h, ppm] = [mean(({ min }) => (min - first) / 60), mean((one) => one.ppm)];
  const spread = mean(({ min }) => ((min - first) / 60 - h) ** 2);
  return spread > 0 ? mean((one) => ((one.min - first) / 60 - h) * (one.ppm - ppm)) / spread : 0;
}

const rated = new WeakMap<CoLog, RatedLog>();
/** What a log comes to, worked out once: a log never changes. @source means by their definition; blood after Coburn, Forster and Kane; guidelines as above */
export function rateLog(log: CoLog): RatedLog {
  const kept = rated.get(log);
  if (kept) return kept;
  const made = rateAnew(log);
  rated.set(log, made);
  return made;
}
function rateAnew(log: CoLog): RatedLog {
  const air = airOf(log);
  const means = guidelines.map(({ spanMin, mgM3 }) => ({
    spanMin,
    limitMgM3: mgM3,
    limitPpm: ppmOfMgM3(mgM3),
    ppm: highestMean(air, spanMin)?.ppm ?? null,
  }));
  const over = means
    .flatMap((mean) => (mean.ppm !== null && mean.ppm > mean.limitPpm ? [{ ...mean, ppm: mean.ppm }] : []))
    .sort((a, b) => b.ppm / b.limitPpm - a.ppm / a.limitPpm);
  const minutes = last(air.map(({ min }) => min)) - (air[0]?.min ?? 0);
  const { zeroBeforePpm: before, zeroAfterPpm: after } = log;
  return {
    log,
    beganMs: Date.parse(log.at),
    hours: minutes / 60,
    air,
    peakPpm: Math.max(...air.map(({ ppm }) => ppm)),
    means,
    worst: over[0] ?? null,
    quarterPpm: highestMean(air, Math.min(15, minutes))?.ppm ?? 0,
    bloodWork: Math.max(...bloodThrough(air, usualBloodPercent)),
    bloodAsleep: Math.max(...bloodThrough(air, usualBloodPercent, breathing.asleep)),
    movedPpm: before === undefined || after === undefined ? null : Math.abs(after - before),
    slopePpmH: slopePpmH(air.filter(({ min }) => min - (air[0]?.min ?? 0) >= minutes / 2)),
  };
}

export interface Leak {
  /** carbon monoxide that comes in, L/h */ litresH: number;
  /** air changes an hour by which that was told, and those of a space that is shut as tight as it gets */ airChangesH: number;
  shutChangesH: number;
  /** what it would come to after a night shut so, ppm */ shutPpm: number;
}
/** What must have come in for a space to stand as it did, and what that would come to with all shut; null where volume or air changes are not known. @source first principles, the air mixed throughout */
export function leakOf(
  { sheets }: Pick<Build, 'sheets'>,
  { quarterPpm, hours }: Pick<RatedLog, 'quarterPpm' | 'hours'>,
): Leak | null {
  const [volumeM3, airChangesH] = [valueAt(sheets, 'survey.volumeM3'), valueAt(sheets, 'survey.airChangesH')];
  if (volumeM3 === null || airChangesH === null || !(hours > 0)) return null;
  // Half of the likely where nobody has said how tight it can be, as the survey takes it.
  const shutChangesH = Math.min(airChangesH, valueAt(sheets, 'uncertainties.airMinH') ?? airChangesH / 2);
  const litresH = sourceOfRise({ volumeM3, airChangesH }, quarterPpm, hours);
  const shutPpm = mixedAfter({ volumeM3, airChangesH: shutChangesH, sourceLH: litresH, outsidePpm: 0 }, 0, nightH);
  return { litresH, airChangesH, shutChangesH, shutPpm };
}

/** Whether a log tells of gas: over a guideline, or risen at all over what its meter shows outside. */
export const isBad = ({ worst, quarterPpm, bloodWork }: RatedLog): boolean =>
  worst !== null || bloodWork >= bloodLimitPercent || quarterPpm >= risePpm;

export interface CoNights {
  logs: RatedLog[];
  /** bad ones that no repair has followed */ unanswered: RatedLog[];
  /** bad ones that were followed by a repair */ answered: RatedLog[];
  /** good ones inside since heater, air or exhaust was last worked on and lit again */ good: RatedLog[];
  /** before this time no log counts: heater, air or exhaust was worked on since, or it was not lit yet; ms */ fromMs: number;
  proof: StartProof;
}
/** A leak is one, by whichever of its findings it was repaired. */
const ofCo = ['co.exposure', 'co.trend', 'co.reading'];
/** What the logs of a build prove. Outside is no place where anybody sleeps. */
export function coNights(build: Build): CoNights {
  const proof = ofCo
    .map((checkId) => startProof(build, 'co', checkId))
    .reduce((last, one) => (one.repaired > last.repaired ? one : last));
  const logs = (build.coLogs ?? []).filter(({ place }) => place !== 'outside').map(rateLog);
  const fromMs = proof.stale || proof.start === null ? Infinity : proof.start.beganMs;
  const bad = logs.filter(isBad);
  return {
    logs,
    unanswered: bad.filter(({ beganMs }) => beganMs >= proof.repaired),
    answered: bad.filter(({ beganMs }) => beganMs < proof.repaired),
    good: logs.filter((log) => !isBad(log) && log.beganMs >= fromMs),
    fromMs,
    proof,
  };
}
/** The worst of some logs: what is most over its guideline, else what stood highest. */
export const worstLog = (logs: readonly RatedLog[]): RatedLog | undefined =>
  [...logs].sort(
    (a, b) =>
      (b.worst ? b.worst.ppm / b.worst.limitPpm : 0) - (a.worst ? a.worst.ppm / a.worst.limitPpm : 0) ||
      b.quarterPpm - a.quarterPpm,
  )[0];
