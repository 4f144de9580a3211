'use client';
import type { FigureId } from '../../../core/reading/figureIds';
import { ruleFor } from '../../../core/practices/ruleFor';
import { stageFigures } from '../../../core/figures/stageFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { NetworkLink } from '../../components/NetworkLink';
import { Fold } from '../../components/lists/Fold';
import { useWorkspace } from '../../sync/useWorkspace';
import { GoodTo } from './GoodTo';
import { PressureMapView } from './PressureMapView';
import { PressureView } from './PressureView';
import { useLinePicture } from './useLinePicture';
import { fuel as t } from '../../texts/en/fuel';

const main: readonly FigureId[] = ['fuel.goodDownToC', 'fuel.suctionKPa', 'fuel.gasPercent', 'fuel.doseMl'];
const more = (stageFigures.fuel ?? []).filter((key) => !main.includes(key));

/** Pressure along the run, and over which weather and levels it works. */
export function PressureSection() {
  const { build } = useWorkspace('build');
  const picture = useLinePicture();
  const watchPercent = ruleFor('gasWatchPercent', build.practices, build.maker).value;
  return (
    <>
      <GoodTo picture={picture} />
      {'missing' in picture ? null : (
        <>
          <PressureView picture={picture} />
          <h3>{t.whereItWorks}</h3>
          <PressureMapView picture={picture} watchPercent={watchPercent} />
        </>
      )}
      <DerivedFigures keys={main} />
      <Fold title={t.everyFigureOfTheLine} note={t.more({ n: more.length })}>
        <DerivedFigures keys={more} />
        {'missing' in picture ? null : <NetworkLink of="fuel">{t.asANetwork}</NetworkLink>}
      </Fold>
    </>
  );
}
