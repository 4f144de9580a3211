'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';

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
      <input type="hidden" autoComplete="username" value={login} readOnly />
      <label>
        <span className="field-label">Password, 10 characters or more</span>
        <input className="text-field" type="password" autoComplete="new-password" maxLength={200} {...register('password')} />
      </label>
      <label>
        <span className="field-label">The same again</span>
        <input className="text-field" type="password" autoComplete="new-password" maxLength={200} {...register('again')} />
      </label>
      {errors.length > 0 && (
        <p className="error-line" role="alert">
          {errors.join(' ')}
        </p>
      )}
      <Button type="submit" variant="contained">
        Keep it and sign in
      </Button>
    </AwakeForm>
  );
}
