import type { ListId } from './lists';
import type { FigurePath } from './sheets';
import { isSheetId, sectionsOf, sheetIds, type Section, type SheetId } from './sections';
import type { StageId } from './stages';

/** A place in a build: the sheet, and the section of it. */
export interface Place {
  sheet: SheetId;
  section: string;
}

/** The section of that name, or else the first of the sheet. */
export function sectionAt(id: SheetId, name: string | undefined): string {
  const all = sectionsOf(id);
  return name !== undefined && Object.hasOwn(all, name) ? name : (Object.keys(all)[0] ?? '');
}
/** Where a place of a build stands, as an address; the first section of a sheet needs no name of its own. */
export function placeHref(buildId: string, { sheet: id, section: name }: Place): string {
  return `/builds/${buildId}/${id}${name === sectionAt(id, undefined) ? '' : `/${name}`}`;
}

/** The place that an address names; the first section of the fuel sheet where it names none. */
export function placeOfAddress(path: string): Place {
  const [, , , named, name] = path.split('/');
  const id = isSheetId(named) ? named : 'fuel';
  return { sheet: id, section: sectionAt(id, name) };
}

const places: readonly (Place & { entry: Section })[] = sheetIds.flatMap((id) =>
  Object.entries(sectionsOf(id)).map(([name, entry]) => ({ sheet: id, section: name, entry })),
);
const figurePlaces = new Map<FigurePath, Place>(
  places.flatMap(({ sheet: id, section: name, entry }) =>
    Object.values(entry.figures).flatMap((paths) => paths.map((path) => [path, { sheet: id, section: name }] as const)),
  ),
);
/** Where a list is kept. */
export function placeOfList(list: ListId): Place {
  const place = places.find(({ entry }) => entry.lists.includes(list));
  if (!place) throw new Error(`No section holds the list ${list}.`);
  return { sheet: place.sheet, section: place.section };
}
const begins = (id: string, beginning: string) => id === beginning || id.startsWith(`${beginning}.`);

/** Where a figure is entered. */
export function placeOfFigure(path: FigurePath): Place {
  const place = figurePlaces.get(path);
  if (!place) throw new Error(`No section holds the figure ${path}.`);
  return place;
}
// Asked of every finding by every tab, at every keystroke; the answer is the same as long as the program runs.
const checkPlaces = new Map<string, Place>();
/** Where a check of a stage is told: the section whose entry names it most closely, or else the first of its stage. */
export function placeOfCheck({ id, stage }: { id: string; stage: StageId }): Place {
  const known = checkPlaces.get(id);
  if (known) return known;
  const closest = places
    .filter((place) => place.sheet === stage)
    .flatMap(({ section: name, entry }) =>
      entry.checks.filter((check) => begins(id, check)).map((check) => ({ section: name, length: check.length })),
    )
    .sort((a, b) => b.length - a.length)[0];
  const place = { sheet: stage, section: closest?.section ?? sectionAt(stage, undefined) };
  checkPlaces.set(id, place);
  return place;
}
