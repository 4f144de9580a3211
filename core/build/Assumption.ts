import type { ListValues } from './lists';
import type { FigurePath } from './sheets';

/** What a figure usually is where nobody has said it yet, with the range in which it is met and the reason. It counts for nothing. */
export interface AssumedFigure {
  value: number | string;
  /** a number’s plausible range, which holds the value */ low?: number;
  high?: number;
  /** a choice’s plausible answers, the value among them */ among?: string[];
  /** why this and no other, and where it comes from */ why: string;
}

/** All that is assumed of a build: figures, and lists that stand until the list has a row of its own. */
export interface Assumed {
  /** what it was made from, in a few words: "van, standing height; air heater, 2 kW class" */ basis: string;
  figures: { [P in FigurePath]?: AssumedFigure };
  lists?: ListValues;
}
