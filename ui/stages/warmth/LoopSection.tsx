'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { isListAssumed, takeAssumed } from '../../../core/build/takeAssumed';
import { sections } from '../../../core/build/sections';
import { valueAt } from '../../../core/build/sheets';
import { addPart, firstLoop, inOrder, movePart } from '../../../core/drawing/line/editLoop';
import { stageFigures } from '../../../core/figures/stageFigures';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { NetworkLink } from '../../components/NetworkLink';
import { Problems } from '../../components/cells/Problems';
import { Fold } from '../../components/lists/Fold';
import { FoldedFigures } from '../../components/lists/FoldedFigures';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { warmth as t } from '../../texts/en/warmth';
import { FillClock } from './FillClock';
import { RoundLoop } from './RoundLoop';
import { LoopSheet } from './LoopSheet';

const { figures } = sections.warmth.loop;

/** The coolant loop: as it is passed, as rows, what is in it and how it is filled. */
export function LoopSection() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const { rows, add, change } = useRows('loop');
  const [selected, select] = useState<string | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const way = valueAt(takeAssumed(settled).sheets, 'warmth.way');
  if (way !== 'loop' && rows.length === 0)
    return (
      <>
        <p className="soft">{t.airYet}</p>
        <FoldedFigures
          title={t.whatItWarms}
          note={t.whatItWarmsNote}
          paths={sections.warmth.ducts.figures['What it warms']}
          untilSaid
        />
      </>
    );
  return (
    <>
      <p className="soft">{t.loopHint}</p>
      {(rows.length > 0 || isListAssumed(settled, 'loop')) && <LoopSheet selected={selected} onSelect={select} />}
      {rows.length === 0 ? (
        <div className="inline">
          <span className="soft">{t.noLoopYet}</span>
          {mayWork && <Button onClick={() => setProblems(add(...firstLoop()))}>{t.beginLoop}</Button>}
        </div>
      ) : (
        <RowList
          list="loop"
          order={inOrder}
          main={['name', 'kind', 'boreMm', 'lengthM', 'riseMm']}
          more={['limb', 'bends', 'arrow', 'shut', 'bleed', 'insulated', 'givesKw', 'airM3H', 'waterLMin']}
          hide={(row, column) =>
            ((column === 'lengthM' || column === 'bends' || column === 'insulated') && row.kind !== 'hose') ||
            (column === 'arrow' && row.kind !== 'pump' && row.kind !== 'heater' && row.kind !== 'check') ||
            (column === 'shut' && row.kind !== 'valve') ||
            (column === 'givesKw' && row.kind !== 'matrix' && row.kind !== 'plate') ||
            (column === 'airM3H' && row.kind !== 'matrix') ||
            (column === 'waterLMin' && row.kind !== 'plate')
          }
          selected={selected}
          onSelect={select}
          onAdd={() => setProblems(change(addPart(rows, selected, crypto.randomUUID())))}
          onMove={(id, to) => setProblems(change(movePart(rows, id, to)))}
        />
      )}
      <Problems all={problems} />
      <FigureTable paths={figures.Coolant} caption={t.coolantHint} />
      <DerivedFigures keys={(stageFigures.warmth ?? []).filter((id) => id.startsWith('coolant.'))} />
      {rows.length > 0 && <RoundLoop picked={selected} />}
      <FoldedFigures title={t.pumpAndEngine} note={t.pumpAndEngineNote} paths={figures['Pump and engine']} />
      <Fold title={t.fillTitle} note={t.fillNote}>
        <FillClock />
      </Fold>
      {rows.length > 0 && <NetworkLink of="coolant">{t.loopAs}</NetworkLink>}
      <Caution>
        {t.hotCoolant} {manualFirst()}
      </Caution>
    </>
  );
}
