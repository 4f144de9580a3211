import type { Part } from '../../build/field';
import { levels, type Call } from '../../checks/Call';

export interface PartCall {
  call: Call;
  /** how many more sit on the same part */ more: number;
}

/** The worst call on each part of the run; sound and waived ones are not told, nor those of the sign-off, which sit on no part. */
export function partCalls(calls: readonly Call[]): Partial<Record<Part, PartCall>> {
  const told: Partial<Record<Part, PartCall>> = {};
  const worstFirst = calls
    .filter((c) => c.level !== 'sound' && !c.waived && c.stage !== 'signoff')
    .sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
  for (const call of worstFirst) {
    const known = told[call.part];
    if (known) known.more += 1;
    else told[call.part] = { call, more: 0 };
  }
  return told;
}
