'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { Field } from '../../components/forms/Field';

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
      <Field
        label="Sign-in name: a to z, 0 to 9, point, hyphen"
        autoComplete="username"
        autoCapitalize="off"
        maxLength={60}
        {...register('login')}
      />
      <Field
        label="Password, 10 characters or more"
        type="password"
        autoComplete="new-password"
        maxLength={200}
        {...register('password')}
      />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        Begin
      </Button>
    </AwakeForm>
  );
}
