import { DoseTest } from './DoseTest';
import { FirstFillView } from './FirstFillView';
import { LeaksSection } from './LeaksSection';
import { LineSection } from './LineSection';
import { PickupSection } from './PickupSection';
import { PressureSection } from './PressureSection';
import { PumpSection } from './PumpSection';
import { SourceSection } from './SourceSection';
import { TankSection } from './TankSection';

export const fuelSections = {
  source: SourceSection,
  tank: TankSection,
  pickup: PickupSection,
  line: LineSection,
  pump: PumpSection,
  pressure: PressureSection,
  fill: FirstFillView,
  dose: DoseTest,
  leaks: LeaksSection,
};
