import { LeakWatch } from '../fuel/LeakWatch';
import { CoSection } from './CoSection';

export const provingSections = { co: CoSection, joints: LeakWatch };
