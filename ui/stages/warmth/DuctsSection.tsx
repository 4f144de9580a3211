'use client';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { isListAssumed, takeAssumed } from '../../../core/build/takeAssumed';
import { rowsOf } from '../../../core/build/lists';
import { sections } from '../../../core/build/sections';
import { valueAt } from '../../../core/build/sheets';
import { zonesOf } from '../../../core/figures/warmth/zones';
import { readerOf } from '../../../core/figures/readerOf';
import { stageFigures } from '../../../core/figures/stageFigures';
import { comesFrom, ductName, type DuctRow } from '../../../core/model/warmth/ductTree';
import { computeOrMissing } from '../../../core/reading/NotMeasured';
import { formatFixed } from '../../../core/units/formatNumber';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { NetworkLink } from '../../components/NetworkLink';
import { Problems } from '../../components/cells/Problems';
import { Fold } from '../../components/lists/Fold';
import { FoldedFigures } from '../../components/lists/FoldedFigures';
import { RowPick } from '../../components/lists/RowPick';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { useWorkspace } from '../../sync/useWorkspace';
import { warmth as t } from '../../texts/en/warmth';
import { AlongDucts } from './AlongDucts';
import { DuctSheet } from './DuctSheet';

const { figures } = sections.warmth.ducts;

/** What a duct comes from: the heater, or another duct that does not come from it in turn. */
function ComesFrom({ row }: { row: DuctRow }) {
  const { rows } = useRows('ducts');
  const others = Object.fromEntries(
    rows.flatMap((other, i) => (comesFrom(rows, other, row.id) ? [] : [[other.id, ductName(other, i)]])),
  );
  return <RowPick list="ducts" row={row} column="fromId" label={t.comesFrom} of={others} empty={t.theHeater} />;
}

/** How soon each place is warm that has an outlet of its own. */
function Zones() {
  const { settled } = useWorkspace('settled');
  const zones = useMemo(() => computeOrMissing(() => zonesOf(readerOf(settled))), [settled]);
  if ('missing' in zones || zones.value.length === 0) return null;
  return (
    <Fold title={t.zones} note={t.zonesNote}>
      <ul className="plain">
        {zones.value.map(({ outlet, minutes }) => (
          <li key={outlet.id}>
            {Number.isFinite(minutes)
              ? t.zone({ name: outlet.name, min: formatFixed(minutes) })
              : t.zoneNever({ name: outlet.name })}
          </li>
        ))}
      </ul>
    </Fold>
  );
}

/** The first duct, or all that is assumed of them as rows that can be corrected. */
function Begin() {
  const { settled } = useWorkspace('settled');
  const { add, mayWork } = useRows('ducts');
  const [problems, setProblems] = useState<string[]>([]);
  if (!mayWork) return <p className="soft">{t.noneYet}</p>;
  const bore = valueAt(takeAssumed(settled).sheets, 'siting.ductMm');
  return (
    <div className="inline">
      <span className="soft">{t.noneYet}</span>
      <Button
        onClick={() =>
          setProblems(
            add({
              name: 'first duct',
              wall: 'flexible',
              bends: 0,
              end: 'open',
              grille: 'free',
              runs: 'inside',
              ...(bore === null ? {} : { boreMm: bore }),
            }),
          )
        }
      >
        {t.beginDucts}
      </Button>
      <Problems all={problems} />
    </div>
  );
}

/** Warm air as it is led: the tree on the floor, and the same as rows. */
export function DuctsSection() {
  const { settled } = useWorkspace('settled');
  const { rows } = useRows('ducts');
  const [selected, select] = useState<string | null>(null);
  const way = valueAt(takeAssumed(settled).sheets, 'warmth.way');
  if (way === 'loop' && rows.length === 0)
    return (
      <>
        <p className="soft">{t.loopYet}</p>
        <FoldedFigures title={t.whatItWarms} note={t.whatItWarmsNote} paths={figures['What it warms']} untilSaid />
      </>
    );
  const last = rows[rows.length - 1];
  return (
    <>
      <p className="soft">{t.dragAnEnd}</p>
      {(rows.length > 0 || isListAssumed(settled, 'ducts')) && <DuctSheet selected={selected} onSelect={select} />}
      {rows.length === 0 ? (
        <Begin />
      ) : (
        <RowList
          list="ducts"
          main={['name', 'lengthM', 'boreMm', 'bends', 'end']}
          more={['leaves', 'wall', 'bendDeg', 'grille', 'closedPercent', 'runs', 'insulated', 'zoneM3', 'xMm', 'yMm']}
          hide={(row, column) =>
            ((column === 'grille' || column === 'zoneM3') && row.end === 'on') ||
            (column === 'closedPercent' && row.end !== 'closable') ||
            (column === 'bendDeg' && !row.bends) ||
            (column === 'insulated' && row.runs !== 'outside') ||
            (column === 'leaves' && row.fromId === undefined)
          }
          extra={(row) => <ComesFrom row={row} />}
          selected={selected}
          onSelect={select}
          fresh={() => ({
            wall: 'flexible',
            bends: 0,
            end: 'open',
            grille: 'free',
            runs: 'inside',
            ...(last?.boreMm === undefined ? {} : { boreMm: last.boreMm }),
            ...(last ? { fromId: last.end === 'on' ? last.id : (last.fromId ?? last.id), leaves: 'branch' } : {}),
          })}
        />
      )}
      <DerivedFigures keys={(stageFigures.warmth ?? []).filter((id) => id.startsWith('duct.'))} />
      <AlongDucts picked={selected} />
      <Zones />
      <FoldedFigures title={t.whatItWarms} note={t.whatItWarmsNote} paths={figures['What it warms']} untilSaid />
      {rowsOf(settled.lists, 'ducts').length > 0 && <NetworkLink of="ducts">{t.networkAs}</NetworkLink>}
      <Caution>
        {t.hotAir} {manualFirst()}
      </Caution>
    </>
  );
}
