'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { device } from '../../sync/device';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { Field } from '../../components/forms/Field';

export interface DemoPeople {
  password: string;
  people: { login: string; name: string; role: string }[];
}

export function SignInForm({ to, demo }: { to: string; demo: DemoPeople | null }) {
  const { register, handleSubmit, setValue } = useForm({ defaultValues: { login: '', password: '' } });
  const [problems, setProblems] = useState<string[]>([]);
  const enter = async (values: { login: string; password: string }) => {
    const answer = await postJson('/api/sign-in', values);
    if (!answer.ok) {
      setProblems(answer.errors);
      return;
    }
    // What an earlier person saw here is not this one's to see.
    await device.forget();
    window.location.assign(to);
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={(event) => void handleSubmit(enter)(event)}>
      <Field label="Sign-in name" autoComplete="username" autoCapitalize="off" maxLength={60} {...register('login')} />
      <Field label="Password" type="password" autoComplete="current-password" maxLength={200} {...register('password')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        Sign in
      </Button>
      {demo && (
        <section aria-label="Demo people">
          <Box component="p" className="invented" sx={{ display: 'inline-block' }}>
            This is a demo: workshop, people, vehicles and figures are all invented.
          </Box>
          <Box component="p" sx={{ mt: 1 }}>
            Touch a person to fill in the sign-in (password <span className="mono">{demo.password}</span>):
          </Box>
          <Box className="inline" sx={{ mt: 0.75 }}>
            {demo.people.map((person) => (
              <Button
                key={person.login}
                onClick={() => {
                  setValue('login', person.login);
                  setValue('password', demo.password);
                }}
              >
                {person.name}, {person.role}
              </Button>
            ))}
          </Box>
        </section>
      )}
    </AwakeForm>
  );
}
