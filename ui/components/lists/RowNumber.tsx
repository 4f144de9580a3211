'use client';
import { columnAt, lists, type AnyRow, type ListId } from '../../../core/build/lists';
import { cellProblem, rowName } from '../../../core/commands/changeRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { TypedCell } from '../cells/TypedCell';

/** A number of a row, typed: in its list, or where it stands on a drawing. */
export function RowNumber({
  list,
  row,
  column: name,
  besideUnit,
  describedBy,
  set,
  onProblem,
}: {
  list: ListId;
  row: AnyRow;
  column: string;
  besideUnit: string;
  describedBy: string;
  set: (value: number | null) => string[];
  onProblem: (problem: string) => void;
}) {
  const { settled } = useWorkspace('settled');
  const column = columnAt(list, name);
  const kept = row[name];
  if (column?.kind !== 'number') return null;
  return (
    <TypedCell
      name={`${column.label}, ${rowName(list, row)}`}
      label={`${lists[list].label}, ${column.label.toLowerCase()}`}
      kept={typeof kept === 'number' ? kept : null}
      unit={column.unit}
      decimals={column.decimals}
      allowed={column}
      besideUnit={besideUnit}
      draftKey={`${settled.id}:list/${list}/${row.id}/${name}`}
      describedBy={describedBy}
      commit={set}
      check={(value) => cellProblem(list, name, value)}
      onProblem={onProblem}
    />
  );
}
