'use client';
import { Box } from '@mui/material';
import { needsText } from '../../../core/wording/needsText';
import type { FigureId } from '../../../core/reading/figureIds';
import { stages } from '../../../core/build/stages';
import { useMemo } from 'react';
import { rowsOf, type ListId } from '../../../core/build/lists';
import { figurePaths, valueAt, type FigurePath } from '../../../core/build/sheets';
import { roughLine } from '../../../core/model/superseded';
import { stageFigures } from '../../../core/figures/stageFigures';
import { goodSentence, linePicture } from '../../../core/drawing/line/linePicture';
import { sources } from '../../../core/build/fuelSources';
import { usualDrillsMm } from '../../../core/physics/fuel/standpipe';
import { ruleFor } from '../../../core/practices/ruleFor';
import { formatShort } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { ReleaseButton } from '../../components/ReleaseButton';
import { Later } from '../../components/Later';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { BoreTable } from './BoreTable';
import { CutListView } from './CutListView';
import { DoseTest } from './DoseTest';
import { FirstFillView } from './FirstFillView';
import { LeakWatch } from './LeakWatch';
import { LineTable } from './LineTable';
import { PressureMapView } from './PressureMapView';
import { PressureView } from './PressureView';
import { SourceGuide } from './SourceGuide';
import { TankChart } from '../../charts/TankChart';

const at = (sheet: string, ...names: string[]): FigurePath[] => names.map((name) => `${sheet}.${name}` as FigurePath);
const source = at('tank', 'way', 'secondTank', 'fuelState', 'fuelAllowed', 'blendFuel', 'blendPercent');
const body = [
  ...at('tank', 'shape'),
  ...at('fuel', 'tankLengthMm', 'tankHeightMm'),
  ...at('tank', 'widthMm', 'wallMm', 'emptyKg', 'lowered'),
  ...at('fuel', 'fuelLevelMm'),
];
const standing = at('tank', 'paper', 'place', 'guard', 'vent', 'filler', 'restraint');
const room = at('tank', 'spaceLengthMm', 'spaceWidthMm', 'spaceHeightMm', 'fittingsAboveMm');
const pickup = [...at('fuel', 'pickupKind', 'pickupClearanceMm'), ...at('tank', 'holeMm', 'fittingMm')];
const pipe = at('tank', 'depthAtSpotMm', 'flangeStackMm', 'cutOffMm', 'cutMm');
const kit = at('line', 'stockM', 'kitLineM', 'kitConduitM', 'kitLineClips');
const rest = [
  ...figurePaths.filter((path) => path.startsWith('fuel.') && ![...body, ...pickup].includes(path)),
  ...at('line', 'pumpMount'),
];

const main: readonly FigureId[] = [
  'fuel.goodDownToC',
  'fuel.suctionKPa',
  'fuel.gasPercent',
  'priming.expectedStrokes',
  'fuel.doseMl',
  'fuel.lineVolumeMl',
];
const more = (stageFigures.fuel ?? []).filter((key) => !main.includes(key));

/** Tank, pickup, filter, pump, line: the figures, and what they come to. */
export function FuelSheet() {
  const { build, settled } = useWorkspace('build', 'settled');
  const say = useSay();
  const value = <P extends FigurePath>(path: P) => valueAt<P>(settled.sheets, path);
  const shape = value('tank.shape');
  const way = value('tank.way');
  const standpipe = value('fuel.pickupKind') === 'standpipe';
  const own = rowsOf(settled.lists, 'segments').length > 0;
  const picture = useMemo(() => linePicture(build), [build]);
  const watchPercent = ruleFor('gasWatchPercent', build.practices, build.maker).value;
  const count = (list: ListId, one: string) => {
    const n = rowsOf(settled.lists, list).length;
    return n === 0 ? 'none yet' : `${n} ${n === 1 ? one : one === 'segment' ? 'segments' : `${one}s`}`;
  };
  // A cylinder has no width; a figure that nobody needs is not asked for.
  const hidden = shape === 'upright' || shape === 'lying' || shape === 'dips' ? ['tank.widthMm'] : [];
  return (
    <>
      <h2 className="sheet-title">{stages.fuel}</h2>
      <p className="soft">Tank, pickup, filter, pump, line: in this order.</p>
      <p className="cautions">
        <strong>Caution.</strong> Fuel burns and its vapour travels: no flame or spark near it, rags and an extinguisher at hand.
        Two people to lower a tank. Never weld one that has held fuel. The maker’s manual, the local code and licensed practice
        come before anything said here.
      </p>
      {!('missing' in picture) && (
        <Box component="p" sx={{ fontSize: '1.1rem', mt: 1.5 }}>
          <strong>{say(goodSentence(picture.facts, picture.asBuilt.levelMm))}</strong>
        </Box>
      )}
      <Box className="inline" sx={{ margin: '10px 0' }}>
        <ReleaseButton holdPoint="closing" label="Ready to close up?" />
      </Box>
      <h3>Source</h3>
      <FigureTable paths={source} caption="Source" />
      <SourceGuide />
      <Box component="h3" sx={{ mt: 2.75 }}>
        Tank
      </Box>
      <TankChart />
      <FigureTable paths={body.filter((path) => !hidden.includes(path))} caption="Tank" />
      <DerivedFigures keys={stageFigures.tank ?? []} />
      {shape === 'prism' && (
        <Fold title="Outline, seen from the side" note={count('outline', 'corner')} startOpen>
          <p className="soft">Corner by corner round it: along and up, from one lowest point.</p>
          <RowList list="outline" main={['alongMm', 'upMm']} fresh={() => ({})} />
        </Fold>
      )}
      {shape === 'dips' && (
        <Fold title="Dip table" note={count('dips', 'row')} startOpen>
          <p className="soft">Pour in a known amount, dip, write both down; each row must hold more than the one below it.</p>
          <RowList list="dips" main={['levelMm', 'litres']} fresh={() => ({})} />
        </Fold>
      )}
      <Fold
        title="How it stands, vents and is held"
        note="place, vent, filler, straps"
        startOpen={value('tank.restraint') === null}
      >
        <FigureTable paths={standing} caption="How the tank stands" />
      </Fold>
      {!(way && sources[way].vehicle) && (
        <Fold title="Does it fit?" note="room for it" startOpen={value('tank.spaceLengthMm') === null}>
          <FigureTable paths={room} caption="Room for the tank" />
        </Fold>
      )}
      <Box component="h3" sx={{ mt: 2.75 }}>
        Pickup
      </Box>
      <FigureTable paths={pickup} caption="Pickup" />
      {standpipe && (
        <FigureTable paths={[...pipe, ...(way && sources[way].vehicle ? at('tank', 'reserveL') : [])]} caption="Standpipe" />
      )}
      {standpipe && <DerivedFigures keys={['fuel.cutMm', 'fuel.cutClearMm', 'fuel.unusableL']} />}
      <Fold title="Drills to hand" note={count('drills', 'drill')}>
        <p className="soft">
          Where none is listed the usual ones are taken:{' '}
          {usualDrillsMm
            .slice(0, 3)
            .map((mm) => formatShort(mm, 1))
            .join(', ')}{' '}
          … {formatShort(usualDrillsMm[usualDrillsMm.length - 1] ?? 0, 1)} mm.
        </p>
        <RowList list="drills" main={['sizeMm']} fresh={() => ({})} />
      </Fold>
      <Later>
        <Box component="h3" sx={{ mt: 2.75 }}>
          Line, filter and pump
        </Box>
        <FigureTable paths={rest.filter((path) => !(own && roughLine.includes(path)))} caption="Line, filter and pump" />
        <Fold title="The line, segment by segment" note={count('segments', 'segment')} startOpen>
          <LineTable />
        </Fold>
        <Fold title="Cut list" note="pieces, joiners, clips, CSV">
          <CutListView />
          <FigureTable paths={kit} caption="Stock and kit" />
        </Fold>
        {'missing' in picture ? (
          <Box component="p" className="soft" sx={{ mt: 2.25 }}>
            Before pressures can be drawn: {needsText(picture.missing)}
          </Box>
        ) : (
          <>
            <Box component="h3" sx={{ mt: 2.75 }}>
              Pressure along the run
            </Box>
            <PressureView picture={picture} />
            <Box component="h3" sx={{ mt: 2.75 }}>
              Where it works
            </Box>
            <PressureMapView picture={picture} watchPercent={watchPercent} />
            <Fold title="Another bore?" note="what it would hold, cost and carry">
              <BoreTable picture={picture} />
            </Fold>
          </>
        )}
        <Fold title="The first fill, stroke by stroke" note="front, trapped air, spread">
          <FirstFillView />
        </Fold>
        <DerivedFigures keys={main} />
        <Fold title="Every figure of the line" note={`${more.length} more`}>
          <DerivedFigures keys={more} />
        </Fold>
        <Fold title="Dose test" note={count('doseTests', 'run')}>
          <DoseTest />
        </Fold>
        <Fold
          title="Leaks: wiped, warm, after a night"
          note={count('leaks', 'joint')}
          startOpen={rowsOf(settled.lists, 'leaks').length > 0}
        >
          <LeakWatch />
        </Fold>
      </Later>
    </>
  );
}
