'use client';
import type { ListId, RowOf } from '../../../core/build/lists';
import { CellPick, Options } from '../cells/CellInput';
import { useRows } from './useRows';

/** A cell of a row that names another row. */
export function RowPick<L extends ListId>({
  list,
  row,
  column,
  label,
  of,
  empty,
}: {
  list: L;
  row: RowOf<L> & { readonly name?: string };
  column: keyof RowOf<L> & string;
  label: string;
  /** what can be named, by id */ of: Readonly<Record<string, string>>;
  /** what is shown where none is */ empty: string;
}) {
  const { set, mayWork } = useRows(list);
  const named = row[column];
  return (
    <div className="row-cell" data-column={column}>
      <span className="row-label">{label}</span>
      <CellPick
        name={`${label}, ${row.name ?? ''}`}
        value={typeof named === 'string' && named in of ? named : ''}
        disabled={!mayWork}
        onChoose={(id) => void set(row, column, id === '' ? null : id)}
      >
        <Options of={of} empty={empty} />
      </CellPick>
    </div>
  );
}
