import { HandoverSection } from './HandoverSection';
import { PapersSection } from './PapersSection';
import { ReleasedSection } from './ReleasedSection';
import { SignSection } from './SignSection';

export const signoffSections = { sign: SignSection, handover: HandoverSection, released: ReleasedSection, papers: PapersSection };
