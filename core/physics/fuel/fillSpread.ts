import { drawOutcomes, spreadOf, type DrawOptions, type Uncertainty, type Spread } from '../../random/monteCarlo';
import { firstFill, type FillFacts } from './firstFill';

/** What of a first fill is only known as a range; each a factor on the likely value, but for the dry share. */
export interface FillSpreadFacts extends FillFacts {
  uncertainties: Record<'dose' | 'lengths' | 'filter' | 'gaps', Uncertainty> & { dryShare: Uncertainty };
}
export const fillInputs = {
  dose: 'the pump’s dose',
  lengths: 'lengths and bores',
  filter: 'what the filter holds',
  gaps: 'air that gaps and loops keep',
  dryShare: 'how well the dry pump draws',
} as const;
export interface FillSpread {
  draws: number;
  strokes: Spread;
  /** strokes sorted into bands of equal width */ bars: { from: number; to: number; count: number }[];
}

/**
 * How many strokes the first fill may take: the simulation run many times over drawn doses, lengths and gaps.
 * @returns null where it was cancelled
 * @source Monte Carlo over `firstFill`
 */
export function fillSpread({ uncertainties, ...facts }: FillSpreadFacts, options: DrawOptions = {}): FillSpread | null {
  const draws = options.draws ?? 2000;
  const all = drawOutcomes(
    uncertainties,
    {
      strokes: (drawn) =>
        firstFill({
          ...facts,
          doseMl: facts.doseMl * drawn.dose,
          dryShare: drawn.dryShare,
          chambers: facts.chambers.map((chamber) => {
            const volumeMl =
              chamber.volumeMl * (!chamber.isLine && !chamber.isPipe && chamber.trapMl === 0 ? drawn.filter : drawn.lengths);
            return { ...chamber, volumeMl, trapMl: Math.min(volumeMl, chamber.trapMl * drawn.lengths * drawn.gaps) };
          }),
        }).strokes,
    },
    { ...options, draws },
  );
  if (!all) return null;
  const out = all.out.strokes;
  const [min, max] = [Math.min(...out), Math.max(...out)];
  const wide = Math.max(1, Math.ceil((max - min + 1) / 24));
  const bars = Array.from({ length: Math.floor((max - min) / wide) + 1 }, (_, i) => ({
    from: min + i * wide,
    to: min + (i + 1) * wide,
    count: 0,
  }));
  for (const n of out) {
    const bar = bars[Math.floor((n - min) / wide)];
    if (bar) bar.count += 1;
  }
  return { draws, strokes: spreadOf(all.drawn, out), bars };
}
