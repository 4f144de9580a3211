import type { ComponentProps } from 'react';
import { Field } from './Field';

type Registered = Omit<ComponentProps<typeof Field>, 'label' | 'maxLength'>;

/** The name by which somebody signs in, as it is given to them. */
export function SignInNameField(field: Registered) {
  return <Field label="Sign-in name: a to z, 0 to 9, point, hyphen" autoCapitalize="off" maxLength={60} {...field} />;
}

/** A password that is chosen here. */
export function NewPasswordField({ label = 'Password, 10 characters or more', ...field }: Registered & { label?: string }) {
  return <Field label={label} type="password" autoComplete="new-password" maxLength={200} {...field} />;
}
