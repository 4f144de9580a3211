'use client';
import { Button, IconButton } from '@mui/material';
import { useState } from 'react';
import { partKinds, weakKinds } from '../../../core/build/lists';
import { families, startingLists, type Family, type PartRow } from '../../../core/model/kit/startingLists';
import { readRowsCsv, writeRowsCsv } from '../../../formats/rowsCsv';
import { FileButton } from '../../components/cells/FileButton';
import { saveAs } from '../../components/lists/saveAs';
import { postJson } from '../../sync/postJson';

export type PartLists = Record<Family, { rows: PartRow[]; version: number }>;
const columns = ['name', 'kind', 'needed', 'weak'] as const;

/** The workshop's part lists, one a family: what a kit should hold. New builds are filled from them. */
export function PartListEditor({ kept, mayChange }: { kept: PartLists; mayChange: boolean }) {
  const [lists, setLists] = useState(kept);
  const [family, setFamily] = useState<Family>('air');
  const [told, setTold] = useState<{ text: string; bad: boolean } | null>(null);
  const { rows, version } = lists[family];
  const change = (next: PartRow[]) => setLists((old) => ({ ...old, [family]: { ...old[family], rows: next } }));
  const edit = (at: number, part: Partial<PartRow>) => change(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
  const keep = async () => {
    const done = await postJson<PartLists>('/api/part-lists', { family, version, rows });
    setTold(
      done.ok
        ? { text: `Kept, ${families[family]}: ${rows.length} parts.`, bad: false }
        : { text: done.errors.join(' '), bad: true },
    );
    if (done.ok) setLists((old) => ({ ...old, [family]: done.value[family] }));
  };
  const bringIn = async (chosen: File | undefined) => {
    if (!chosen) return;
    const read = readRowsCsv('parts', await chosen.text(), columns);
    if (read.ok) change(read.rows);
    setTold(
      read.ok
        ? { text: `${read.rows.length} parts read; keep them to make them the workshop’s.`, bad: false }
        : { text: read.errors.join(' '), bad: true },
    );
  };
  return (
    <section aria-label="Part lists">
      <div className="inline" role="group" aria-label="Family" style={{ margin: '8px 0' }}>
        {(Object.keys(families) as Family[]).map((id) => (
          <Button key={id} aria-pressed={family === id} onClick={() => setFamily(id)}>
            {families[id]}
          </Button>
        ))}
      </div>
      <ul className="part-list">
        {rows.map((row, i) => (
          <li key={i}>
            <input
              className="cell-input text"
              aria-label={`Part ${i + 1}, name`}
              value={row.name ?? ''}
              maxLength={80}
              readOnly={!mayChange}
              onChange={(event) => edit(i, { name: event.target.value })}
            />
            <select
              className="cell-input"
              aria-label={`Part ${i + 1}, kind`}
              value={row.kind ?? 'other'}
              disabled={!mayChange}
              onChange={(event) => edit(i, { kind: event.target.value as keyof typeof partKinds })}
            >
              {Object.entries(partKinds).map(([id, label]) => (
                <option key={id} value={id}>
                  {label}
                </option>
              ))}
            </select>
            <input
              className="cell-input"
              type="number"
              min={1}
              max={999}
              aria-label={`Part ${i + 1}, needed`}
              value={row.needed ?? 1}
              readOnly={!mayChange}
              onChange={(event) => edit(i, { needed: Math.round(Number(event.target.value)) })}
            />
            <select
              className="cell-input"
              aria-label={`Part ${i + 1}, known as weak`}
              value={row.weak ?? 'none'}
              disabled={!mayChange}
              onChange={(event) => edit(i, { weak: event.target.value as keyof typeof weakKinds })}
            >
              {Object.entries(weakKinds).map(([id, label]) => (
                <option key={id} value={id}>
                  {label}
                </option>
              ))}
            </select>
            {mayChange && (
              <IconButton aria-label={`Take part ${i + 1} out`} onClick={() => change(rows.filter((_, k) => k !== i))}>
                ×
              </IconButton>
            )}
          </li>
        ))}
      </ul>
      {told && (
        <p className={told.bad ? 'error-line' : undefined} role={told.bad ? 'alert' : 'status'} style={{ marginTop: 6 }}>
          {told.text}
        </p>
      )}
      <div className="inline" style={{ marginTop: 10 }}>
        {mayChange && (
          <>
            <Button variant="contained" onClick={() => void keep()}>
              Keep this list
            </Button>
            <Button onClick={() => change([...rows, { name: 'part', kind: 'other', needed: 1 }])}>One part more</Button>
            <FileButton name="Part list, CSV" accept=".csv,text/csv" onFiles={([first]) => void bringIn(first)}>
              Import a list (CSV)
            </FileButton>
            <Button onClick={() => change([...startingLists[family]])}>As Lorbet begins</Button>
          </>
        )}
        <Button onClick={() => saveAs(writeRowsCsv('parts', rows, columns), 'text/csv', `parts-${family}.csv`)}>
          Take it away (CSV)
        </Button>
      </div>
    </section>
  );
}
