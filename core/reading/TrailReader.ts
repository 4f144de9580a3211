import type { Build } from '../build/Build';
import { lists, rowsOf, type ListId, type RowOf } from '../build/lists';
import { isTakenList } from '../build/takeAssumed';
import { fieldAt, figureAt, type FigurePath, type ValueAt } from '../build/sheets';
import type { LimitKey } from '../practices/limits';
import { ruleFor, type Rule } from '../practices/ruleFor';
import type { Origin } from '../record/Origin';
import type { FigureId } from './figureIds';
import { computeOrMissing, needOf, NotMeasured, type Computed } from './NotMeasured';
import type { Derived, Input, Need, Reader, Trail } from './Reader';
import { noRests, Rests } from './Rests';

/** What was computed of one build so far, each with its own trail and what it rests on: much rests on the same figures. */
export type Known = Map<string, Computed<unknown> & { trail: Trail; rests: Rests }>;
export type FigureTable = Readonly<Record<FigureId, Derived>>;

/** A reader that writes down on `trail` all that is read through it. Made for each check and figure, so its ways are not made anew each time. */
export class TrailReader implements Reader {
  private readonly noted: Set<string>;
  private readonly ruled: Set<LimitKey>;
  private readonly merged = new Set<object>();

  /**
   * @param known computed figures of this very build, filled as they are asked for
   * @param rests notes the parts of the build that the result rests on
   */
  constructor(
    private readonly source: Build,
    private readonly trail: Trail,
    private readonly figures: FigureTable,
    private readonly known: Known,
    private readonly rests: Rests = noRests,
  ) {
    this.noted = new Set(trail.inputs.map(({ path }) => path));
    this.ruled = new Set(trail.rules.map(({ key }) => key));
  }

  /** The build itself, for what no way above reads; each part of it that is looked at is noted. */
  get build(): Build {
    return this.rests.watch(this.source);
  }

  private put(input: Input): void {
    if (this.noted.has(input.path)) return;
    this.noted.add(input.path);
    this.trail.inputs.push(input);
  }

  private putRule(rule: Rule): void {
    if (this.ruled.has(rule.key)) return;
    this.ruled.add(rule.key);
    this.trail.rules.push(rule);
  }

  maybe<P extends FigurePath>(path: P): ValueAt<P> | null {
    this.rests.addFigure(path);
    const figure = figureAt(this.source.sheets, path);
    const value = figure.fitted ?? figure.planned;
    if (value === null) return null;
    if (!this.noted.has(path)) {
      const field = fieldAt(path);
      this.put({
        path,
        label: field.label,
        value: field.kind === 'choice' ? ((field.options as Record<string, string>)[value] ?? value) : value,
        unit: field.kind === 'number' ? field.unit : '',
        origin: figure.assumed ? 'assumed' : field.given ? 'given' : figure.fitted === null ? 'planned' : 'as fitted',
      });
    }
    return value as ValueAt<P>;
  }

  all<const T extends Record<string, FigurePath>>(paths: T): { [K in keyof T]: ValueAt<T[K]> } {
    const found: Record<string, unknown> = {};
    const lacking: Need[] = [];
    for (const [name, path] of Object.entries(paths)) {
      const value = this.maybe(path);
      if (value === null) lacking.push(needOf(path));
      else found[name] = value;
    }
    if (lacking.length > 0) throw new NotMeasured(lacking);
    return found as { [K in keyof T]: ValueAt<T[K]> };
  }

  rows<L extends ListId>(list: L): readonly RowOf<L>[] {
    this.rests.addList(list);
    const rows = rowsOf(this.source.lists, list);
    const path = `list/${list}`;
    if (this.noted.has(path)) return rows;
    const origin = isTakenList(this.source, list) ? 'assumed' : 'recorded';
    this.put({ path, label: lists[list].label, value: rows.length, unit: 'pieces', origin });
    return rows;
  }

  shared<T>(key: string, compute: (read: Reader) => T): T {
    let found = this.known.get(key);
    if (!found) {
      const trail: Trail = { inputs: [], rules: [] };
      const rests = this.rests === noRests ? noRests : new Rests();
      const own = new TrailReader(this.source, trail, this.figures, this.known, rests);
      found = { ...computeOrMissing(() => compute(own)), trail, rests };
      this.known.set(key, found);
    }
    // What is asked for again by the same reader has left its inputs already.
    if (!this.merged.has(found)) {
      this.merged.add(found);
      this.rests.addAll(found.rests);
      for (const input of found.trail.inputs) this.put(input);
      for (const rule of found.trail.rules) this.putRule(rule);
    }
    if ('missing' in found) throw found.missing;
    return found.value as T;
  }

  derived(id: FigureId): number {
    const { label, unit, compute } = this.figures[id];
    const value = this.shared(id, compute);
    if (!this.noted.has(id)) this.put({ path: id, label, value, unit, origin: 'computed' });
    return value;
  }

  limit(key: LimitKey): Rule {
    this.rests.addRule(key);
    const rule = ruleFor(key, this.source.practices, this.source.maker);
    this.putRule(rule);
    return rule;
  }

  note(label: string, value: number | string, unit: string, from?: Origin): void {
    this.put({ path: label, label, value, unit, origin: 'recorded', ...(from ? { from } : {}) });
  }

  missing(...needs: readonly Need[]): never {
    throw new NotMeasured(needs);
  }
}
