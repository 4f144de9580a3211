/** A second step that is older is asked for again before what others rely on: 15 minutes (common practice, no source). */
export const secondStepMs = 15 * 60 * 1000;

/** What is known of a session's second step: when it was given, null where it was not. */
export interface SecondStep {
  provenAtMs: number | null;
}

/** Whether a person who has a second step has to give it again. A person without one is never asked. */
export const stepIsDue = (step: SecondStep | null | undefined, nowMs: number): boolean =>
  step !== null && step !== undefined && (step.provenAtMs === null || nowMs - step.provenAtMs > secondStepMs);
