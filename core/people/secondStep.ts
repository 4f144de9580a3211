import * as yup from 'yup';
import { once } from '../build/once';

/** A second step that is older is asked for again before what others rely on: 15 minutes (common practice, no source). */
export const secondStepMs = 15 * 60 * 1000;

/** What is known of a session's second step: when it was given, null where it was not. */
export interface SecondStep {
  provenAtMs: number | null;
}

/** Whether a person who has a second step has to give it again. A person without one is never asked. */
export const stepIsDue = (step: SecondStep | null | undefined, nowMs: number): boolean =>
  step !== null && step !== undefined && (step.provenAtMs === null || nowMs - step.provenAtMs > secondStepMs);

const strict = <T extends yup.ObjectShape>(fields: T) => yup.object(fields).defined().noUnknown().strict();
const code = () =>
  yup.string().defined().trim().min(6, '${path} has six digits, a recovery code 16 letters').max(30).label('Code');
const password = () => yup.string().defined().min(1, '${path} is missing').max(200).label('Password');

/** The form's own: a code of the app, or one of those kept for the day on which the phone is lost. */
export const codeSchema = once(() => strict({ code: code() }));
export const passwordAloneSchema = once(() => strict({ password: password() }));
export const passkeyNameSchema = once(() =>
  strict({ label: yup.string().defined().trim().min(2).max(60).label('Name of the passkey') }),
);
/** What a browser answers for a passkey; its inside is for the package that checks it. */
const passkey = () => yup.object().defined();

/** What can be done about one's own second step, each with what it takes. */
export const stepActions = {
  begin: { password: password() },
  confirm: { code: code() },
  prove: { code: code() },
  codes: { code: code() },
  end: { password: password(), code: code() },
  ask: {},
  provePasskey: { passkey: passkey() },
  offerPasskey: {},
  keepPasskey: { passkey: passkey(), label: yup.string().defined().trim().min(2).max(60) },
  dropPasskey: { id: yup.string().defined().min(8).max(400) },
} as const;
export type StepAction = keyof typeof stepActions;
