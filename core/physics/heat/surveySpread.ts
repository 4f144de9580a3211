import { drawOutcomes, spreadOf, type DrawOptions, type Uncertainty, type Spread } from '../../random/monteCarlo';
import { airWhM3K, demandKw } from './spaceLoss';
import { secondsToWarm, warmUp } from './warmUp';
import { spaceNodes } from './spaceNodes';

/** What a space is, and how well that is known. Plain numbers, so that a worker can be handed it. */
export interface SpreadFacts {
  fabricWK: number;
  areaM2: number;
  volumeM3: number;
  insideC: number;
  maxW: number;
  uncertainties: Record<SpreadInput, Uncertainty>;
}
export const spreadInputs = {
  walls: 'what the walls lose',
  airChangesH: 'air changes',
  coldestC: 'how cold it gets',
  dose: 'what the pump gives',
  shell: 'heat that the shell takes along',
} as const;
export type SpreadInput = keyof typeof spreadInputs;

export interface SurveySpread {
  demandKw: Spread;
  warmUpMin: Spread;
  /** share of draws in which it never gets warm, 0 to 1 */ neverShare: number;
  /** Air inside after each time from a cold start. */
  curve: { min: number; p5: number; median: number; p95: number }[];
  draws: number;
}
/** Longer than this counts as never, min. */
export const neverMin = 1440;
const curveDraws = 1500;

/**
 * How surely demand and warm-up are known, from how surely their inputs are.
 * @returns null where it was cancelled
 * @source Monte Carlo over the heat balance and the two-node warm-up
 */
export function surveySpread(facts: SpreadFacts, options: DrawOptions = {}): SurveySpread | null {
  const draws = options.draws ?? 10000;
  const nodesOf = (v: Record<SpreadInput, number>) =>
    spaceNodes({
      fabricWK: facts.fabricWK * v.walls,
      airWK: airWhM3K * v.airChangesH * facts.volumeM3,
      areaM2: facts.areaM2,
      volumeM3: facts.volumeM3,
      shellFactor: v.shell,
    });
  const start = (v: Record<SpreadInput, number>) => ({ airC: v.coldestC, shellC: v.coldestC });
  const all = drawOutcomes(
    facts.uncertainties,
    {
      demand: (v) => demandKw(facts.fabricWK * v.walls + airWhM3K * v.airChangesH * facts.volumeM3, facts.insideC, v.coldestC),
      warm: (v) => {
        const nodes = nodesOf(v);
        if (!nodes) return neverMin;
        return Math.min(neverMin, secondsToWarm(nodes, start(v), facts.maxW * v.dose, v.coldestC, facts.insideC) / 60);
      },
    },
    { ...options, draws },
  );
  if (!all) return null;
  const { demand, warm } = all.out;
  const warmUpMin = spreadOf(all.drawn, warm);
  const longest = Math.min(240, Math.max(30, Math.ceil((Math.min(warmUpMin.p95, 240) * 1.15) / 10) * 10));
  const names = Object.keys(facts.uncertainties) as SpreadInput[];
  const count = Math.min(curveDraws, draws);
  const curve = Array.from({ length: 31 }, (_, i) => {
    const min = (longest * i) / 30;
    const temperatures = new Float64Array(count);
    for (let k = 0; k < count; k += 1) {
      const v = Object.fromEntries(names.map((name) => [name, all.drawn[name][k] ?? 0])) as Record<SpreadInput, number>;
      const nodes = nodesOf(v);
      temperatures[k] = nodes ? warmUp(nodes, start(v), facts.maxW * v.dose, v.coldestC, min * 60).airC : v.coldestC;
    }
    const { p5, median, p95 } = spreadOf({}, temperatures);
    return { min, p5, median, p95 };
  });
  return {
    demandKw: spreadOf(all.drawn, demand),
    warmUpMin,
    neverShare: warm.filter((min) => min >= neverMin).length / draws,
    curve,
    draws,
  };
}
