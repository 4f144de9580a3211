import type { ComponentProps } from 'react';
import { Field } from './Field';
import { parts as t } from '../../texts/en/parts';

type Registered = Omit<ComponentProps<typeof Field>, 'label' | 'maxLength'>;

/** The name by which somebody signs in, as it is given to them. */
export function SignInNameField(field: Registered) {
  return <Field label={t.signInNameAToZ} autoCapitalize="off" maxLength={60} {...field} />;
}

/** A password that is chosen here. */
export function NewPasswordField({ label = t.password10CharactersOrMore, ...field }: Registered & { label?: string }) {
  return <Field label={label} type="password" autoComplete="new-password" maxLength={200} {...field} />;
}
