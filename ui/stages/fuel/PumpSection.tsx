'use client';
import { sections } from '../../../core/build/sections';
import { drawPumpPlace } from '../../../core/drawing/form/drawPumpPlace';
import { DrawnFigures } from '../../charts/form/DrawnFigures';
import { LevelKey } from '../../components/level/LevelKey';
import { useSmall } from '../../components/useSmall';
import { fuel as t } from '../../texts/en/fuel';

/** Filter and pump: which way round, how high, at what angle. */
export function PumpSection() {
  const small = useSmall();
  return (
    <>
      {small && <LevelKey path="fuel.pumpAngleDeg" />}
      <DrawnFigures draw={drawPumpPlace} title={t.filterAndPump} paths={sections.fuel.pump.figures['Filter and pump']} />
    </>
  );
}
