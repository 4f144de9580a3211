'use client';
import { sections } from '../../../core/build/sections';
import { sources } from '../../../core/build/fuelSources';
import { valueAt, type FigurePath } from '../../../core/build/sheets';
import { drawTank } from '../../../core/drawing/form/drawTank';
import { stageFigures } from '../../../core/figures/stageFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { Fold } from '../../components/lists/Fold';
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
  // What is said already folds away.
  const lacks = (paths: readonly FigurePath[]) => paths.some((path) => valueAt(settled.sheets, path) === null);
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
      <Fold
        title="How it stands, vents and is held"
        note="where, breather, straps"
        startOpen={lacks(figures['How the tank stands'])}
        holds={figures['How the tank stands']}
      >
        <FigureTable paths={figures['How the tank stands']} caption="How the tank stands" />
      </Fold>
      {!(way && sources[way].vehicle) && (
        <Fold
          title="Does it fit?"
          note="room for the tank"
          startOpen={lacks(figures['Room for the tank'])}
          holds={figures['Room for the tank']}
        >
          <FigureTable paths={figures['Room for the tank']} caption="Room for the tank" />
        </Fold>
      )}
      <FuelCaution />
    </>
  );
}
