import { isOpenFault, type Fault } from '../build/faults';
import { faultCauses, symptoms } from '../model/faults/causes';
import { isCause, isFaultCheck, isMended, isSymptom } from '../model/faults/faultCase';
import { faultChecks } from '../model/faults/faultNetwork';

export const symptomText = (symptom: string): string => (isSymptom(symptom) ? symptoms[symptom] : symptom);
export const causeText = (cause: string): string => (isCause(cause) ? faultCauses[cause].label : cause);
export const askText = (check: string): string => (isFaultCheck(check) ? faultChecks[check].ask : check);

/** How a fault stands, in a few words. */
export function faultStands(fault: Fault): string {
  if (fault.withdrawn) return 'withdrawn';
  if (fault.proof) return 'proven mended';
  return isOpenFault(fault) && isMended(fault) ? 'mended, not proven' : 'open';
}
/** A fault in one line, for a list or a sheet of paper. */
export function faultLine(fault: Fault): string {
  const causes = fault.repairs.map(({ cause, did }) => `${causeText(cause)}; ${did}`).join('. Then: ');
  return `Fault: ${symptomText(fault.symptom)}. ${causes ? `Mended: ${causes}. ` : ''}It is ${faultStands(fault)}.`;
}
