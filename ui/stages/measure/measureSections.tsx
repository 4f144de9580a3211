import { NextSection } from './NextSection';
import { WalkSection } from './WalkSection';

export const measureSections = { next: NextSection, walk: WalkSection };
