import type { DemoLists } from './DemoLists';

interface Row {
  id: string;
  name?: string;
  fromId?: string;
  toId?: string;
}
/** In which list stands what a row names: a wire names parts, a duct another duct. */
const namesIn: Readonly<Record<string, string>> = { cables: 'loomParts' };

/** The lists of a demo build, each row with an id; what a row names by its name gets the id of that row. */
export function rowsWithIds(lists: DemoLists | undefined, newId: () => string): Record<string, Row[]> {
  const made = Object.fromEntries(
    Object.entries(lists ?? {}).map(([list, rows]) => [list, rows.map((row): Row => ({ ...row, id: newId() }))]),
  );
  return Object.fromEntries(
    Object.entries(made).map(([list, rows]) => {
      const ids = new Map((made[namesIn[list] ?? list] ?? []).map(({ name, id }) => [name, id]));
      const named = (key: 'fromId' | 'toId', row: Row) =>
        row[key] === undefined ? {} : { [key]: ids.get(row[key]) ?? row[key] };
      return [list, rows.map((row) => ({ ...row, ...named('fromId', row), ...named('toId', row) }))];
    }),
  );
}
