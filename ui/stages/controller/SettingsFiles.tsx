'use client';
import { useState } from 'react';
import { readSettingsCsv, settingsCsvMaxBytes, unitNameOf, writeSettingsCsv } from '../../../formats/settingsCsv';
import { formatFixed } from '../../../core/units/formatNumber';
import { Button } from '@mui/material';
import { FileButton } from '../../components/cells/FileButton';
import { Problems } from '../../components/cells/Problems';
import { saveAs } from '../../components/lists/saveAs';
import { useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';

/** Settings as a file, out and in; one of another unit is refused. */
export function SettingsFiles() {
  const { settled, send, mayWork, origins } = useWorkspace('settled', 'send', 'mayWork', 'origins');
  const [problems, setProblems] = useState<string[]>([]);
  const bringIn = async (chosen: File | undefined) => {
    if (!chosen) return;
    if (chosen.size > settingsCsvMaxBytes) {
      setProblems([t.tooLarge({ name: chosen.name, size: formatFixed(chosen.size), most: formatFixed(settingsCsvMaxBytes) })]);
      return;
    }
    const read = readSettingsCsv(settled, await chosen.text());
    if (!read.ok) setProblems(read.errors);
    else if (read.changes.length === 0 && read.rows.length === 0) setProblems([t.nothingNew]);
    else
      setProblems([
        ...(read.changes.length > 0 ? send({ kind: 'figures', changes: read.changes }) : []),
        ...(read.rows.length > 0
          ? send({ kind: 'rows', changes: read.rows.map((change) => ({ ...change, row: crypto.randomUUID() })) })
          : []),
      ]);
  };
  return (
    <>
      <div className="inline">
        <Button
          onClick={() =>
            saveAs(
              writeSettingsCsv(settled, origins),
              'text/csv',
              `${
                unitNameOf(settled)
                  .toLowerCase()
                  .replace(/[^a-z0-9]+/g, '-') || 'unit'
              }-settings.csv`,
            )
          }
        >
          {t.saveCsv}
        </Button>
        {mayWork && (
          <FileButton name={t.csvField} accept=".csv,text/csv" onFiles={([first]) => void bringIn(first)}>
            {t.readCsv}
          </FileButton>
        )}
      </div>
      <Problems all={problems} />
    </>
  );
}
