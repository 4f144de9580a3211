'use client';
import { Box, Button, IconButton } from '@mui/material';
import { useState } from 'react';
import { partKinds, weakKinds } from '../../../core/build/listKinds';
import { families, type Family } from '../../../core/build/unit/UnitCard';
import { startingLists, type PartRow } from '../../../core/model/kit/startingLists';
import { readRowsCsv, writeRowsCsv } from '../../../formats/rowsCsv';
import { FileButton } from '../../components/cells/FileButton';
import { saveAs } from '../../components/lists/saveAs';
import { CellInput, CellPick, Options } from '../../components/cells/CellInput';
import { postJson } from '../../sync/postJson';
import { settings as t } from '../../texts/en/settings';

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
        ? { text: t.keptParts({ family: families[family], n: rows.length }), bad: false }
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
        ? { text: t.partsReadKeepThemToMake({ n: read.rows.length }), bad: false }
        : { text: read.errors.join(' '), bad: true },
    );
  };
  return (
    <section aria-label={t.partLists}>
      <Box className="inline" role="group" aria-label={t.family} sx={{ margin: '8px 0' }}>
        {(Object.keys(families) as Family[]).map((id) => (
          <Button key={id} aria-pressed={family === id} onClick={() => setFamily(id)}>
            {families[id]}
          </Button>
        ))}
      </Box>
      <ul className="part-list">
        {rows.map((row, i) => (
          <li key={i}>
            <CellInput
              look="text"
              name={t.partName({ i: i + 1 })}
              value={row.name ?? ''}
              field={{ maxLength: 80 }}
              readOnly={!mayChange}
              onChange={(event) => edit(i, { name: event.target.value })}
            />
            <CellPick
              name={t.partKind({ i: i + 1 })}
              value={row.kind ?? 'other'}
              disabled={!mayChange}
              onChoose={(id) => edit(i, { kind: id as keyof typeof partKinds })}
            >
              <Options of={partKinds} />
            </CellPick>
            <CellInput
              type="number"
              name={t.partNeeded({ i: i + 1 })}
              value={row.needed ?? 1}
              field={{ min: 1, max: 999 }}
              readOnly={!mayChange}
              onChange={(event) => edit(i, { needed: Math.round(Number(event.target.value)) })}
            />
            <CellPick
              name={t.partKnownAsWeak({ i: i + 1 })}
              value={row.weak ?? 'none'}
              disabled={!mayChange}
              onChoose={(id) => edit(i, { weak: id as keyof typeof weakKinds })}
            >
              <Options of={weakKinds} />
            </CellPick>
            {mayChange && (
              <IconButton aria-label={t.removePart({ i: i + 1 })} onClick={() => change(rows.filter((_, k) => k !== i))}>
                ×
              </IconButton>
            )}
          </li>
        ))}
      </ul>
      {told && (
        <Box component="p" className={told.bad ? 'error-line' : undefined} role={told.bad ? 'alert' : 'status'} sx={{ mt: 0.75 }}>
          {told.text}
        </Box>
      )}
      <Box className="inline" sx={{ mt: 1.25 }}>
        {mayChange && (
          <>
            <Button variant="contained" onClick={() => void keep()}>
              {t.keepThisList}
            </Button>
            <Button onClick={() => change([...rows, { name: 'part', kind: 'other', needed: 1 }])}>{t.onePartMore}</Button>
            <FileButton name="Part list, CSV" accept=".csv,text/csv" onFiles={([first]) => void bringIn(first)}>
              {t.importAListCsv}
            </FileButton>
            <Button onClick={() => change([...startingLists[family]])}>{t.asLorbetBegins}</Button>
          </>
        )}
        <Button onClick={() => saveAs(writeRowsCsv('parts', rows, columns), 'text/csv', `parts-${family}.csv`)}>
          {t.downloadListCsv}
        </Button>
      </Box>
    </section>
  );
}
