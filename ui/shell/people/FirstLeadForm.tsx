'use client';
import { Button } from '@mui/material';
import { firstLeadSchema } from '../../../core/build/personSchemas';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { bySchema } from '../../components/forms/bySchema';
import { Field } from '../../components/forms/Field';
import { NewPasswordField, SignInNameField } from '../../components/forms/PersonFields';
import { useSentForm } from '../../components/forms/useSentForm';
import { people as t } from '../../texts/en/people';

const blank = { code: '', workshop: '', name: '', login: '', password: '' };

/** Names the workshop and its first lead, once, on an empty Lorbet. */
export function FirstLeadForm() {
  const { field, send, problems } = useSentForm<typeof blank>(blank, bySchema(firstLeadSchema()));
  const enter = async (values: object) => {
    const answer = await postJson('/api/set-up', values);
    if (answer.ok) window.location.assign('/');
    return answer;
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={send(enter)}>
      <Field label={t.setUpCode} autoComplete="off" maxLength={20} {...field('code')} />
      <Field label={t.workshopsName} maxLength={80} {...field('workshop')} />
      <Field label={t.yourNameAsItStandsUnder} autoComplete="name" maxLength={80} {...field('name')} />
      <SignInNameField autoComplete="username" {...field('login')} />
      <NewPasswordField {...field('password')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        {t.begin}
      </Button>
    </AwakeForm>
  );
}
