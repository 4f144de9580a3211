'use client';
import { sections } from '../../../core/build/sections';
import { sources } from '../../../core/build/fuelSources';
import { valueAt } from '../../../core/build/sheets';
import { drawPickup } from '../../../core/drawing/form/drawPickup';
import { usualDrillsMm } from '../../../core/physics/fuel/standpipe';
import { formatShort } from '../../../core/units/formatNumber';
import { DrawnFigures } from '../../charts/form/DrawnFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { ReleaseButton } from '../../components/ReleaseButton';
import { useRowCount } from '../../components/useRowCount';
import { useWorkspace } from '../../sync/useWorkspace';
import { FuelCaution } from './FuelCaution';
import { fuel as t } from '../../texts/en/fuel';

const { figures } = sections.fuel.pickup;

/** Where the heater drinks: the cut of the standpipe, its hole, and what it leaves. */
export function PickupSection() {
  const { settled } = useWorkspace('settled');
  const count = useRowCount();
  const way = valueAt(settled.sheets, 'tank.way');
  const standpipe = valueAt(settled.sheets, 'fuel.pickupKind') === 'standpipe';
  const vehicle = way !== null && sources[way].vehicle;
  return (
    <>
      <DrawnFigures
        draw={drawPickup}
        title={t.pickup}
        paths={[
          ...figures.Pickup,
          ...(standpipe ? figures.Standpipe : []),
          ...(standpipe && vehicle ? figures['Left for the engine'] : []),
        ]}
      />
      {standpipe && <DerivedFigures keys={['fuel.cutMm', 'fuel.cutClearMm', 'fuel.unusableL']} />}
      <Fold title={t.drillsToHand} note={count('drills', t.drill)}>
        <p className="soft">
          {t.whereNoneIsListedTheUsual}{' '}
          {usualDrillsMm
            .slice(0, 3)
            .map((mm) => formatShort(mm, 1))
            .join(', ')}{' '}
          … {formatShort(usualDrillsMm[usualDrillsMm.length - 1] ?? 0, 1)} {t.mm}
        </p>
        <RowList list="drills" main={['sizeMm']} fresh={() => ({})} />
      </Fold>
      <FuelCaution />
      <ReleaseButton holdPoint="closing" label={t.readyToCloseUp} />
    </>
  );
}
