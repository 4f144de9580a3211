import { fieldAt, type FigurePath } from '../build/sheets';
import type { Need } from './Reader';

/** Thrown where something is missing that a result rests on; caught by whoever asked for the result. */
export class NotMeasured extends Error {
  readonly needs: readonly Need[];
  constructor(needs: readonly Need[]) {
    // Thrown by the dozen with every assessment and always caught: where from is nobody's question, and costly to find out.
    const { stackTraceLimit } = Error;
    Error.stackTraceLimit = 0;
    super('Something is not measured.');
    Error.stackTraceLimit = stackTraceLimit;
    this.needs = needs;
  }
  /** Their labels, for a list. */
  get labels(): string[] {
    return [...new Set(this.needs.map(({ what }) => what))];
  }
}

/** What has to be done about an empty figure of a sheet. */
export const needOf = (path: FigurePath): Need => {
  const { kind, label, given } = fieldAt(path);
  return { act: kind === 'choice' ? 'choose' : given ? 'enter' : 'measure', what: label, path };
};
export const toDo = (...actions: readonly string[]): Need[] => actions.map((what) => ({ act: 'do', what }));

/** A result, or what is missing for it. */
export type Computed<T> = { value: T } | { missing: NotMeasured };

/** Computes something that may lack a figure. @throws whatever else goes wrong in it */
export function computeOrMissing<T>(compute: () => T): Computed<T> {
  try {
    return { value: compute() };
  } catch (error) {
    if (error instanceof NotMeasured) return { missing: error };
    throw error;
  }
}
