import type { Part } from '../../build/field';
import { levels, type Finding } from '../../checks/Finding';

export interface PartFinding {
  finding: Finding;
  /** how many more sit on the same part */ more: number;
}

/** The worst finding on each part of the run; sound and waived ones are not told, nor those of the sign-off, which sit on no part. */
export function partFindings(findings: readonly Finding[]): Partial<Record<Part, PartFinding>> {
  const told: Partial<Record<Part, PartFinding>> = {};
  const worstFirst = findings
    .filter((c) => c.level !== 'sound' && !c.waived && c.stage !== 'signoff')
    .sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
  for (const finding of worstFirst) {
    const known = told[finding.part];
    if (known) known.more += 1;
    else told[finding.part] = { finding, more: 0 };
  }
  return told;
}
