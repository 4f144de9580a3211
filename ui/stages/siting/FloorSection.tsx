'use client';
import { useState } from 'react';
import { sections } from '../../../core/build/sections';
import { rowsOf } from '../../../core/build/lists';
import { valueAt, type FigurePath } from '../../../core/build/sheets';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
import { LieKey } from '../../components/level/LieKey';
import { RowList } from '../../components/lists/RowList';
import { ReleaseButton } from '../../components/ReleaseButton';
import { useRowCount } from '../../components/useRowCount';
import { useWorkspace } from '../../sync/useWorkspace';
import { FloorViews } from './FloorViews';
import { PlaceSearch } from './PlaceSearch';
import { siting as t } from '../../texts/en/siting';

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
        {(drawn) => {
          const listed = (paths: readonly FigurePath[]) => paths.filter((path) => !drawn.has(path));
          return (
            <>
              <PlaceSearch />
              <FigureTable paths={listed(figures['The heater’s place'])} caption={t.theHeatersPlace} />
              <LieKey />
              <ReleaseButton holdPoint="cutting" label={t.readyToCut} />
              <Fold
                title={t.floorAndHeaterMeasured}
                note={t.sizesDuct}
                startOpen={valueAt(settled.sheets, 'siting.heaterLengthMm') === null}
                holds={figures['Floor and heater']}
              >
                <FigureTable paths={listed(figures['Floor and heater'])} caption={t.floorAndHeater} />
              </Fold>
            </>
          );
        }}
      </FloorViews>
      <Fold
        title={t.belowTheFloor}
        note={count('obstacles', t.thing)}
        startOpen={rowsOf(settled.lists, 'obstacles').length === 0}
      >
        <p className="soft">{t.railsCrossMembersCorrugationsTanksPipes}</p>
        <RowList list="obstacles" {...thing} fresh={() => ({ kind: 'crossMember' })} />
      </Fold>
      <Fold title={t.aboveTheFloor} note={count('above', t.thing)}>
        <RowList list="above" {...thing} fresh={() => ({ kind: 'furniture' })} />
      </Fold>
    </>
  );
}
