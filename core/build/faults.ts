import type { CodeKind } from './unit/UnitCard';

/** A fault of the heater as it is looked for, mended and proven; a part of the record. */

/** One thing looked at, and what was found in the words of then; null where nobody could say. */
export interface FaultStep {
  at: string;
  by: string;
  check: string;
  found: string | null;
}
/** A cause that was mended; where it was not right after, more steps follow. */
export interface FaultRepair {
  at: string;
  by: string;
  cause: string;
  did: string;
  /** parts that went in, as they are called; empty where none did */ parts: string;
  /** how many of the steps came before it */ afterSteps: number;
}
/** What showed that it is right again: a start, and a reading of carbon monoxide where that is what was wrong. */
export interface FaultProof {
  at: string;
  by: string;
  start?: string;
  co?: string;
  told: string;
}
/** What the controller showed, and what it means by this unit’s own table or by what somebody read there. */
export interface FaultCode {
  shown: string;
  meaning?: string;
  /** which of the usual things it says */ tells?: CodeKind;
}
export interface Fault {
  id: string;
  at: string;
  by: string;
  symptom: string;
  /** the start that is complained of */ start?: string;
  code?: FaultCode;
  steps: FaultStep[];
  repairs: FaultRepair[];
  proof?: FaultProof;
  /** it was opened by mistake, or is none */ withdrawn?: { at: string; by: string; reason: string };
  /** the workshop does not want it to count in how often a cause is met */ aside?: true;
}

/** Neither proven nor withdrawn. */
export const isOpenFault = ({ proof, withdrawn }: Fault): boolean => !proof && !withdrawn;
