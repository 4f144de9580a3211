import type { Build } from '../build/Build';
import { fieldAt, figureAt, type FigurePath, type ValueAt } from '../build/sheets';
import { derived, type DerivedKey } from '../figures/derived';
import type { Rule } from '../schools/ruleFor';
import { ruleFor } from '../schools/ruleFor';
import type { Call, Input, Reader } from './Call';

/** Thrown inside a judge or a computed figure where a needed figure is missing; caught by whoever called it. */
export class NotMeasured extends Error {
  constructor(readonly labels: readonly string[]) {
    super(`Not measured: ${labels.join(', ')}`);
  }
}

export interface Trail {
  inputs: Input[];
  rules: Rule[];
}

/** What a computed figure came to, with its own trail; or that something is missing for it. */
type Known = { value: number; trail: Trail } | { missing: NotMeasured; trail: Trail };
/** Computed figures of one build: many calls rest on the same ones. */
export type Figures = Map<DerivedKey, Known>;

/**
 * A reader that writes down on `trail` all that is read through it.
 * @param known computed figures of this very build, filled as they are asked for
 */
export function makeReader(build: Build, trail: Trail, others: readonly Call[] = [], known: Figures = new Map()): Reader {
  const note = (input: Input) => {
    if (!trail.inputs.some(({ path }) => path === input.path)) trail.inputs.push(input);
  };
  const noteRule = (rule: Rule) => {
    if (!trail.rules.some(({ key }) => key === rule.key)) trail.rules.push(rule);
  };
  const look = <P extends FigurePath>(path: P): ValueAt<P> | null => {
    const figure = figureAt(build.sheets, path);
    const value = figure.fitted ?? figure.planned;
    if (value === null) return null;
    const field = fieldAt(path);
    const shown = field.kind === 'choice' ? ((field.options as Record<string, string>)[value] ?? value) : value;
    note({
      path,
      label: field.label,
      value: shown,
      unit: field.kind === 'number' ? field.unit : '',
      origin: field.given ? 'given' : figure.fitted === null ? 'planned' : 'as fitted',
    });
    return value as ValueAt<P>;
  };
  const reader: Reader = {
    build,
    others,
    all: (paths) => {
      const found = Object.entries(paths).map(([name, path]) => [name, look(path), path] as const);
      const lacking = found.filter(([, value]) => value === null).map(([, , path]) => fieldAt(path).label);
      if (lacking.length > 0) throw new NotMeasured(lacking);
      return Object.fromEntries(found.map(([name, value]) => [name, value])) as never;
    },
    maybe: look,
    derived: (key) => {
      const figure = derived[key];
      let found = known.get(key);
      if (!found) {
        const own: Trail = { inputs: [], rules: [] };
        try {
          found = { value: figure.compute(makeReader(build, own, others, known)), trail: own };
        } catch (error) {
          if (!(error instanceof NotMeasured)) throw error;
          found = { missing: error, trail: own };
        }
        known.set(key, found);
      }
      found.trail.inputs.forEach(note);
      found.trail.rules.forEach(noteRule);
      if ('missing' in found) throw found.missing;
      note({ path: key, label: figure.label, value: found.value, unit: figure.unit, origin: 'computed' });
      return found.value;
    },
    limit: (key) => {
      const rule = ruleFor(key, build.schools, build.maker);
      noteRule(rule);
      return rule;
    },
    note: (label, value, unit, from) => note({ path: label, label, value, unit, origin: 'recorded', ...(from ? { from } : {}) }),
    missing: (...labels) => {
      throw new NotMeasured(labels);
    },
  };
  return reader;
}
