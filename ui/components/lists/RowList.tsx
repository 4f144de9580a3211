'use client';
import { Button, Collapse, IconButton } from '@mui/material';
import { X } from 'lucide-react';
import { useId, useState, type ReactNode } from 'react';
import { lists, type AnyRow, type ListId, type RowOf } from '../../../core/build/lists';
import { rowName } from '../../../core/commands/changeRows';
import { RowCell } from './RowCell';
import { Sortable, SortableBox } from './Sortable';
import { useRows } from './useRows';
import { parts as t } from '../../texts/en/parts';

interface Props<L extends ListId> {
  list: L;
  /** Columns shown at once, and those behind "more". */
  main: readonly string[];
  more?: readonly string[];
  /** What a new row begins with. */
  fresh?: () => Partial<Omit<RowOf<L>, 'id'>>;
  /** Which rows are shown, and in which order; all as kept where none is given. */
  order?: (rows: readonly RowOf<L>[]) => readonly RowOf<L>[];
  /** Whether rows are added here; not where another list shows the rest of them. */
  addable?: boolean;
  /** What adds a row, where that takes more than a fresh one. */
  onAdd?: () => void;
  /** Which columns a row has no use for. */
  hide?: (row: RowOf<L>, column: string) => boolean;
  selected?: string | null;
  onSelect?: (id: string | null) => void;
  extra?: (row: RowOf<L>) => ReactNode;
  /** Behind "more", under its columns. */
  moreExtra?: (row: RowOf<L>) => ReactNode;
  /** Moves a row to another place, where the order of rows means something. */
  onMove?: (id: string, to: number) => void;
}

/** The rest of a row; made only when it is asked for, since a list may hold two hundred. */
function RowMore({ name, children }: { name: string; children: ReactNode }) {
  const [open, setOpen] = useState(false);
  const id = useId();
  return (
    <div className={open ? 'row-more open' : 'row-more'}>
      <Button
        variant="text"
        aria-label={t.moreOf({ name })}
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
      >
        {open ? t.less : t.more}
      </Button>
      <Collapse in={open} unmountOnExit id={id}>
        {children}
      </Collapse>
    </div>
  );
}

/** A list of a build as rows to type in: each a line of cells on a wide screen, a block on a narrow one. */
export function RowList<L extends ListId>({
  list,
  main,
  more = [],
  fresh,
  order,
  addable = true,
  onAdd,
  hide,
  selected,
  onSelect,
  extra,
  moreExtra,
  onMove,
}: Props<L>) {
  const { rows: kept, add, set, remove, mayWork } = useRows(list);
  const rows = order ? order(kept) : kept;
  const [problems, setProblems] = useState<string[]>([]);
  const { one, max, label } = lists[list];
  const shown = (row: RowOf<L>, columns: readonly string[]) => columns.filter((column) => !hide?.(row, column));
  const cells = (row: RowOf<L>, columns: readonly string[]) =>
    shown(row, columns).map((column) => (
      <RowCell key={column} list={list} row={row as AnyRow} column={column} set={(value) => set(row, column, value)} />
    ));
  const attributes = (row: RowOf<L>, i: number) => ({
    className: selected === row.id ? 'row lit' : 'row',
    'data-row': row.id,
    onFocus: () => onSelect?.(row.id),
    'aria-label': `${one} ${i + 1}: ${rowName(list, row)}`,
  });
  const inRow = (row: RowOf<L>, grip: ReactNode) => {
    const name = rowName(list, row);
    return (
      <>
        <div className="row-cells">
          {grip}
          {cells(row, main)}
          {extra?.(row)}
          {mayWork && (
            <IconButton aria-label={t.remove({ name })} title={t.remove({ name })} onClick={() => setProblems(remove(row))}>
              <X size={18} />
            </IconButton>
          )}
        </div>
        {shown(row, more).length > 0 && (
          <RowMore name={name}>
            <div className="row-cells">{cells(row, more)}</div>
            {moreExtra?.(row)}
          </RowMore>
        )}
      </>
    );
  };
  return (
    <section aria-label={label} className="rows">
      {onMove && mayWork ? (
        // Round the list: what tells a reader of a move is no row of it.
        // Round the list: what tells a reader of a move is no row of it.
        <Sortable ids={rows.map(({ id }) => id)} onMove={onMove}>
          <ul>
            {rows.map((row, i) => (
              <SortableBox key={row.id} id={row.id} name={rowName(list, row)} component="li" {...attributes(row, i)}>
                {(grip) => inRow(row, grip)}
              </SortableBox>
            ))}
          </ul>
        </Sortable>
      ) : (
        <ul>
          {rows.map((row, i) => (
            <li key={row.id} {...attributes(row, i)}>
              {inRow(row, null)}
            </li>
          ))}
        </ul>
      )}
      {problems.length > 0 && (
        <p className="error-line" role="alert">
          {problems.join(' ')}
        </p>
      )}
      {mayWork && addable && (
        <Button disabled={kept.length >= max} onClick={() => (onAdd ? onAdd() : setProblems(add(fresh?.() ?? {})))}>
          {t.oneMore({ one })}
        </Button>
      )}
    </section>
  );
}
