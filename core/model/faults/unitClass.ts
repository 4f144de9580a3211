import type { Build } from '../../build/Build';
import { valueAt } from '../../build/sheets';
import { mediumOf } from './faultCase';

/** Units up to this output are small ones, kW. Lorbet’s own choice, no source. */
const smallKw = 3.5;

/** The class of a heater, within which its faults are counted together: what it warms, and whether it is a small or a large one. */
export function unitClassOf(build: Pick<Build, 'unitCard' | 'sheets'>): string {
  const kw = valueAt(build.sheets, 'heater.claimedOutputKw');
  return `${mediumOf(build)}${kw === null ? '' : kw <= smallKw ? ', small' : ', large'}`;
}
