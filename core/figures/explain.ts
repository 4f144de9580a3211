import type { Input, Need, Trail } from '../reading/Reader';
import { computeOrMissing } from '../reading/NotMeasured';
import { originAt, originKey, type Origins } from '../record/Origin';
import type { Build } from '../build/Build';
import { takeAssumed } from '../build/takeAssumed';
import { readerOf } from './readerOf';
import type { Rule } from '../practices/ruleFor';
import type { FigureId } from '../reading/figureIds';
import { figures } from './figures';

export interface Explained {
  key: FigureId;
  label: string;
  unit: string;
  decimals: number;
  formula: string;
  source: string;
  /** The file in which it is computed. */
  code: string;
  value: number | null;
  /** What it comes to where inputs are only assumed; null where it is known, or not even so. */
  assumedValue: number | null;
  inputs: Input[];
  rules: Rule[];
  missing: readonly Need[];
}

/**
 * A computed figure of a build with its formula, its inputs and where each came from, and its source; value null where an input is missing.
 * An input of origin `computed` is itself a figure: `explain` it by its `path`.
 */
export function explain(build: Build, key: FigureId, origins: Origins = {}): Explained {
  const { label, unit, decimals, formula, source, code, compute } = figures[key];
  const trail: Trail = { inputs: [], rules: [] };
  const about = { key, label, unit, decimals, formula, source, code };
  const done = computeOrMissing(() => compute(readerOf(build, trail)));
  if (!('missing' in done))
    return { ...about, ...withOrigins(trail, origins), value: done.value, assumedValue: null, missing: [] };
  const { needs: missing } = done.missing;
  const supposed: Trail = { inputs: [], rules: [] };
  const taken = build.assumed ? computeOrMissing(() => compute(readerOf(takeAssumed(build), supposed))) : done;
  return 'missing' in taken
    ? { ...about, ...withOrigins(trail, origins), value: null, assumedValue: null, missing }
    : { ...about, ...withOrigins(supposed, origins), value: null, assumedValue: taken.value, missing };
}

/** Inputs and rules with who put each in, and when. */
export function withOrigins({ inputs, rules }: Trail, origins: Origins): Trail {
  const slots: Partial<Record<Input['origin'], string>> = { 'as fitted': 'fitted', planned: 'planned', given: 'planned' };
  return {
    inputs: inputs.map((input) => {
      const slot = slots[input.origin];
      const from = slot ? originAt(origins, originKey.figure(input.path, slot)) : input.from;
      return from ? { ...input, from } : input;
    }),
    rules: rules.map((rule) => {
      const from = rule.origin === 'maker' ? originAt(origins, originKey.maker(rule.key)) : undefined;
      return from ? { ...rule, from } : rule;
    }),
  };
}

const verbs: Record<Input['origin'], string> = {
  'as fitted': 'measured as fitted',
  planned: 'planned',
  given: 'given',
  assumed: 'assumed',
  computed: 'computed',
  recorded: 'recorded',
};

/** Where an input came from, in words. @param when how a time is written @example whence({ origin: 'as fitted', from: { by: 'A. Person', at: 'x' } }, () => '21 Nov 11:54') // "measured as fitted by A. Person, 21 Nov 11:54" */
export function whence({ origin, from }: Pick<Input, 'origin' | 'from'>, when: (iso: string) => string): string {
  if (!from) return verbs[origin];
  return from.file
    ? `${verbs[origin]}, in a file imported by ${from.by}, ${when(from.at)}`
    : `${verbs[origin]} by ${from.by}, ${when(from.at)}`;
}
