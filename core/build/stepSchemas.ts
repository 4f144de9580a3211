import * as yup from 'yup';
import { once } from './once';
import { strictObject } from './schemaParts';

const code = () => yup.string().defined().min(6, '${path} has six digits, a recovery code 16 letters').max(30).label('Code');
const password = () => yup.string().defined().min(1, '${path} is missing').max(200).label('Password');

const label = () => yup.string().defined().min(2, '${path} must hold 2 to 60 characters').max(60).label('Name');

/** The form's own: a code of the app, or one of those kept for the day on which the phone is lost. */
export const codeSchema = once(() => strictObject({ code: code() }));
export const passwordAloneSchema = once(() => strictObject({ password: password() }));
/** Both, to switch it off. */
export const stepOffSchema = once(() => strictObject({ password: password(), code: code() }));
export const passkeyNameSchema = once(() => strictObject({ label: label() }));
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
  keepPasskey: { passkey: passkey(), label: label() },
  dropPasskey: { id: yup.string().defined().min(8).max(400) },
} as const;
export type StepAction = keyof typeof stepActions;
