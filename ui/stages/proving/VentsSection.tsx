'use client';
import { useState } from 'react';
import { rowsOf } from '../../../core/build/lists';
import { ventFigures } from '../../../core/figures/stageFigures';
import { sections } from '../../../core/build/sections';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { RowList } from '../../components/lists/RowList';
import { Caution, manualFirst } from '../../components/Caution';
import { useWorkspace } from '../../sync/useWorkspace';
import { proving as t } from '../../texts/en/proving';
import { VentPicture } from './VentPicture';

const sizes: Readonly<Record<string, string>> = { diaMm: 'round', widthMm: 'square', heightMm: 'square', eachCm2: 'stated' };

/** What lets people breathe: openings that can't be shut, high and low. */
export function VentsSection() {
  const [selected, setSelected] = useState<string | null>(null);
  const { settled } = useWorkspace('settled');
  // Where there are rows, nobody has to say that there are some.
  const some = rowsOf(settled.lists, 'vents').length > 0;
  const paths = sections.proving.vents.figures['Air to breathe'].filter((path) => !some || path !== 'proving.ventsThere');
  return (
    <>
      <p className="soft">{t.ventsHint}</p>
      <VentPicture selected={selected} onSelect={setSelected} />
      <RowList
        list="vents"
        main={['name', 'level', 'shape', 'pieces', 'diaMm', 'widthMm', 'heightMm', 'eachCm2', 'cover', 'blockedBy']}
        more={['blockedPercent', 'shuts', 'aboveFloorMm', 'through', 'xMm', 'yMm']}
        hide={(row, column) =>
          (column in sizes && sizes[column] !== (row.shape ?? 'square')) ||
          (column === 'cover' && row.shape === 'stated') ||
          (column === 'blockedPercent' && (row.blockedBy ?? 'nothing') === 'nothing')
        }
        fresh={() => ({ level: 'high', shape: 'square', pieces: 1, cover: 'mesh6', shuts: 'no', blockedBy: 'nothing' })}
        selected={selected}
        onSelect={setSelected}
      />
      <FigureTable paths={paths} caption={t.airToBreathe} />
      <DerivedFigures keys={ventFigures} />
      <Caution>
        {t.ventCaution} {manualFirst()}
      </Caution>
    </>
  );
}
