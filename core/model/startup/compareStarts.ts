import { deviation, mean as meanOf } from 'd3';
import type { Build, StartRun } from '../../build/Build';
import { factsOf } from '../../build/startFacts';
import { fittedStarts } from './fittedStarts';
import { summarizeStart } from './summarizeStart';

/** What is compared of starts. */
export const comparedQuantities = ['ignitionS', 'toFullS', 'lowestStartV', 'runningA', 'riseK', 'afterrunS'] as const;
export type Compared = (typeof comparedQuantities)[number];
export type ComparedStart = { at: string; by: string; number: number } & Record<Compared, number | null>;

/** The figures of one start by which it is compared with others. */
export function comparedStart(run: StartRun, number: number): ComparedStart {
  const { ignitionS, lowestStartV, runningA, afterrunS, at } = summarizeStart(run);
  const { fullOutletC, fullReturnC } = factsOf(run);
  return {
    at: run.at,
    by: run.by,
    number,
    ignitionS,
    toFullS: at.on === undefined || at.full === undefined ? null : at.full - at.on,
    lowestStartV,
    runningA,
    riseK: fullOutletC === null || fullReturnC === null ? null : fullOutletC - fullReturnC,
    afterrunS,
  };
}
export const comparedStarts = (build: Build): ComparedStart[] => fittedStarts(build).map((run, i) => comparedStart(run, i + 1));

/** Starts within less tell of no drift, years. Lorbet’s own choice, no source. */
const leastYears = 1 / 12;
const yearMs = 365.25 * 24 * 3600_000;
export interface Trend {
  /** starts in which it was read */ n: number;
  mean: number;
  /** sample standard deviation; null for one */ scatter: number | null;
  /** of a straight line through them, a year; null under three, or where they lie within a month */ aYear: number | null;
  /** the last one lies farther from the mean of those before than twice their scatter */ lastStandsOut: boolean;
}
/**
 * How a figure has gone over the starts of a build.
 * @returns null where it was never read
 * @source sample statistics and least squares; twice the scatter: Lorbet's own choice, no source
 */
export function trendOf(starts: readonly ComparedStart[], quantity: Compared): Trend | null {
  const read = starts
    .flatMap((start) => (start[quantity] === null ? [] : [{ years: Date.parse(start.at) / yearMs, value: start[quantity] }]))
    .sort((a, b) => a.years - b.years);
  if (read.length === 0) return null;
  const values = read.map(({ value }) => value);
  const mean = meanOf(values) ?? 0;
  const middle = meanOf(read.map(({ years }) => years)) ?? 0;
  const spread = read.reduce((sum, { years }) => sum + (years - middle) ** 2, 0);
  const spanYears = (read.at(-1)?.years ?? 0) - (read[0]?.years ?? 0);
  const before = values.slice(0, -1);
  const scatter = deviation(before) ?? null;
  const last = values.at(-1) ?? mean;
  return {
    n: read.length,
    mean,
    scatter: deviation(values) ?? null,
    aYear:
      read.length < 3 || spanYears < leastYears
        ? null
        : read.reduce((sum, { years, value }) => sum + (years - middle) * (value - mean), 0) / spread,
    lastStandsOut:
      before.length >= 3 && scatter !== null && Math.abs(last - (meanOf(before) ?? last)) > 2 * Math.max(scatter, 1e-9),
  };
}
