import * as yup from 'yup';
import { identifier, oneOf, text } from '../../build/schemaParts';
import { columnAt, lists } from '../../build/lists';
import { originKey } from '../../record/Origin';
import { cellText, changeRows, rowName, rowNames, type RowChange } from '../changeRows';
import { changesOf, clash, defineCommand, refuse, shape } from '../define';

export interface RowsCommand {
  kind: 'rows';
  changes: RowChange[];
}

/** What a cell of a row can hold at the most; whether it may stand there is asked once it is known to be small. */
const cell = () =>
  yup
    .mixed()
    .nullable()
    .optional()
    .test('small', '${path} is too large for a cell', (value) => {
      if (typeof value === 'string') return value.length <= 2000;
      if (typeof value !== 'object' || value === null) return true;
      return Array.isArray(value) && value.length <= 20 && value.every((one) => Object.keys(Object(one) as object).length <= 4);
    });

interface Half {
  action?: string;
  values?: object;
  column?: string;
  from?: unknown;
  to?: unknown;
}
const isHalf = (c: Half): boolean =>
  (c?.action === 'add') !== (c?.values !== undefined) ||
  (c?.action === 'set') !== (c?.column !== undefined && c?.from !== undefined && c?.to !== undefined);

function rowText(change: RowChange, was: string): string {
  const { label, one } = lists[change.list];
  if (change.action === 'remove') return `${label}: ${was || one} removed`;
  if (change.action === 'set') {
    const column = columnAt(change.list, change.column);
    return `${label}: ${was || one}, ${column?.label.toLowerCase() ?? change.column} ${cellText(column, change.to)} (was ${cellText(column, change.from)})`;
  }
  const told = Object.entries(change.values)
    .filter(([name]) => name !== 'name' && name !== 'caption' && name !== 'partId')
    .map(([name, value]) => cellText(columnAt(change.list, name), value))
    .join(', ');
  return `${label}: ${rowName(change.list, change.values)} added${told ? ` (${told})` : ''}`;
}

/** Rows of the lists: added, changed cell by cell, removed. */
export const rowsCommand = defineCommand<RowsCommand>({
  kind: 'rows',
  permission: 'work',
  schema: shape(() => ({
    changes: changesOf({
      list: oneOf(lists),
      row: identifier(),
      action: oneOf({ add: 1, set: 1, remove: 1 }),
      values: yup.object().strict().optional().default(undefined),
      column: text(60, 1).optional(),
      from: cell(),
      to: cell(),
    }).test('whole', '', function (all) {
      const wrong = ((all ?? []) as Half[]).findIndex(isHalf);
      return (
        wrong === -1 ||
        this.createError({
          message: `changes[${wrong}] is not whole; allowed is add with values, set with column, from and to, or remove`,
        })
      );
    }),
  })),
  apply(build, { changes }) {
    const changed = changeRows(build, changes);
    if (changed.ok) return { ok: true, build: changed.build, body: { changes, names: rowNames(build, changes) } };
    return changed.errors.length > 0 ? refuse('invalid', ...changed.errors) : clash(changed.clashes);
  },
  describe(body) {
    const [changes, names] = [body.changes as RowChange[], (body.names ?? []) as string[]];
    const told = changes
      .slice(0, 3)
      .map((change, i) => rowText(change, names[i] ?? ''))
      .join('; ');
    return changes.length > 3 ? `${told}; and ${changes.length - 3} more` : told;
  },
  worksOn: ({ changes }) =>
    changes.some((c) => c.list === 'segments' && !(c.action === 'set' && c.column === 'name')) ? ['line'] : [],
  originKeys: (body) =>
    (body.changes as RowChange[]).flatMap((change) => {
      const columns = change.action === 'add' ? Object.keys(change.values) : change.action === 'set' ? [change.column] : [];
      return columns.map((column) => originKey.row(change.list, change.row, column));
    }),
  settle(command, clashes, choices) {
    const held = new Map(clashes.map((one) => [one.key, one.held ?? null]));
    const changes = command.changes.flatMap((c): RowChange[] => {
      const key = c.action === 'set' ? originKey.row(c.list, c.row, c.column) : '';
      if (c.action !== 'set' || !held.has(key)) return [c];
      return choices[key] === 'yours' ? [{ ...c, from: held.get(key) ?? null }] : [];
    });
    return changes.length > 0 ? { ...command, changes } : null;
  },
});
