import type { Build } from '../build/Build';
import type { Figure } from '../build/field';
import { rowsOf, type ListId } from '../build/lists';
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

type Part = `figure ${FigurePath}` | `list ${ListId}` | `rule ${LimitKey}` | `whole ${keyof Build}`;

/** The part of a build that a result rests on, as it is now. Builds are never changed in place, so a part that is the same object is unchanged. */
function partOf(build: Build, part: Part): unknown {
  const at = part.indexOf(' ');
  const [kind, key] = [part.slice(0, at), part.slice(at + 1)];
  if (kind === 'figure') return figureAt(build.sheets, key as FigurePath);
  if (kind === 'list') return rowsOf(build.lists, key as ListId);
  if (kind === 'whole') return build[key as keyof Build];
  return build.maker[key as LimitKey];
}

/** What of a build a result rests on. */
export class Rests {
  private readonly parts = new Set<Part>();

  add(part: Part): void {
    this.parts.add(part);
  }
  addAll(others: Rests): void {
    for (const part of others.parts) this.parts.add(part);
  }
  /** The build, with every part noted that is looked at. */
  watch(build: Build): Build {
    return watched(build, (key, value) => {
      // Of sheets and lists only what is looked at; of all else the whole.
      if (key === 'sheets') return watched(value as object, (sheet, table) => this.watchSheet(sheet, table as object));
      if (key === 'lists' && value !== undefined)
        return watched(value as object, (list, rows) => {
          this.parts.add(`list ${list as ListId}`);
          return rows;
        });
      this.parts.add(`whole ${key as keyof Build}`);
      return value;
    });
  }
  private watchSheet(sheet: string, table: object | undefined): object | undefined {
    if (table === undefined) {
      this.parts.add('whole sheets');
      return undefined;
    }
    return watched(table, (name, figure) => {
      this.parts.add(`figure ${sheet}.${name}` as Part);
      return figure;
    });
  }
  /** Whether a result that was made of one build holds for another. */
  holdFor(before: Build, after: Build): boolean {
    for (const part of this.parts) {
      if (!isSame(partOf(before, part), partOf(after, part))) return false;
      if (part.startsWith('rule ') && before.practices !== after.practices) return false;
    }
    return true;
  }
}
const isFigure = (part: unknown): part is Figure<unknown> =>
  typeof part === 'object' && part !== null && 'planned' in part && 'fitted' in part;
/** The same object; or a figure of the same values, or a list that is empty both times, which are made anew for each who asks. */
function isSame(was: unknown, is: unknown): boolean {
  if (was === is) return true;
  if (isFigure(was) && isFigure(is)) return was.planned === is.planned && was.fitted === is.fitted;
  return Array.isArray(was) && Array.isArray(is) && was.length === 0 && is.length === 0;
}
