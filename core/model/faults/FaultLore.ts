import type { FaultCode } from '../../build/faults';
import type { CauseCounts } from './learned';

/** What a workshop knows of such heaters: how often each cause was proven, and what codes of the same card were said to mean. */
export interface FaultLore {
  counts: CauseCounts;
  codes: FaultCode[];
}
