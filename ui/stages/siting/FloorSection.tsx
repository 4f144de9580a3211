'use client';
import { useState } from 'react';
import { sections } from '../../../core/build/sections';
import { valueAt } from '../../../core/build/sheets';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { ReleaseButton } from '../../components/ReleaseButton';
import { useRowCount } from '../../components/useRowCount';
import { useWorkspace } from '../../sync/useWorkspace';
import { FloorViews } from './FloorViews';
import { PlaceSearch } from './PlaceSearch';

const { figures } = sections.siting.floor;

/** Where it stands: the floor, what lies above and below it, and the search for a better place. */
export function FloorSection() {
  const [selected, setSelected] = useState<string | null>(null);
  const { settled } = useWorkspace('settled');
  const count = useRowCount();
  const thing = { main: ['name', 'kind', 'xMm', 'yMm', 'lengthMm', 'widthMm'], selected, onSelect: setSelected };
  return (
    <>
      <FloorViews selected={selected} onSelect={setSelected}>
        {(drawn) => (
          <>
            <PlaceSearch />
            <FigureTable
              paths={figures['The heater’s place'].filter((path) => !(drawn.has(path) && selected === null))}
              caption="The heater’s place"
            />
          </>
        )}
      </FloorViews>
      <ReleaseButton holdPoint="cutting" label="Ready to cut?" />
      <Fold
        title="Floor and heater, measured"
        note="sizes, duct"
        startOpen={valueAt(settled.sheets, 'siting.floorLengthMm') === null}
        holds={figures['Floor and heater']}
      >
        <FigureTable paths={figures['Floor and heater']} caption="Floor and heater" />
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
    </>
  );
}
