'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';

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
      <label>
        <span className="field-label">Workshop’s name</span>
        <input className="text-field" maxLength={80} {...register('workshop')} />
      </label>
      <label>
        <span className="field-label">Your name, as it stands under certificates</span>
        <input className="text-field" autoComplete="name" maxLength={80} {...register('name')} />
      </label>
      <label>
        <span className="field-label">Sign-in name: a to z, 0 to 9, point, hyphen</span>
        <input className="text-field" autoComplete="username" autoCapitalize="off" maxLength={60} {...register('login')} />
      </label>
      <label>
        <span className="field-label">Password, 10 characters or more</span>
        <input className="text-field" type="password" autoComplete="new-password" maxLength={200} {...register('password')} />
      </label>
      {problems.length > 0 && (
        <ul className="error-line" role="alert">
          {problems.map((problem) => (
            <li key={problem}>{problem}</li>
          ))}
        </ul>
      )}
      <Button type="submit" variant="contained">
        Begin
      </Button>
    </AwakeForm>
  );
}
