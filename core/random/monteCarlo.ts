import { seeded } from './seeded';

/** What is known of a quantity: surely between least and most, likeliest in between. */
export interface Uncertainty {
  min: number;
  likely: number;
  max: number;
}
export interface Spread {
  p5: number;
  median: number;
  p95: number;
  mean: number;
  /** Share of the outcome's variance that goes with each input, by its squared correlation; the largest matters most. */
  matters: Record<string, number>;
}
export interface DrawOptions {
  /** 100 to 100,000 */ draws?: number;
  seed?: number;
  /** asked every 500 draws; where it says yes, the result is null */ cancelled?: () => boolean;
}
export type Drawn<K extends string> = Record<K, Float64Array>;

/**
 * One draw of a triangular distribution by inversion.
 * @param u uniform, 0 to 1
 */
export function triangular({ min, likely, max }: Uncertainty, u: number): number {
  if (max === min) return min;
  const peak = (likely - min) / (max - min);
  return u < peak ? min + Math.sqrt(u * (max - min) * (likely - min)) : max - Math.sqrt((1 - u) * (max - min) * (max - likely));
}

function correlation(x: Float64Array, y: Float64Array): number {
  const mean = (v: Float64Array) => v.reduce((sum, n) => sum + n, 0) / v.length;
  const [mx, my] = [mean(x), mean(y)];
  let [xy, xx, yy] = [0, 0, 0];
  for (let i = 0; i < x.length; i += 1) {
    const [dx, dy] = [(x[i] ?? mx) - mx, (y[i] ?? my) - my];
    xy += dx * dy;
    xx += dx * dx;
    yy += dy * dy;
  }
  return xx === 0 || yy === 0 ? 0 : xy / Math.sqrt(xx * yy);
}

/**
 * Draws of several quantities of which only ranges are known, and of an outcome for each set of them.
 * @returns what was drawn and what came out, or null where it was cancelled
 * @throws RangeError where a range is out of order
 * @source Monte Carlo, first principles; triangular ranges: Lorbet's own choice
 */
export function drawOutcomes<K extends string, O extends string>(
  uncertainties: Readonly<Record<K, Uncertainty>>,
  outcomes: Readonly<Record<O, (values: Record<K, number>) => number>>,
  { draws = 10000, seed = 1, cancelled = () => false }: DrawOptions = {},
): { drawn: Drawn<K>; out: Drawn<O> } | null {
  const names = Object.keys(uncertainties) as K[];
  for (const name of names) {
    const { min, likely, max } = uncertainties[name];
    if (!(min <= likely && likely <= max))
      throw new RangeError(`${name} runs from ${min} over ${likely} to ${max}; each must be at least the one before it.`);
  }
  const random = seeded(seed);
  const columns = <T extends string>(keys: readonly T[]) =>
    Object.fromEntries(keys.map((key) => [key, new Float64Array(draws)])) as Drawn<T>;
  const asked = Object.keys(outcomes) as O[];
  const [drawn, out] = [columns(names), columns(asked)];
  const values = {} as Record<K, number>;
  for (let i = 0; i < draws; i += 1) {
    if (i % 500 === 0 && cancelled()) return null;
    for (const name of names) drawn[name][i] = values[name] = triangular(uncertainties[name], random());
    for (const name of asked) out[name][i] = outcomes[name](values);
  }
  return { drawn, out };
}

/** The spread of one outcome, and how much each drawn quantity has to do with it. */
export function spreadOf<K extends string>(drawn: Drawn<K>, outcome: Float64Array): Spread {
  const sorted = outcome.slice().sort();
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
  const names = Object.keys(drawn) as K[];
  return {
    p5: at(0.05),
    median: at(0.5),
    p95: at(0.95),
    mean: outcome.reduce((sum, n) => sum + n, 0) / outcome.length,
    matters: Object.fromEntries(names.map((name) => [name, correlation(drawn[name], outcome) ** 2])),
  };
}

/** The spread of an outcome whose inputs are only known as ranges. */
export function monteCarlo<K extends string>(
  uncertainties: Readonly<Record<K, Uncertainty>>,
  outcome: (values: Record<K, number>) => number,
  options: DrawOptions = {},
): Spread | null {
  const all = drawOutcomes(uncertainties, { outcome }, options);
  return all && spreadOf(all.drawn, all.out.outcome);
}

/** The drawn quantity that has most to do with an outcome; null where none has. */
export function mattersMost({ matters }: Spread): string | null {
  const [first] = Object.entries(matters).sort((a, b) => b[1] - a[1]);
  return first && first[1] > 0 ? first[0] : null;
}
