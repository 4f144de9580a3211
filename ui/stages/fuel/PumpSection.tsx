'use client';
import { sections } from '../../../core/build/sections';
import { drawPumpPlace } from '../../../core/drawing/form/drawPumpPlace';
import { DrawnFigures } from '../../charts/form/DrawnFigures';

/** Filter and pump: which way round, how high, at what angle. */
export function PumpSection() {
  return <DrawnFigures draw={drawPumpPlace} title="Filter and pump" paths={sections.fuel.pump.figures['Filter and pump']} />;
}
