import { CompareSection } from './CompareSection';
import { HotSpots } from './HotSpots';
import { FaultsSection } from './faults/FaultsSection';
import { NoiseSection } from './NoiseSection';
import { Rehearsal } from './Rehearsal';
import { StartView } from './StartView';

export const startupSections = {
  start: StartView,
  hotspots: HotSpots,
  noise: NoiseSection,
  faults: FaultsSection,
  compare: CompareSection,
  rehearsal: Rehearsal,
};
