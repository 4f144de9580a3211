import type { RowOf } from '../build/lists';
import type { Answers } from './Answers';

/** The kit’s duct where no card says which. Common practice, no source. */
const kitDuctMm = 75;
type Row<L extends 'ducts' | 'returns'> = Omit<RowOf<L>, 'id'>;

/** Ducts as a kit brings them: one outlet near the heater that stays open, one at the end of a branch, and a grille before the heater. */
export function usualDucts({ card }: Pick<Answers, 'card'>): { ducts: Row<'ducts'>[]; returns: Row<'returns'>[] } {
  const bore = card.figures['siting.ductMm']?.value;
  const boreMm = typeof bore === 'number' ? bore : kitDuctMm;
  const near: Row<'ducts'> = { boreMm, wall: 'flexible', bends: 1, bendDeg: 90, runs: 'inside', grille: 'free' };
  return {
    ducts: [
      { ...near, name: 'near outlet', lengthM: 0.8, end: 'open' },
      { ...near, name: 'far outlet', lengthM: 1.8, end: 'closable', closedPercent: 0, bends: 2 },
    ],
    returns: [{ name: 'grille before the heater', kind: 'grille', lengthMm: 200, widthMm: 100, pieces: 1, coveredPercent: 0 }],
  };
}
