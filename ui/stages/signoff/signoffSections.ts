import { PapersSection } from './PapersSection';
import { ReleasedSection } from './ReleasedSection';
import { SignSection } from './SignSection';

export const signoffSections = { sign: SignSection, released: ReleasedSection, papers: PapersSection };
