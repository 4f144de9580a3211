'use client';
import { sections } from '../../../core/build/sections';
import { stageFigures } from '../../../core/figures/stageFigures';
import { Caution, manualFirst } from '../../components/Caution';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { FigureTable } from '../../components/cells/FigureTable';
import { NightChart } from './NightChart';
import { wiring as t } from '../../texts/en/wiring';

/** What feeds the heater, and whether it lasts the night. */
export function BatterySection() {
  return (
    <>
      <FigureTable paths={sections.wiring.battery.figures['Where it comes from']} caption={t.batteryHint} />
      <DerivedFigures keys={(stageFigures.wiring ?? []).filter((id) => ofBattery.includes(id))} />
      <NightChart />
      <Caution>{t.handsAndCable({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
const ofBattery: readonly string[] = [
  'wiring.startsNight',
  'wiring.nightAh',
  'wiring.chargePercent',
  'wiring.usableAh',
  'wiring.morningV',
];
