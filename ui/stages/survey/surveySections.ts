import { HeatSection } from './HeatSection';
import { SpaceSection } from './SpaceSection';
import { SuitsSection } from './SuitsSection';
import { VehicleSection } from './VehicleSection';

export const surveySections = { suits: SuitsSection, space: SpaceSection, vehicle: VehicleSection, heat: HeatSection };
