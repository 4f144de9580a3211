'use client';
import { sections } from '../../../core/build/sections';
import { drawPlate } from '../../../core/drawing/form/drawPlate';
import { DrawnFigures } from '../../charts/form/DrawnFigures';
import { SerialKey } from '../../components/eye/SerialKey';
import { kit as t } from '../../texts/en/kit';

/** The data plate, and what of an older heater is used again. */
export function PlateSection() {
  return (
    <>
      <SerialKey />
      <DrawnFigures draw={drawPlate} title={t.dataPlate} paths={sections.kit.plate.figures['Data plate']} />
      <p className="soft">{t.figuresOfTheManualGoOn}</p>
    </>
  );
}
