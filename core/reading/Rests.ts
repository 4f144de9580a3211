import type { Build } from '../build/Build';
import { rowsOf, type ListId } from '../build/lists';
import { figureAt, type FigurePath } from '../build/sheets';
import type { LimitKey } from '../practices/limits';

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
    return new Proxy(build, {
      get: (target, key) => {
        if (typeof key === 'string') this.parts.add(`whole ${key as keyof Build}`);
        return Reflect.get(target, key) as unknown;
      },
    });
  }
  /** Whether a result that was made of one build holds for another. */
  holdFor(before: Build, after: Build): boolean {
    for (const part of this.parts) {
      const [was, is] = [partOf(before, part), partOf(after, part)];
      if (was !== is && !(isEmpty(was) && isEmpty(is))) return false;
      if (part.startsWith('rule ') && before.practices !== after.practices) return false;
    }
    return true;
  }
}
/** Where a build has no such list or sheet, an empty one is made for each who asks. */
const isEmpty = (part: unknown): boolean =>
  (Array.isArray(part) && part.length === 0) ||
  (typeof part === 'object' &&
    part !== null &&
    'planned' in part &&
    'fitted' in part &&
    part.planned === null &&
    part.fitted === null);
