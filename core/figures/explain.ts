import type { Build } from '../build/Build';
import type { Input } from '../calls/Call';
import { makeReader, NotMeasured, type Trail } from '../calls/reader';
import type { Rule } from '../schools/ruleFor';
import { derived, type DerivedKey } from './derived';

export interface Explained {
  key: DerivedKey;
  label: string;
  unit: string;
  decimals: number;
  formula: string;
  source: string;
  value: number | null;
  inputs: Input[];
  rules: Rule[];
  missing: readonly string[];
}

/** A computed figure of a build with its formula, its inputs and its source; value null where an input is missing. */
export function explain(build: Build, key: DerivedKey): Explained {
  const { label, unit, decimals, formula, source, compute } = derived[key];
  const trail: Trail = { inputs: [], rules: [] };
  const about = { key, label, unit, decimals, formula, source };
  try {
    const value = compute(makeReader(build, trail));
    return { ...about, ...trail, value, missing: [] };
  } catch (error) {
    if (!(error instanceof NotMeasured)) throw error;
    return { ...about, ...trail, value: null, missing: error.labels };
  }
}
