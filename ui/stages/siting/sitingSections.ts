import { BoltingSection } from './BoltingSection';
import { DrillingSection } from './DrillingSection';
import { FloorSection } from './FloorSection';
import { HolesSection } from './HolesSection';
import { SealingSection } from './SealingSection';
import { SitingPhotos } from './SitingPhotos';
import { StackSection } from './StackSection';

export const sitingSections = {
  floor: FloorSection,
  holes: HolesSection,
  stack: StackSection,
  drilling: DrillingSection,
  sealing: SealingSection,
  bolting: BoltingSection,
  photos: SitingPhotos,
};
