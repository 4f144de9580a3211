import { DryRun } from './DryRun';
import { KitPhotos } from './KitPhotos';
import { PartsSection } from './PartsSection';
import { PlateSection } from './PlateSection';

export const kitSections = { parts: PartsSection, plate: PlateSection, photos: KitPhotos, dryrun: DryRun };
