import { CoSection } from './CoSection';
import { JointsSection } from './JointsSection';
import { VentsSection } from './VentsSection';

export const provingSections = { co: CoSection, vents: VentsSection, joints: JointsSection };
