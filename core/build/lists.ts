import type { Layer } from '../physics/heat/uValue';
import type { Column } from './field';
import { lists } from './listTable';

export { lists };
export type Lists = typeof lists;
export type ListId = keyof Lists;
export const listIds = Object.keys(lists) as ListId[];
export type ColumnName<L extends ListId> = keyof Lists[L]['columns'] & string;
export type CellValue = string | number | readonly Layer[];
type CellOf<C> = C extends { kind: 'number' }
  ? number
  : C extends { kind: 'choice'; options: infer O }
    ? keyof O & string
    : C extends { kind: 'layers' }
      ? readonly Layer[]
      : string;
export type RowOf<L extends ListId> = { readonly id: string } & {
  readonly [K in ColumnName<L>]?: CellOf<Lists[L]['columns'][K]>;
};
export type ListValues = { [L in ListId]?: RowOf<L>[] };

/** A row whatever its list. */
export type AnyRow = { readonly id: string } & Readonly<Record<string, CellValue | undefined>>;

export const isListId = (id: string): id is ListId => Object.hasOwn(lists, id);
export const columnsOf = (list: ListId): Readonly<Record<string, Column>> => lists[list].columns;
/** The column of a list; undefined where there is none of that name. */
export const columnAt = (list: ListId, name: string): Column | undefined =>
  Object.hasOwn(columnsOf(list), name) ? columnsOf(list)[name] : undefined;
export const rowsOf = <L extends ListId>(values: ListValues | undefined, list: L): readonly RowOf<L>[] => values?.[list] ?? [];
