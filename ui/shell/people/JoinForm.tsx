'use client';
import { Button } from '@mui/material';
import { chosenPasswordSchema } from '../../../core/build/personSchemas';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { bySchema } from '../../components/forms/bySchema';
import { Field } from '../../components/forms/Field';
import { NewPasswordField } from '../../components/forms/PersonFields';
import { useSentForm } from '../../components/forms/useSentForm';
import { people as t } from '../../texts/en/people';

const blank = { password: '', again: '' };

/** Whoever holds a lead's link chooses a password, and is signed in with it. */
export function JoinForm({ token, login }: { token: string; login: string }) {
  const { field, send, problems } = useSentForm<typeof blank>(blank, bySchema(chosenPasswordSchema()));
  const join = async ({ password }: typeof blank) => {
    const joined = await postJson('/api/join', { token, password });
    const signedIn = joined.ok ? await postJson('/api/sign-in', { login, password }) : joined;
    if (signedIn.ok) window.location.assign('/');
    return signedIn;
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={send(join)}>
      <Field label={t.signInName} autoComplete="username" maxLength={60} value={login} readOnly />
      <NewPasswordField {...field('password')} />
      <NewPasswordField label={t.theSameAgain} {...field('again')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        {t.keepItAndSignIn}
      </Button>
    </AwakeForm>
  );
}
