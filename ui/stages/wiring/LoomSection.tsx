'use client';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { loomKinds } from '../../../core/build/listKinds';
import { sections } from '../../../core/build/sections';
import { addBehind, firstLoom, setInto } from '../../../core/drawing/wiring/editLoom';
import { readerOf } from '../../../core/figures/readerOf';
import { takeHarness } from '../../../core/drawing/wiring/takeHarness';
import { stageFigures } from '../../../core/figures/stageFigures';
import { wayM } from '../../../core/model/wiring/alongFloor';
import { cableName, isInLine, isSignal, loomName, type CableRow, type LoomKind } from '../../../core/model/wiring/loomOf';
import { formatFixed } from '../../../core/units/formatNumber';
import { Caution, manualFirst } from '../../components/Caution';
import { CellPick, Options } from '../../components/cells/CellInput';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { Problems } from '../../components/cells/Problems';
import { Fold } from '../../components/lists/Fold';
import { FoldedFigures } from '../../components/lists/FoldedFigures';
import { RowList } from '../../components/lists/RowList';
import { RowPick } from '../../components/lists/RowPick';
import { useRows } from '../../components/lists/useRows';
import { useSay, useWorkspace } from '../../sync/useWorkspace';
import { wiring as t } from '../../texts/en/wiring';
import { LoomFlows, PlugWarms } from './LoomFlows';
import { LoomSheet } from './LoomSheet';
import { BetterFeeds, Shorts } from './LoomSums';
import { MeterTable } from './MeterTable';
import { PowerSteps } from './PowerSteps';

const { figures } = sections.wiring.loom;
const newId = () => crypto.randomUUID();
const kindsWhere = (holds: (kind: LoomKind) => boolean) =>
  Object.fromEntries(Object.entries(loomKinds).filter(([kind]) => holds(kind as LoomKind)));

/** How far apart on the floor its ends are; one touch takes it where the wire has no length yet, or less. */
function WayOfWire({ row }: { row: CableRow }) {
  const { build } = useWorkspace('build');
  const { set, mayWork } = useRows('cables');
  const say = useSay();
  const apartM = useMemo(() => wayM(readerOf(build), row), [build, row]);
  if (apartM === null || apartM < 0.05) return null;
  // Rounded up: a wire that is a hand too short is no wire.
  const way = Math.ceil(apartM * 10) / 10;
  return (
    <span className="way-of-wire">
      <span className="soft">{say(t.alongSides({ way: formatFixed(way, 1) }))}</span>
      {mayWork && (row.lengthM === undefined || row.lengthM < way) && (
        <Button variant="text" onClick={() => set(row, 'lengthM', way)}>
          {say(t.takeWay({ way: formatFixed(way, 1) }))}
        </Button>
      )}
    </span>
  );
}

/** Where a wire begins and where it ends. */
function Ends({ row }: { row: CableRow }) {
  const { rows } = useRows('loomParts');
  const of = Object.fromEntries(rows.map((part, i) => [part.id, loomName(part, i)]));
  return (
    <>
      <RowPick list="cables" row={row} column="fromId" label={t.from} of={of} empty={t.nowhere} />
      <RowPick list="cables" row={row} column="toId" label={t.to} of={of} empty={t.nowhere} />
      <WayOfWire row={row} />
    </>
  );
}

/** A part more: set into the wire that is picked, or behind the part that is. */
function AddPart({ selected, onProblems }: { selected: string | null; onProblems: (problems: string[]) => void }) {
  const { settled } = useWorkspace('settled');
  const { rows: parts, change, mayWork } = useRows('loomParts');
  const { rows: cables } = useRows('cables');
  if (!mayWork) return null;
  const cable = cables.find(({ id }) => id === selected);
  const at = parts.findIndex(({ id }) => id === selected);
  const part = parts[at];
  if (!cable && !part) return <p className="soft">{t.nothingPicked}</p>;
  const name = cable ? t.setInto({ wire: cableName(cable, parts) }) : t.addBehind({ part: part ? loomName(part, at) : '' });
  return (
    <div className="inline add-loom">
      <CellPick
        name={name}
        value=""
        disabled={false}
        onChoose={(kind) =>
          kind !== '' &&
          onProblems(
            change(
              cable
                ? setInto(settled.lists, cable.id, kind as LoomKind, newId)
                : addBehind(settled.lists, part?.id ?? null, kind as LoomKind, newId),
            ),
          )
        }
      >
        <Options of={kindsWhere((kind) => (cable ? isInLine(kind) : true))} empty={`${name} …`} />
      </CellPick>
    </div>
  );
}

/** The loom: drawn, as rows, solved, safe at every short, and to be checked by a meter. */
export function LoomSection() {
  const { settled } = useWorkspace('settled');
  const { rows: parts, change, mayWork } = useRows('loomParts');
  const [selected, select] = useState<string | null>(null);
  const [problems, setProblems] = useState<string[]>([]);
  const card = settled.unitCard;
  const harness = useMemo(() => takeHarness(settled, newId), [settled]);
  return (
    <>
      <p className="soft">{t.fuseOut}</p>
      {parts.length === 0 ? (
        <>
          <div className="inline">
            <span className="soft">{t.noLoomYet}</span>
            {mayWork && <Button onClick={() => setProblems(change(firstLoom(settled, newId)))}>{t.beginLoom}</Button>}
          </div>
          <FigureTable paths={figures['As one cable']} caption={t.asOneCable} />
        </>
      ) : (
        <>
          <LoomSheet selected={selected} onSelect={select} />
          <AddPart selected={selected} onProblems={setProblems} />
          {mayWork && card && harness.length > 0 && (
            <Button onClick={() => setProblems(change(harness))}>{t.takeHarness({ card: card.name })}</Button>
          )}
          <MeterTable />
          <Fold title={t.parts} note={String(parts.length)}>
            <RowList
              list="loomParts"
              main={['name', 'kind', 'ratingA', 'mohm']}
              more={['made', 'sealed', 'seat', 'restV', 'ownMohm', 'drawsA', 'givesA', 'open', 'warns', 'floorXMm', 'floorYMm']}
              hide={(row, column) => !usesColumn(row.kind, column)}
              selected={selected}
              onSelect={select}
            />
          </Fold>
          <Fold title={t.wires}>
            <RowList
              list="cables"
              main={['wire', 'areaMm2', 'lengthM']}
              more={['name', 'insulation', 'ambientC', 'bundled', 'near', 'guard', 'colour', 'pin', 'use', 'labelled']}
              hide={(row, column) => column === 'guard' && (row.near === undefined || row.near === 'clear')}
              extra={(row) => <Ends row={row} />}
              selected={selected}
              onSelect={select}
            />
          </Fold>
          <LoomFlows />
          <BetterFeeds />
          <Shorts />
        </>
      )}
      <PlugWarms />
      <PowerSteps />
      <Problems all={problems} />
      <FigureTable paths={figures['Looked over']} caption={t.lookedOver} />
      <DerivedFigures keys={(stageFigures.wiring ?? []).filter((id) => ofLoom.includes(id))} />
      {parts.length > 0 && <FoldedFigures title={t.around} note={t.aroundNote} paths={['wiring.cableC']} />}
      {parts.length > 0 && (
        <div className="inline">
          {(
            [
              ['netlist', t.netlist],
              ['wires', t.wireList],
              ['labels&paper=A4', t.labelsA4],
              ['labels&paper=Letter', t.labelsLetter],
              ['sheet&paper=A4', t.sheet],
              ['drawing', t.drawing],
            ] as const
          ).map(([of, label]) => (
            <Button key={of} href={`/api/builds/${settled.id}/loom?of=${of}`} download>
              {label}
            </Button>
          ))}
        </div>
      )}
      <Caution>{t.handsAndCable({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
const ofLoom: readonly string[] = [
  'wiring.supplyV',
  'wiring.loopMohm',
  'wiring.dropStartV',
  'wiring.dropRunV',
  'wiring.startV',
  'wiring.coldA',
  'wiring.coldV',
  'wiring.ampacityA',
  'wiring.ampacityBalanceA',
];
/** Which columns a part of a kind has a use for. */
function usesColumn(kind: LoomKind | undefined, column: string): boolean {
  if (kind === undefined) return column === 'name' || column === 'kind';
  const only: Readonly<Record<string, readonly LoomKind[]>> = {
    ratingA: ['fuse', 'panel', 'socket'],
    made: ['joint', 'plug'],
    sealed: ['joint'],
    seat: ['earth'],
    restV: ['battery', 'supply'],
    ownMohm: ['battery', 'supply'],
    drawsA: ['load'],
    givesA: ['charger', 'solar'],
    open: ['isolator', 'relay'],
    warns: ['isolator'],
  };
  if (column === 'mohm') return isInLine(kind) || kind === 'earth';
  // Where it stands matters of what is only led to, too.
  if (column === 'floorXMm' || column === 'floorYMm') return true;
  return !(column in only) || (!isSignal(kind) && (only[column] ?? []).includes(kind));
}
