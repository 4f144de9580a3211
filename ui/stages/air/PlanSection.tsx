'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { sections } from '../../../core/build/sections';
import { Caution, manualFirst } from '../../components/Caution';
import { FigureTable } from '../../components/cells/FigureTable';
import { FoldedFigures } from '../../components/lists/FoldedFigures';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useRowCount } from '../../components/useRowCount';
import { useWorkspace } from '../../sync/useWorkspace';
import { air as t } from '../../texts/en/air';
import { stages as shared } from '../../texts/en/stages';
import { OutsideSheet } from './OutsideSheet';

const { figures } = sections.air.plan;

/** Where the two ends stand against the body, its openings, and each other. */
export function PlanSection() {
  const [selected, setSelected] = useState<string | null>(null);
  const count = useRowCount();
  const { settled } = useWorkspace('settled');
  return (
    <>
      <p className="soft">{t.dragAnEnd}</p>
      <OutsideSheet selected={selected} onSelect={setSelected} />
      <FigureTable paths={figures['The two ends']} caption={t.theTwoEnds} />
      <Fold title={t.outside} note={count('outside', t.thing)} startOpen>
        <p className="soft">{t.outsideHint}</p>
        <RowList
          list="outside"
          main={['name', 'kind', 'xMm', 'yMm', 'lengthMm', 'widthMm']}
          more={['heightMm']}
          selected={selected}
          onSelect={setSelected}
          fresh={() => ({ kind: 'window', lengthMm: 600, widthMm: 40 })}
        />
      </Fold>
      <div className="inline">
        {(['svg', 'dxf'] as const).map((format) => (
          <Button key={format} href={`/api/builds/${settled.id}/outside?format=${format}`} download>
            {t.planAs({ format: format.toUpperCase() })}
          </Button>
        ))}
      </div>
      <FoldedFigures title={t.endsByFigures} note={t.endsByFiguresNote} paths={figures['Where the ends stand']} />
      <FoldedFigures title={t.outline} note={t.outlineNote} paths={figures['The body’s outline']} />
      <Caution>{shared.exhaustGasKillsWithoutASmell({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
