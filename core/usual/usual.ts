import type { AssumedFigure } from '../build/Assumption';
import { fieldAt, type FigurePath, type ValueAt } from '../build/sheets';

/** Figures as they usually are, each with its range and its reason. */
export type Usual = { [P in FigurePath]?: AssumedFigure };

const trade = 'common practice, no source';
/** A reason, with where it comes from. */
export const because = (reason: string): string => `${reason}; ${trade}`;

/** A number as it usually is, in its range; all rounded and kept within the bounds of the figure. */
export function about(path: FigurePath, value: number, low: number, high: number, reason: string): Usual {
  const field = fieldAt(path);
  if (field.kind !== 'number') throw new Error(`${path} is no number.`);
  const { min, max, decimals } = field;
  const fit = (n: number) => Number(Math.min(Math.max(n, min), max).toFixed(decimals));
  return {
    [path]: { value: fit(value), low: fit(Math.min(low, value)), high: fit(Math.max(high, value)), why: because(reason) },
  };
}

/** An answer as it usually is, among those that are met. */
export function mostly<P extends FigurePath>(
  path: P,
  value: ValueAt<P> & string,
  met: readonly (ValueAt<P> & string)[],
  reason: string,
): Usual {
  return { [path]: { value, among: [...new Set([value, ...met])], why: because(reason) } };
}
