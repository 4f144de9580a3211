import { HandoverSection } from './HandoverSection';
import { PapersSection } from './PapersSection';
import { ReleasedSection } from './ReleasedSection';
import { ServiceSection } from './ServiceSection';
import { SignSection } from './SignSection';

import { EvidenceSection } from './evidence/EvidenceSection';

export const signoffSections = {
  sign: SignSection,
  evidence: EvidenceSection,
  handover: HandoverSection,
  service: ServiceSection,
  released: ReleasedSection,
  papers: PapersSection,
};
