import * as yup from 'yup';
import { once } from './once';
import { strictObject, text } from './schemaParts';
import { roles } from '../people/roles';

/** The name that stands under certificates. */
const personName = () => text(80, 2).label('Name');
export const loginSchema = () =>
  yup
    .string()
    .defined()
    .matches(/^[a-z0-9.-]{2,60}$/, '${path} must be 2 to 60 of a to z, 0 to 9, point and hyphen')
    .label('Sign-in name');
export const passwordSchema = () =>
  yup
    .string()
    .defined()
    .min(10, '${path} must hold 10 to 200 characters')
    .max(200, '${path} must hold 10 to 200 characters')
    .label('Password');
export const workshopSchema = once(() => text(80, 2).label('Workshop’s name'));
const role = () => yup.string().defined().oneOf(Object.keys(roles)).label('Role');

/** What a lead says of somebody new. */
export const inviteSchema = once(() => strictObject({ name: personName(), login: loginSchema(), role: role() }));
/** Who may sign in with a password. */
export const newPersonSchema = once(() =>
  strictObject({
    name: personName(),
    login: loginSchema(),
    password: passwordSchema(),
    role: role(),
    demo: yup.boolean().optional(),
  }),
);
/** What the first of all says: the code that the start command printed, the workshop, and who leads it. */
export const firstLeadSchema = once(() =>
  strictObject({
    code: text(20, 1).label('Set-up code'),
    workshop: workshopSchema(),
    name: personName(),
    login: loginSchema(),
    password: passwordSchema(),
  }),
);
const oldPassword = () => yup.string().defined().min(1, '${path} is missing').max(200).label('Password until now');
/** What a person says who changes the own password. */
export const ownPasswordSchema = once(() => strictObject({ old: oldPassword(), password: passwordSchema() }));
const twice = () => ({
  password: passwordSchema(),
  again: yup
    .string()
    .defined()
    .oneOf([yup.ref('password')], 'The two passwords are not the same'),
});
/** A password chosen by whoever holds a link, typed twice. */
export const chosenPasswordSchema = once(() => strictObject(twice()));
/** The form by which a person changes the own password. */
export const ownPasswordFormSchema = once(() => strictObject({ old: oldPassword(), ...twice() }));
