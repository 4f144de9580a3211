'use client';
import type { FigureId } from '../../../core/reading/figureIds';
import { ruleFor } from '../../../core/practices/ruleFor';
import { stageFigures } from '../../../core/figures/stageFigures';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { Fold } from '../../components/lists/Fold';
import { useWorkspace } from '../../sync/useWorkspace';
import { GoodTo } from './GoodTo';
import { PressureMapView } from './PressureMapView';
import { PressureView } from './PressureView';
import { useLinePicture } from './useLinePicture';

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
          <h3>Where it works</h3>
          <PressureMapView picture={picture} watchPercent={watchPercent} />
        </>
      )}
      <DerivedFigures keys={main} />
      <Fold title="Every figure of the line" note={`${more.length} more`}>
        <DerivedFigures keys={more} />
      </Fold>
    </>
  );
}
