'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { Field } from '../../components/forms/Field';
import { NewPasswordField } from '../../components/forms/PersonFields';

/** Whoever holds a lead's link chooses a password, and is signed in with it. */
export function JoinForm({ token, login }: { token: string; login: string }) {
  const { register, handleSubmit } = useForm({ defaultValues: { password: '', again: '' } });
  const [errors, setErrors] = useState<string[]>([]);
  const join = async ({ password, again }: { password: string; again: string }) => {
    if (password !== again) {
      setErrors(['The two passwords are not the same.']);
      return;
    }
    const joined = await postJson('/api/join', { token, password });
    const signedIn = joined.ok ? await postJson('/api/sign-in', { login, password }) : joined;
    if (signedIn.ok) window.location.assign('/');
    else setErrors(signedIn.errors);
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={(event) => void handleSubmit(join)(event)}>
      <Field label="Sign-in name" autoComplete="username" maxLength={60} value={login} readOnly />
      <NewPasswordField {...register('password')} />
      <NewPasswordField label="The same again" {...register('again')} />
      <Problems all={errors} />
      <Button type="submit" variant="contained">
        Keep it and sign in
      </Button>
    </AwakeForm>
  );
}
