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
import { fuel as t } from '../../texts/en/fuel';

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
      <DrawnFigures draw={drawTank} title={t.tank2} paths={figures.Tank.filter((path) => !hidden.includes(path))} />
      <DerivedFigures keys={stageFigures.tank ?? []} />
      {shape === 'prism' && (
        <Fold title={t.outlineSeenFromTheSide} note={count('outline', t.corner)} startOpen>
          <p className="soft">{t.cornerByCornerRoundItAlong}</p>
          <RowList list="outline" main={['alongMm', 'upMm']} fresh={() => ({})} />
        </Fold>
      )}
      {shape === 'dips' && (
        <Fold title={t.dipTable} note={count('dips', t.row)} startOpen>
          <p className="soft">{t.pourInAKnownAmountDip}</p>
          <RowList list="dips" main={['levelMm', 'litres']} fresh={() => ({})} />
        </Fold>
      )}
      <Fold
        key={String(shape === 'dips')}
        title={t.dipChart}
        note={t.levelAgainstLitresStripToPrint}
        startOpen={shape === 'dips'}
      >
        <TankChart />
      </Fold>
      <FoldedFigures
        title={t.howItStandsVentsAndIs}
        note={t.whereBreatherStraps}
        paths={figures['How the tank stands']}
        untilSaid
      />
      {!(way && sources[way].vehicle) && (
        <FoldedFigures title={t.doesItFit} note={t.roomForTheTank} paths={figures['Room for the tank']} untilSaid />
      )}
      <FuelCaution />
    </>
  );
}
