'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { families, type Family } from '../../../core/build/unit/UnitCard';
import { startingLists, type PartRow } from '../../../core/model/kit/startingLists';
import { readRowsCsv, rowsCsvMaxBytes, writeRowsCsv } from '../../../formats/rowsCsv';
import { formatFixed } from '../../../core/units/formatNumber';
import { FileButton } from '../../components/cells/FileButton';
import { Problems } from '../../components/cells/Problems';
import { saveAs } from '../../components/lists/saveAs';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { kit as t } from '../../texts/en/kit';

/** Ways to fill the list of parts: the workshop's own list, or a file. */
export function PartListButtons() {
  const { settled } = useWorkspace('settled');
  const { rows, add, mayWork } = useRows('parts');
  const [problems, setProblems] = useState<string[]>([]);
  const fill = async (family: Family) => {
    // Without a way through, the list that Lorbet begins with does.
    let list: readonly PartRow[] = startingLists[family];
    try {
      const response = await fetch('/api/part-lists');
      if (response.ok) list = ((await response.json()) as Record<Family, { rows: PartRow[] }>)[family].rows;
    } catch {
      // Offline: as above.
    }
    setProblems(add(...list.map((row) => ({ ...row }))));
  };
  const bringIn = async (chosen: File | undefined) => {
    if (!chosen) return;
    if (chosen.size > rowsCsvMaxBytes)
      setProblems([
        t.holdsBytesAtMostAreAllowed({
          name: chosen.name,
          size: formatFixed(chosen.size),
          rowsCsvMaxBytes: formatFixed(rowsCsvMaxBytes),
        }),
      ]);
    else {
      const read = readRowsCsv('parts', await chosen.text());
      setProblems(read.ok ? add(...(read.rows as Partial<PartRow>[])) : read.errors);
    }
  };
  return (
    <>
      <Box className="inline" sx={{ margin: '8px 0' }}>
        {mayWork &&
          rows.length === 0 &&
          (Object.keys(families) as Family[]).map((family) => (
            <Button key={family} variant="contained" onClick={() => void fill(family)}>
              {t.theUsualParts({ family: families[family] })}
            </Button>
          ))}
        {mayWork && (
          <FileButton name="Parts, CSV" accept=".csv,text/csv" onFiles={([first]) => void bringIn(first)}>
            {t.importPartsCsv}
          </FileButton>
        )}
        {rows.length > 0 && (
          <Button
            onClick={() =>
              saveAs(
                writeRowsCsv('parts', rows),
                'text/csv',
                `${settled.identity.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-parts.csv`,
              )
            }
          >
            {t.downloadListCsv}
          </Button>
        )}
      </Box>
      <Problems all={problems} />
    </>
  );
}
