import { HotSpots } from './HotSpots';
import { StartView } from './StartView';

export const startupSections = { start: StartView, hotspots: HotSpots };
