import type { Build } from '../build/Build';
import type { Figure } from '../build/field';
import { rowsOf, type ListId } from '../build/lists';
import { isTakenList } from '../build/takeAssumed';
import { figureAt, type FigurePath } from '../build/sheets';
import type { LimitKey } from '../practices/limits';

/** A view of an object that tells of each part that is looked at, and gives it or something in its stead. */
const watched = <T extends object>(object: T, look: (key: string, value: unknown) => unknown): T =>
  new Proxy(object, {
    get: (target, key) => {
      const value: unknown = Reflect.get(target, key);
      return typeof key === 'string' ? look(key, value) : value;
    },
  });

/** What of a build a result rests on. */
export class Rests {
  private readonly figures = new Set<FigurePath>();
  private readonly lists = new Set<ListId>();
  private readonly rules = new Set<LimitKey>();
  private readonly wholes = new Set<keyof Build>();

  addFigure(path: FigurePath): void {
    this.figures.add(path);
  }
  addList(list: ListId): void {
    this.lists.add(list);
  }
  addRule(key: LimitKey): void {
    this.rules.add(key);
  }
  addAll(others: Rests): void {
    for (const path of others.figures) this.figures.add(path);
    for (const list of others.lists) this.lists.add(list);
    for (const key of others.rules) this.rules.add(key);
    for (const key of others.wholes) this.wholes.add(key);
  }
  /** Whether it rests on a figure. */
  hasFigure(path: FigurePath): boolean {
    return this.figures.has(path);
  }
  /** The assumed figures and lists among what it rests on, in a build in which they are taken (`takeAssumed`). */
  assumedIn(taken: Build): { figures: FigurePath[]; lists: ListId[] } {
    return {
      figures: [...this.figures].filter((path) => figureAt(taken.sheets, path).assumed === true),
      lists: [...this.lists].filter((list) => isTakenList(taken, list)),
    };
  }
  /** The build, with every part noted that is looked at. */
  watch(build: Build): Build {
    return watched(build, (key, value) => {
      // Of sheets and lists only what is looked at; of all else the whole.
      if (key === 'sheets') return watched(value as object, (sheet, table) => this.watchSheet(sheet, table as object));
      if (key === 'lists' && value !== undefined)
        return watched(value as object, (list, rows) => {
          this.lists.add(list as ListId);
          return rows;
        });
      this.wholes.add(key as keyof Build);
      return value;
    });
  }
  private watchSheet(sheet: string, table: object | undefined): object | undefined {
    if (table === undefined) {
      this.wholes.add('sheets');
      return undefined;
    }
    return watched(table, (name, figure) => {
      this.figures.add(`${sheet}.${name}` as FigurePath);
      return figure;
    });
  }
  /** Whether a result that was made of one build holds for another. Builds are never changed in place, so a part that is the same object is unchanged. */
  holdFor(before: Build, after: Build): boolean {
    if (this.rules.size > 0 && before.practices !== after.practices) return false;
    for (const path of this.figures) if (!isSame(figureAt(before.sheets, path), figureAt(after.sheets, path))) return false;
    for (const list of this.lists) if (!isSame(rowsOf(before.lists, list), rowsOf(after.lists, list))) return false;
    for (const key of this.rules) if (before.maker[key] !== after.maker[key]) return false;
    for (const key of this.wholes) if (before[key] !== after[key]) return false;
    return true;
  }
}
/** Notes nothing: for what is checked once. */
class NoRests extends Rests {
  override addFigure(): void {}
  override addList(): void {}
  override addRule(): void {}
  override addAll(): void {}
  override watch(build: Build): Build {
    return build;
  }
}
export const noRests: Rests = new NoRests();

const isFigure = (part: unknown): part is Figure<unknown> =>
  typeof part === 'object' && part !== null && 'planned' in part && 'fitted' in part;
/** The same object; or a figure of the same values, or a list that is empty both times, which are made anew for each who asks. */
function isSame(was: unknown, is: unknown): boolean {
  if (was === is) return true;
  if (isFigure(was) && isFigure(is)) return was.planned === is.planned && was.fitted === is.fitted && was.assumed === is.assumed;
  return Array.isArray(was) && Array.isArray(is) && was.length === 0 && is.length === 0;
}
