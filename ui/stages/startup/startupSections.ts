import { HotSpots } from './HotSpots';
import { Rehearsal } from './Rehearsal';
import { StartView } from './StartView';

export const startupSections = { start: StartView, hotspots: HotSpots, rehearsal: Rehearsal };
