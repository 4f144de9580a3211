'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { device } from '../../sync/device';
import { postJson } from '../../sync/postJson';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { Field } from '../../components/forms/Field';
import { useSentForm } from '../../components/forms/useSentForm';
import { StepForm, type Shown } from '../../components/step/StepForm';
import { step as s } from '../../texts/en/step';
import { people as t } from '../../texts/en/people';

const blank = { login: '', password: '' };

export interface DemoPeople {
  password: string;
  people: { login: string; name: string; role: string }[];
}

export function SignInForm({ to, demo }: { to: string; demo: DemoPeople | null }) {
  // Whether a name and its password are right only the server knows; no schema says more.
  const { form, field, send, problems } = useSentForm<typeof blank>(blank);
  const [step, setStep] = useState<{ values: typeof blank; passkey: object | null } | null>(null);
  const enter = async (values: typeof blank & Shown) => {
    const answer = await postJson<{ signedIn: boolean; step?: { passkey: object | null } }>('/api/sign-in', values);
    if (answer.ok && answer.value.step) setStep({ values, passkey: answer.value.step.passkey });
    if (answer.ok && answer.value.signedIn) {
      // What an earlier person saw here is not this one's to see.
      await device.forget();
      window.location.assign(to);
    }
    return answer;
  };
  if (step)
    return (
      <section className="form-narrow">
        <h2>{s.yourSecondStep}</h2>
        <p className="soft">{s.whereTheCodeIs}</p>
        <StepForm passkey={step.passkey} send={(shown) => enter({ ...step.values, ...shown })}>
          <Button onClick={() => setStep(null)}>{s.somebodyElse}</Button>
        </StepForm>
      </section>
    );
  return (
    <AwakeForm className="form-narrow" onSubmit={send(enter)}>
      <Field label={t.signInName} autoComplete="username" autoCapitalize="off" maxLength={60} {...field('login')} />
      <Field label={t.password} type="password" autoComplete="current-password" maxLength={200} {...field('password')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        {t.signIn}
      </Button>
      {demo && (
        <section aria-label={t.demoPeople}>
          <Box component="p" className="invented" sx={{ display: 'inline-block' }}>
            {t.thisIsADemoWorkshopPeople}
          </Box>
          <Box component="p" sx={{ mt: 1 }}>
            {t.touchAPersonToFillIn} <span className="mono">{demo.password}</span>):
          </Box>
          <Box className="inline" sx={{ mt: 0.75 }}>
            {demo.people.map((person) => (
              <Button
                key={person.login}
                onClick={() => {
                  form.setValue('login', person.login);
                  form.setValue('password', demo.password);
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
