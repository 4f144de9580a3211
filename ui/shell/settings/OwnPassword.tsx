'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { ownPasswordFormSchema } from '../../../core/build/personSchemas';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { bySchema } from '../../components/forms/bySchema';
import { Field } from '../../components/forms/Field';
import { NewPasswordField } from '../../components/forms/PersonFields';
import { useSentForm } from '../../components/forms/useSentForm';
import { postJson } from '../../sync/postJson';
import { people as t } from '../../texts/en/people';

const blank = { old: '', password: '', again: '' };

/** A person's own password, changed by whoever knows the old one. */
export function OwnPassword() {
  const { form, field, send, problems } = useSentForm<typeof blank>(blank, bySchema(ownPasswordFormSchema()));
  const [changed, setChanged] = useState(false);
  const change = async ({ old, password }: typeof blank) => {
    const answer = await postJson('/api/me/password', { old, password });
    setChanged(answer.ok);
    if (answer.ok) form.reset(blank);
    return answer;
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={send(change)}>
      <Field label={t.passwordUntilNow} type="password" autoComplete="current-password" maxLength={200} {...field('old')} />
      <NewPasswordField {...field('password')} />
      <NewPasswordField label={t.theSameAgain} {...field('again')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        {t.changeIt}
      </Button>
      <p role="status">{changed ? t.passwordChanged : ''}</p>
    </AwakeForm>
  );
}
