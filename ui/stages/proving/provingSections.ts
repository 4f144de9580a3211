import { LeakWatch } from '../fuel/LeakWatch';
import { CoSection } from './CoSection';
import { ExhaustJointsSection } from './ExhaustJointsSection';
import { VentsSection } from './VentsSection';

export const provingSections = { co: CoSection, vents: VentsSection, joints: LeakWatch, pipe: ExhaustJointsSection };
