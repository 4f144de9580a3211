import type { RowOf } from '../build/lists';
import type { Answers } from './Answers';
import { about, mostly, type Usual } from './usual';

/** The kit’s duct where no card says which. Common practice, no source. */
const kitDuctMm = 75;
type Row<L extends 'ducts' | 'returns' | 'loop'> = Omit<RowOf<L>, 'id'>;

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

/** A loop as a kit brings it, in the order of flow: everything low but the tank, hoses insulated. */
export const usualLoop: readonly Row<'loop'>[] = (
  [
    ['heater', 'heater', 80, { arrow: 'with' }],
    ['heater to matrix', 'hose', 150, { lengthM: 1.5, bends: 2 }],
    ['matrix', 'matrix', 60, {}],
    ['matrix to tank', 'hose', 250, { lengthM: 1, bends: 1 }],
    ['expansion tank', 'tank', -40, {}],
    ['tank to pump', 'hose', -400, { lengthM: 1, bends: 2 }],
    ['circulation pump', 'pump', 0, { arrow: 'with' }],
    ['pump to heater', 'hose', -100, { lengthM: 0.4, bends: 1 }],
  ] as const
).map(([name, kind, riseMm, more], i) => ({
  name,
  kind,
  limb: 'main',
  boreMm: 18,
  riseMm,
  ...more,
  ...(kind === 'hose' ? { insulated: 'yes' as const } : {}),
  order: (i + 1) * 1000,
}));
/** What is usually in it. */
export const usualCoolant: Usual = {
  ...mostly('warmth.glycol', 'ethylene', ['ethylene', 'propylene', 'water', 'unknown'], 'what most engines are filled with'),
  ...about('warmth.glycolPercent', 50, 0, 70, 'half and half'),
  ...about('warmth.partsHoldL', 5, 1, 20, 'heater, matrix and tank'),
  ...about('warmth.tankFreeMl', 800, 0, 2000, 'a tank of a litre and a half, filled to the cold mark'),
};
