'use client';
import { useMemo } from 'react';
import { rowsOf, type CellValue, type ListId, type RowOf } from '../../../core/build/lists';
import type { RowChange } from '../../../core/commands/changeRows';
import { useWorkspace } from '../../sync/useWorkspace';

/** Rows of a list, and ways to change them; each way answers why not, or with nothing. */
export function useRows<L extends ListId>(list: L) {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  return useMemo(() => {
    const rows = rowsOf(settled.lists, list);
    const change = (changes: RowChange[]) => (changes.length === 0 ? [] : send({ kind: 'rows', changes }));
    return {
      rows,
      mayWork,
      change,
      add: (...values: Partial<Omit<RowOf<L>, 'id'>>[]) =>
        change(
          values.map((value) => ({
            list,
            row: crypto.randomUUID(),
            action: 'add',
            values: value as Record<string, CellValue>,
          })),
        ),
      set: (row: { readonly id: string }, column: string, to: CellValue | null) =>
        change([
          {
            list,
            row: row.id,
            action: 'set',
            column,
            from: (row as Record<string, CellValue | undefined>)[column] ?? null,
            to,
          },
        ]),
      remove: (row: { readonly id: string }) => change([{ list, row: row.id, action: 'remove' }]),
    };
  }, [settled, send, mayWork, list]);
}
