'use client';
import { stages } from '../../../core/build/stages';
import { useState } from 'react';
import { Box, Button } from '@mui/material';
import { rowsOf, type ListId } from '../../../core/build/lists';
import { sealPlaces } from '../../../core/build/listKinds';
import { sealKindAt, sealsLacking } from '../../../core/model/siting/sealsOwed';
import { figurePaths, valueAt, type FigurePath } from '../../../core/build/sheets';
import { stageFigures } from '../../../core/figures/stageFigures';
import type { FloorView } from '../../../core/drawing/floor/layoutFloor';
import { startingHoles, type StartingHolesId } from '../../../core/model/siting/startingHoles';
import { useWorkspace } from '../../sync/useWorkspace';
import { ReleaseButton } from '../../components/ReleaseButton';
import { PhotoStrip } from '../../components/PhotoStrip';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useRows } from '../../components/lists/useRows';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { CureClock } from './CureClock';
import { DrillingList } from './DrillingList';
import { FloorSheet } from './FloorSheet';
import { PlaceSearch } from './PlaceSearch';
import { SectionView } from './SectionView';
import { TemplateLinks } from './TemplateLinks';

const named = (...names: string[]): FigurePath[] => names.map((name) => `siting.${name}` as FigurePath);
const place = named('heaterXMm', 'heaterYMm', 'heaterTurnDeg', 'heaterLies', 'inletClearMm', 'hotClearMm', 'lookedBelow');
const sizes = named('floorLengthMm', 'floorWidthMm', 'heaterLengthMm', 'heaterWidthMm', 'heaterHeightMm', 'mayLie', 'ductMm');
const targets = named('ductToXMm', 'ductToYMm', 'fuelFromXMm', 'fuelFromYMm', 'batteryXMm', 'batteryYMm');
const stack = named('studThread', 'studLengthMm', 'spigotLengthMm', 'clampWidthMm', 'screwLengthMm', 'tapThread', 'tapDrillMm');
const rest = figurePaths.filter(
  (path) => path.startsWith('siting.') && ![...place, ...sizes, ...targets, ...stack].includes(path),
);
const views: Record<FloorView, string> = { above: 'From above', below: 'Lying underneath' };

/** Puts a row for every seal that is owed and not there yet. */
function OwedSeals() {
  const { settled } = useWorkspace('settled');
  const { add, mayWork } = useRows('seals');
  const lacking = sealsLacking(settled);
  if (!mayWork || lacking.length === 0) return null;
  return (
    <Button variant="outlined" onClick={() => add(...lacking.map((at) => ({ name: sealPlaces[at], at, kind: sealKindAt(at) })))}>
      Every seal that is owed: {lacking.length}
    </Button>
  );
}

function HoleStart() {
  const { rows, add, mayWork } = useRows('holes');
  const [problem, setProblem] = useState('');
  if (!mayWork || rows.length > 0) return null;
  return (
    <div>
      <p className="soft">
        Begin with a usual set, then measure every hole on the plate in hand: widths are the usual ones, places are a guess.
      </p>
      <div className="inline">
        {(Object.keys(startingHoles) as StartingHolesId[]).map((id) => (
          <Button key={id} onClick={() => setProblem(add(...startingHoles[id].holes).join(' '))}>
            {startingHoles[id].label}
          </Button>
        ))}
      </div>
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}

/** Where it stands and what is cut: the floor sheet, the search, the section, the plan of drilling and the template. */
export function SitingSheet() {
  const [view, setView] = useState<FloorView>('above');
  const [selected, setSelected] = useState<string | null>(null);
  const { settled } = useWorkspace('settled');
  const count = (list: ListId, one: string, many = `${one}s`) => {
    const n = rowsOf(settled.lists, list).length;
    return n === 0 ? 'none yet' : `${n} ${n === 1 ? one : many}`;
  };
  const thing = { main: ['name', 'kind', 'xMm', 'yMm', 'lengthMm', 'widthMm'], selected, onSelect: setSelected };
  return (
    <>
      <Box className="inline" sx={{ justifyContent: 'space-between' }}>
        <h2 className="sheet-title">{stages.siting}</h2>
        <div className="inline" role="group" aria-label="How the floor is seen">
          {(Object.keys(views) as FloorView[]).map((id) => (
            <Button key={id} aria-pressed={view === id} onClick={() => setView(id)}>
              {views[id]}
            </Button>
          ))}
        </div>
      </Box>
      <FloorSheet view={view} selected={selected} onSelect={setSelected} />
      <Box className="inline" sx={{ margin: '10px 0' }}>
        <ReleaseButton holdPoint="cutting" label="Ready to cut?" />
        <ReleaseButton holdPoint="bolting" label="Ready to bolt?" />
      </Box>
      <p className="cautions">
        <strong>Before the saw:</strong> battery earth off, somebody who looks below, fuel and brake pipes found and marked, eyes
        and ears guarded, an extinguisher at hand. A drill that slips finds what the drawing forgot. The maker’s manual and the
        local code come before anything said here.
      </p>
      <PlaceSearch />
      <FigureTable paths={place} caption="The heater’s place" />
      <Fold
        title="Floor and heater, measured"
        note="sizes, duct"
        startOpen={valueAt(settled.sheets, 'siting.floorLengthMm') === null}
      >
        <FigureTable paths={sizes} caption="Floor and heater" />
      </Fold>
      <Fold title="Below the floor" note={count('obstacles', 'thing')} startOpen={count('obstacles', 'thing') === 'none yet'}>
        <p className="soft">
          Rails, cross-members, corrugations, tanks, pipes, wires: each as a block, from the front and from the left.
        </p>
        <RowList list="obstacles" {...thing} fresh={() => ({ kind: 'crossMember' })} />
      </Fold>
      <Fold title="Above the floor" note={count('above', 'thing')}>
        <RowList list="above" {...thing} fresh={() => ({ kind: 'furniture' })} />
      </Fold>
      <Fold title="Holes" note={count('holes', 'hole')} startOpen={count('holes', 'hole') === 'none yet'}>
        <HoleStart />
        <RowList
          list="holes"
          main={['name', 'kind', 'alongMm', 'acrossMm', 'diameterMm']}
          fresh={() => ({ kind: 'stud', diameterMm: 7 })}
        />
      </Fold>
      <Fold title="Datums, and where duct, fuel and feed go" note={count('datums', 'datum')}>
        <RowList list="datums" main={['name', 'axis', 'atMm']} fresh={() => ({ axis: 'front' })} />
        <FigureTable paths={targets} caption="Where duct, fuel and feed go" />
      </Fold>
      <Box component="h3" sx={{ mt: 3 }}>
        Section and stack-up
      </Box>
      <SectionView />
      <Fold title="Layers" note={count('stack', 'layer')} startOpen={count('stack', 'layer') === 'none yet'}>
        <RowList list="stack" main={['name', 'kind', 'thicknessMm', 'cutBack']} fresh={() => ({ kind: 'timber' })} />
      </Fold>
      <FigureTable paths={stack} caption="Studs, spigots and screws" />
      <DerivedFigures keys={stageFigures.siting ?? []} />
      <Fold title="Drilling plan" note="pilots first, a look underneath, then the saw">
        <DrillingList />
      </Fold>
      <Fold title="Template at true scale" note="PDF, SVG, DXF">
        <TemplateLinks />
      </Fold>
      <Fold title="Sealants and paints" note={count('seals', 'seal or coat', 'seals and coats')} startOpen>
        <OwedSeals />
        <RowList
          list="seals"
          main={['name', 'at', 'kind', 'cureH', 'appliedAt']}
          more={['hardAt']}
          fresh={() => ({ name: 'round the plate', at: 'plate', kind: 'sealant', cureH: 24 })}
          extra={(row) => <CureClock row={row} />}
        />
      </Fold>
      <Box component="h3" sx={{ mt: 3 }}>
        Bolting down
      </Box>
      <FigureTable paths={rest} caption="Bolting down" />
      <Box component="h3" sx={{ mt: 2.5 }}>
        Photographs
      </Box>
      <PhotoStrip about="below" beside={['hole', 'place']} />
    </>
  );
}
