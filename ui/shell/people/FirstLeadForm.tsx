'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { Field } from '../../components/forms/Field';
import { NewPasswordField, SignInNameField } from '../../components/forms/PersonFields';

/** Names the workshop and its first lead, once, on an empty Lorbet. */
export function FirstLeadForm() {
  const { register, handleSubmit } = useForm({ defaultValues: { workshop: '', name: '', login: '', password: '' } });
  const [problems, setProblems] = useState<string[]>([]);
  const enter = async (values: object) => {
    const answer = await postJson('/api/set-up', values);
    if (answer.ok) window.location.assign('/');
    else setProblems(answer.errors);
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={(event) => void handleSubmit(enter)(event)}>
      <Field label="Workshop’s name" maxLength={80} {...register('workshop')} />
      <Field label="Your name, as it stands under certificates" autoComplete="name" maxLength={80} {...register('name')} />
      <SignInNameField autoComplete="username" {...register('login')} />
      <NewPasswordField {...register('password')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        Begin
      </Button>
    </AwakeForm>
  );
}
