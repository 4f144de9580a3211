'use client';
import { sections } from '../../../core/build/sections';
import { drawPlate } from '../../../core/drawing/form/drawPlate';
import { DrawnFigures } from '../../charts/form/DrawnFigures';

/** The data plate, and what of an older heater is used again. */
export function PlateSection() {
  return (
    <>
      <DrawnFigures draw={drawPlate} title="Data plate" paths={sections.kit.plate.figures['Data plate']} />
      <p className="soft">
        Figures of the manual go on the sheet “heater &amp; conditions”; they go before the workshop’s practices.
      </p>
    </>
  );
}
