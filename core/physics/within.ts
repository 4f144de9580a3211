/** Bounds of a quantity; `above` and `below` are not themselves allowed. */
export interface Bounds {
  min?: number;
  max?: number;
  above?: number;
  below?: number;
}

/**
 * A quantity that must lie within its bounds, given back as it is.
 * @param quantity its name, @param unit its unit, both for the sentence
 * @throws RangeError naming quantity, value and bounds, also for what is no number at all
 * @example within('bore', 2, 'mm', { above: 0 }) // 2
 */
export function within(quantity: string, value: number, unit: string, { min, max, above, below }: Bounds): number {
  const holds =
    Number.isFinite(value) &&
    !(min !== undefined && value < min) &&
    !(max !== undefined && value > max) &&
    !(above !== undefined && value <= above) &&
    !(below !== undefined && value >= below);
  if (holds) return value;
  const bounds = [min, max, above, below].some((bound) => bound !== undefined);
  if (!bounds) throw new RangeError(`The ${quantity} is ${value} ${unit}; allowed is a number of ${unit}.`);
  const from = above !== undefined ? `above ${above}` : min !== undefined ? `${min}` : '';
  const to = below !== undefined ? `below ${below}` : max !== undefined ? `up to ${max}` : min !== undefined ? 'and more' : '';
  throw new RangeError(`The ${quantity} is ${value} ${unit}; allowed is ${[from, to].filter(Boolean).join(' ')} ${unit}.`);
}
