import type { Build } from '../build/Build';
import { lists, rowsOf, type ListId, type RowOf } from '../build/lists';
import { fieldAt, figureAt, type FigurePath, type ValueAt } from '../build/sheets';
import { derived, type DerivedKey } from '../figures/derived';
import type { Origin } from '../ledger/origins';
import type { LimitKey } from '../practices/limits';
import type { Rule } from '../practices/ruleFor';
import { ruleFor } from '../practices/ruleFor';
import type { Finding, Input, Reader } from '../checks/Finding';

/** Thrown inside a judge or a computed figure where a needed figure is missing; caught by whoever called it. */
export class NotMeasured extends Error {
  /** @param paths of the figures among them; what is missing of a list or a record has none */
  constructor(
    readonly labels: readonly string[],
    readonly paths: readonly FigurePath[] = [],
  ) {
    super(`Not measured: ${labels.join(', ')}`);
  }
}

export interface Trail {
  inputs: Input[];
  rules: Rule[];
}

/** What a computed figure came to, with its own trail; or that something is missing for it. */
type Known = { value: unknown; trail: Trail } | { missing: NotMeasured; trail: Trail };
/** What was computed of one build so far: many calls rest on the same figures. */
export type Figures = Map<string, Known>;

/** A reader that writes down on `trail` all that is read through it. Made for each call and figure, so its ways are not made anew each time. */
class TrailReader implements Reader {
  private readonly noted: Set<string>;

  constructor(
    readonly build: Build,
    private readonly trail: Trail,
    readonly others: readonly Finding[],
    private readonly known: Figures,
  ) {
    this.noted = new Set(trail.inputs.map(({ path }) => path));
  }

  private put(input: Input): void {
    if (this.noted.has(input.path)) return;
    this.noted.add(input.path);
    this.trail.inputs.push(input);
  }

  private putRule(rule: Rule): void {
    if (!this.trail.rules.some(({ key }) => key === rule.key)) this.trail.rules.push(rule);
  }

  maybe<P extends FigurePath>(path: P): ValueAt<P> | null {
    const figure = figureAt(this.build.sheets, path);
    const value = figure.fitted ?? figure.planned;
    if (value === null) return null;
    if (!this.noted.has(path)) {
      const field = fieldAt(path);
      this.put({
        path,
        label: field.label,
        value: field.kind === 'choice' ? ((field.options as Record<string, string>)[value] ?? value) : value,
        unit: field.kind === 'number' ? field.unit : '',
        origin: field.given ? 'given' : figure.fitted === null ? 'planned' : 'as fitted',
      });
    }
    return value as ValueAt<P>;
  }

  all<const T extends Record<string, FigurePath>>(paths: T): { [K in keyof T]: ValueAt<T[K]> } {
    const found: Record<string, unknown> = {};
    const lacking: FigurePath[] = [];
    for (const [name, path] of Object.entries(paths)) {
      const value = this.maybe(path);
      if (value === null) lacking.push(path);
      else found[name] = value;
    }
    if (lacking.length > 0)
      throw new NotMeasured(
        lacking.map((path) => fieldAt(path).label),
        lacking,
      );
    return found as { [K in keyof T]: ValueAt<T[K]> };
  }

  rows<L extends ListId>(list: L): readonly RowOf<L>[] {
    const rows = rowsOf(this.build.lists, list);
    this.put({ path: `list/${list}`, label: lists[list].label, value: rows.length, unit: 'pieces', origin: 'recorded' });
    return rows;
  }

  shared<T>(key: string, compute: (read: Reader) => T): T {
    let found = this.known.get(key);
    if (!found) {
      const own: Trail = { inputs: [], rules: [] };
      try {
        found = { value: compute(new TrailReader(this.build, own, this.others, this.known)), trail: own };
      } catch (error) {
        if (!(error instanceof NotMeasured)) throw error;
        found = { missing: error, trail: own };
      }
      this.known.set(key, found);
    }
    for (const input of found.trail.inputs) this.put(input);
    for (const rule of found.trail.rules) this.putRule(rule);
    if ('missing' in found) throw found.missing;
    return found.value as T;
  }

  derived(key: DerivedKey): number {
    const { label, unit, compute } = derived[key];
    const value = this.shared(key, compute);
    this.put({ path: key, label, value, unit, origin: 'computed' });
    return value;
  }

  limit(key: LimitKey): Rule {
    const rule = ruleFor(key, this.build.practices, this.build.maker);
    this.putRule(rule);
    return rule;
  }

  note(label: string, value: number | string, unit: string, from?: Origin): void {
    this.put({ path: label, label, value, unit, origin: 'recorded', ...(from ? { from } : {}) });
  }

  missing(...labels: string[]): never {
    throw new NotMeasured(labels);
  }
}

/** @param known computed figures of this very build, filled as they are asked for */
export const makeReader = (build: Build, trail: Trail, others: readonly Finding[] = [], known: Figures = new Map()): Reader =>
  new TrailReader(build, trail, others, known);
