import { makerKeyOf, pathOfKey } from '../build/unit/cardKeys';
import type { CardFigure, CardKey, UnitCard } from '../build/unit/UnitCard';
import { fieldAt, type FigurePath } from '../build/sheets';
import type { LimitKey } from '../practices/limits';
import { because, type Usual } from './usual';

export type Values = Partial<Record<FigurePath, number | string>>;

/** What a build takes from a card: figures that somebody read or measured, maker's limits, and what is assumed. */
export interface Taken {
  values: Values;
  maker: Partial<Record<LimitKey, number>>;
  assumed: Usual;
}

/** What is read on the plate in hand is never taken from a card: it is assumed until somebody has read it there. */
const readInHand = (path: FigurePath): boolean => path.startsWith('kit.');

const assumedOf = (path: FigurePath, { value, low, high, among = [] }: CardFigure, why: string): Usual =>
  fieldAt(path).kind === 'number'
    ? { [path]: { value, low: low ?? Number(value), high: high ?? Number(value), why } }
    : { [path]: { value, among: [...new Set([String(value), ...among])], why } };

/** Takes a card into a build. A figure that the card lacks stays unknown. */
export function takeCard(card: UnitCard): Taken {
  const taken: Taken = { values: {}, maker: {}, assumed: {} };
  for (const [key, figure] of Object.entries(card.figures) as [CardKey, CardFigure][]) {
    const limit = makerKeyOf(key);
    // Only a maker gives a maker's figure: an assumed one is no rule.
    if (limit) {
      if (figure.source !== 'assumed') taken.maker[limit] = Number(figure.value);
      continue;
    }
    const path = pathOfKey(key);
    if (path) {
      const assumed = figure.source === 'assumed';
      if (assumed || readInHand(path))
        Object.assign(
          taken.assumed,
          assumedOf(path, figure, assumed ? because(`usual for “${card.name}”`) : `as the card “${card.name}” has it`),
        );
      else taken.values[path] = figure.value;
    }
  }
  return taken;
}
