import { seeded } from './seeded';

/** What is known of a quantity: surely between least and most, likeliest in between. */
export interface Range {
  least: number;
  likely: number;
  most: number;
}
export interface Spread {
  p5: number;
  median: number;
  p95: number;
  mean: number;
  /** Share of the outcome's variance that goes with each input, by its squared correlation; the largest matters most. */
  matters: Record<string, number>;
}

/**
 * One draw of a triangular distribution by inversion.
 * @param u uniform, 0 to 1
 */
export function triangular({ least, likely, most }: Range, u: number): number {
  if (most === least) return least;
  const peak = (likely - least) / (most - least);
  return u < peak
    ? least + Math.sqrt(u * (most - least) * (likely - least))
    : most - Math.sqrt((1 - u) * (most - least) * (most - likely));
}

const correlation = (x: readonly number[], y: readonly number[]): number => {
  const mean = (v: readonly number[]) => v.reduce((sum, n) => sum + n, 0) / v.length;
  const [mx, my] = [mean(x), mean(y)];
  let [xy, xx, yy] = [0, 0, 0];
  x.forEach((value, i) => {
    const [dx, dy] = [value - mx, (y[i] ?? my) - my];
    xy += dx * dy;
    xx += dx * dx;
    yy += dy * dy;
  });
  return xx === 0 || yy === 0 ? 0 : xy / Math.sqrt(xx * yy);
};

/**
 * The spread of an outcome whose inputs are only known as ranges.
 * @param draws 100 to 100,000
 * @param cancelled asked every 500 draws; where it says yes, the result is null
 * @throws RangeError where a range is out of order
 * @source Monte Carlo, first principles; triangular ranges: Lorbet's own choice
 */
export function monteCarlo<K extends string>(
  ranges: Readonly<Record<K, Range>>,
  outcome: (values: Record<K, number>) => number,
  { draws = 10000, seed = 1, cancelled = () => false }: { draws?: number; seed?: number; cancelled?: () => boolean } = {},
): Spread | null {
  const names = Object.keys(ranges) as K[];
  for (const name of names) {
    const { least, likely, most } = ranges[name];
    if (!(least <= likely && likely <= most))
      throw new RangeError(`${name} runs from ${least} over ${likely} to ${most}; each must be at least the one before it.`);
  }
  const random = seeded(seed);
  const drawn = Object.fromEntries(names.map((name) => [name, [] as number[]])) as Record<K, number[]>;
  const outcomes: number[] = [];
  for (let i = 0; i < draws; i += 1) {
    if (i % 500 === 0 && cancelled()) return null;
    const values = {} as Record<K, number>;
    for (const name of names) {
      values[name] = triangular(ranges[name], random());
      drawn[name].push(values[name]);
    }
    outcomes.push(outcome(values));
  }
  const sorted = [...outcomes].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.min(draws - 1, Math.floor(share * draws))] ?? NaN;
  return {
    p5: at(0.05),
    median: at(0.5),
    p95: at(0.95),
    mean: outcomes.reduce((sum, n) => sum + n, 0) / draws,
    matters: Object.fromEntries(names.map((name) => [name, correlation(drawn[name], outcomes) ** 2])),
  };
}
