'use client';
import { sections } from '../../../core/build/sections';
import { sources } from '../../../core/build/fuelSources';
import { valueAt } from '../../../core/build/sheets';
import { drawTank } from '../../../core/drawing/form/drawTank';
import { stageFigures } from '../../../core/figures/stageFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { Fold } from '../../components/lists/Fold';
import { FoldedFigures } from '../../components/lists/FoldedFigures';
import { RowList } from '../../components/lists/RowList';
import { useRowCount } from '../../components/useRowCount';
import { useWorkspace } from '../../sync/useWorkspace';
import { DrawnFigures } from '../../charts/form/DrawnFigures';
import { TankChart } from '../../charts/TankChart';
import { FuelCaution } from './FuelCaution';

const { figures } = sections.fuel.tank;

/** The tank: its shape, what it holds, how it stands, and whether there is room for it. */
export function TankSection() {
  const { settled } = useWorkspace('settled');
  const count = useRowCount();
  const shape = valueAt(settled.sheets, 'tank.shape');
  const way = valueAt(settled.sheets, 'tank.way');
  // A cylinder has no width; a figure that nobody needs is not asked for.
  const hidden = shape === 'upright' || shape === 'lying' || shape === 'dips' ? ['tank.widthMm'] : [];
  return (
    <>
      <DrawnFigures draw={drawTank} title="Tank" paths={figures.Tank.filter((path) => !hidden.includes(path))} />
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
      <h3>Dip chart</h3>
      <TankChart />
      <FoldedFigures
        title="How it stands, vents and is held"
        note="where, breather, straps"
        paths={figures['How the tank stands']}
        untilSaid
      />
      {!(way && sources[way].vehicle) && (
        <FoldedFigures title="Does it fit?" note="room for the tank" paths={figures['Room for the tank']} untilSaid />
      )}
      <FuelCaution />
    </>
  );
}
