'use client';
import { Button, IconButton } from '@mui/material';
import { CellInput, CellPick, Options } from '../../components/cells/CellInput';
import { cards as t } from '../../texts/en/cards';
import { numeric } from './numeric';

/** A column of such a list: text, a number, or one of some answers. */
export type CardColumn =
  | { key: string; label: string; kind: 'text'; max: number }
  | { key: string; label: string; kind: 'number'; unit: string }
  | { key: string; label: string; kind: 'choice'; options: Readonly<Record<string, string>> };
type Row = Readonly<Record<string, string | number | undefined>>;

/** A list of a card, row by row: faults, the course of a start, holes. What is wrong in it is told when the card is kept. */
export function CardRows<R extends object>({
  title,
  one,
  columns,
  rows,
  fresh,
  mayChange,
  onChange,
}: {
  title: string;
  one: string;
  columns: readonly CardColumn[];
  rows: readonly R[];
  fresh: R;
  mayChange: boolean;
  onChange: (rows: R[]) => void;
}) {
  const set = (at: number, key: string, value: unknown) =>
    onChange(rows.map((row, i) => (i === at ? { ...row, [key]: value } : row)));
  return (
    <>
      <h3>{title}</h3>
      <ul className="plain">
        {rows.map((row, i) => (
          <li key={i} className="card-line">
            {columns.map((column) => {
              const value = (row as Row)[column.key];
              const name = t.columnOf({ label: column.label, one, n: i + 1 });
              return (
                <label key={column.key} className={`card-${column.kind}`}>
                  <span className="soft" aria-hidden>
                    {column.kind === 'number' ? `${column.label}, ${column.unit}` : column.label}
                  </span>
                  {column.kind === 'choice' ? (
                    <CellPick
                      name={name}
                      value={String(value ?? '')}
                      disabled={!mayChange}
                      onChoose={(chosen) => set(i, column.key, chosen === '' ? undefined : chosen)}
                    >
                      <Options of={column.options} empty="" />
                    </CellPick>
                  ) : (
                    <CellInput
                      look="text"
                      name={name}
                      value={String(value ?? '')}
                      readOnly={!mayChange}
                      field={column.kind === 'text' ? { maxLength: column.max } : { inputMode: 'decimal', maxLength: 12 }}
                      onChange={({ target }) =>
                        set(
                          i,
                          column.key,
                          column.kind === 'text' ? target.value : target.value === '' ? undefined : numeric(target.value),
                        )
                      }
                    />
                  )}
                </label>
              );
            })}
            {mayChange && (
              <IconButton aria-label={t.removeRow({ one, n: i + 1 })} onClick={() => onChange(rows.filter((_, k) => k !== i))}>
                ×
              </IconButton>
            )}
          </li>
        ))}
      </ul>
      {mayChange && <Button onClick={() => onChange([...rows, fresh])}>{t.addOne({ one })}</Button>}
    </>
  );
}
