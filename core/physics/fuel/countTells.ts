import { seeded } from '../../random/seeded';
import { triangular, type Uncertainty } from '../../random/monteCarlo';
import { within } from '../within';
import { firstFill } from './firstFill';
import type { FillSpreadFacts } from './fillSpread';
import { lineVolumeMl } from './lineVolumeMl';

/** What a count can speak of. */
export const tellables = ['dose', 'lengths', 'filter', 'dryShare', 'gap'] as const;
export type Tellable = (typeof tellables)[number];
/** What is believed after the count: its mean, and between what nine of ten lie. */
export interface Range {
  mean: number;
  p5: number;
  p95: number;
}
/** What by itself, all else as it is likeliest, would give just this count. */
export interface Cause {
  cause: Tellable;
  /** factor on what is written here; of a gap mm in a joiner of 4 mm */ value: number;
  /** how likely that is beside the others, 0 to 1; they sum to 1 */ share: number;
}
export interface CountTells {
  expected: number;
  /** strokes more than expected; below nought fewer */ late: number;
  told: Record<Tellable, Range>;
  causes: Cause[];
}
/** A hand or a clock counts within so much, share and strokes; a gap that nobody knows of is seldom longer than this, mm. Lorbet’s own assumption, no source. */
const countOff = { share: 0.01, strokes: 2 } as const;
const gapMeanMm = 15;
const gapBoreMm = 4;
const draws = 4000;

/** Strokes by volumes alone, as `firstFill` counts them but without its steps. */
function strokesBy({ chambers, doseMl, gasShare }: FillSpreadFacts, at: Record<Tellable, number>): number {
  let [dry, wet] = [0, 0];
  for (const { side, volumeMl, trapMl, isLine, isPipe } of chambers) {
    const factor = !isLine && !isPipe && trapMl === 0 ? at.filter : at.lengths;
    const ml = Math.max(0, volumeMl - trapMl) * factor;
    if (side === 'suction') dry += ml;
    else wet += ml;
  }
  // A gap stands before the pump as often as behind it: taken as behind, where fuel fills it.
  wet += lineVolumeMl(gapBoreMm, at.gap / 1000);
  return (dry / at.dryShare + wet * (1 + gasShare)) / (doseMl * at.dose);
}

const rangeOf = (values: readonly number[], weights: readonly number[]): Range => {
  const order = values.map((_, i) => i).sort((a, b) => (values[a] ?? 0) - (values[b] ?? 0));
  const total = weights.reduce((sum, w) => sum + w, 0);
  const at = (share: number) => {
    let sum = 0;
    for (const i of order) {
      sum += weights[i] ?? 0;
      if (sum >= share * total) return values[i] ?? 0;
    }
    return values[order.at(-1) ?? 0] ?? 0;
  };
  return { mean: values.reduce((sum, value, i) => sum + value * (weights[i] ?? 0), 0) / total, p5: at(0.05), p95: at(0.95) };
};

/**
 * What a count of strokes says of dose, line and gaps: Bayes over the model of the first fill, each of its doubts drawn and weighed by how well it gives the count.
 * @param counted strokes until fuel was seen at the heater, of a line that was empty
 * @returns null where no draw comes near the count: something is written down wrong
 * @throws RangeError naming quantity, value and bounds
 * @source Bayes’ rule by importance sampling; ranges as of the first fill; a gap’s length: assumption, no source
 */
export function countTells(facts: FillSpreadFacts, counted: number, seed = 1): CountTells | null {
  within('count', counted, 'strokes', { above: 0, max: 100_000 });
  const draw = seeded(seed);
  const ranges: Record<Exclude<Tellable, 'gap'>, Uncertainty> = {
    dose: facts.uncertainties.dose,
    lengths: facts.uncertainties.lengths,
    filter: facts.uncertainties.filter,
    dryShare: facts.uncertainties.dryShare,
  };
  const likely: Record<Tellable, number> = { dose: 1, lengths: 1, filter: 1, dryShare: facts.dryShare, gap: 0 };
  const sigma = Math.max(countOff.strokes, counted * countOff.share);
  const drawn = Object.fromEntries(tellables.map((one) => [one, [] as number[]])) as Record<Tellable, number[]>;
  const weights: number[] = [];
  for (let i = 0; i < draws; i += 1) {
    const at: Record<Tellable, number> = {
      dose: triangular(ranges.dose, draw()),
      lengths: triangular(ranges.lengths, draw()),
      filter: triangular(ranges.filter, draw()),
      dryShare: triangular(ranges.dryShare, draw()),
      // Most joints have none: half of all lines, and the others less and less likely the longer it is.
      gap: draw() < 0.5 ? 0 : -gapMeanMm * Math.log(1 - draw()),
    };
    for (const one of tellables) drawn[one].push(at[one]);
    weights.push(Math.exp(-0.5 * ((strokesBy(facts, at) - counted) / sigma) ** 2));
  }
  const total = weights.reduce((sum, w) => sum + w, 0);
  if (!(total > draws * 1e-4)) return null;
  const expected = firstFill(facts).strokes;
  const causes: Cause[] = [];
  for (const cause of tellables) {
    const [low, high] = cause === 'gap' ? [0, 8 * gapMeanMm] : [ranges[cause].min, ranges[cause].max];
    const by = (value: number) => strokesBy(facts, { ...likely, [cause]: value }) - counted;
    if (by(low) * by(high) > 0) continue;
    let [from, to] = [low, high];
    for (let i = 0; i < 50; i += 1) {
      const mid = (from + to) / 2;
      if (by(from) * by(mid) <= 0) to = mid;
      else from = mid;
    }
    const value = (from + to) / 2;
    causes.push({ cause, value, share: plausible(cause === 'gap' ? null : ranges[cause], value) });
  }
  const sum = causes.reduce((all, { share }) => all + share, 0);
  return {
    expected,
    late: counted - expected,
    told: Object.fromEntries(tellables.map((one) => [one, rangeOf(drawn[one], weights)])) as Record<Tellable, Range>,
    causes: causes.map((one) => ({ ...one, share: sum > 0 ? one.share / sum : 0 })).sort((a, b) => b.share - a.share),
  };
}
/** How likely a value is beside the likeliest of its range; of a gap by its length. */
function plausible(range: Uncertainty | null, value: number): number {
  if (!range) return 0.5 * Math.exp(-value / gapMeanMm);
  const { min, likely, max } = range;
  return value <= likely
    ? likely > min
      ? (value - min) / (likely - min)
      : 1
    : max > likely
      ? (max - value) / (max - likely)
      : 1;
}
