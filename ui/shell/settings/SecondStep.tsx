'use client';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useState } from 'react';
import useSWR from 'swr';
import { codeSchema, passwordAloneSchema } from '../../../core/build/stepSchemas';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { bySchema } from '../../components/forms/bySchema';
import { Field } from '../../components/forms/Field';
import { useSentForm } from '../../components/forms/useSentForm';
import { later } from '../../components/later';
import { getJson, postJson } from '../../sync/postJson';
import { step as t } from '../../texts/en/step';
import { dateAndTime } from '../../texts/when';
import { StepIsOn, type StepKept } from './StepIsOn';

const QrCode = later(() => import('../../components/QrCode').then((m) => m.QrCode));
const own = '/api/me/second-step';
const blankPassword = { password: '' };
const blankCode = { code: '' };

/** The code that the phone scans, and the first code that it shows in return. */
function Scan({ uri, secret, onOn }: { uri: string; secret: string; onOn: (codes: string[]) => void }) {
  const { field, send, problems } = useSentForm<typeof blankCode>(blankCode, bySchema(codeSchema()));
  const confirm = async ({ code }: typeof blankCode) => {
    const answer = await postJson<{ codes: string[] }>(own, { action: 'confirm', code });
    if (answer.ok) onOn(answer.value.codes);
    return answer;
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={send(confirm)}>
      <p>{t.scan}</p>
      <QrCode text={uri} label={t.qr} />
      <p className="soft mono">{t.orType({ secret: secret.replace(/(.{4})(?=.)/g, '$1 ') })}</p>
      <Field label={t.thenType} autoComplete="one-time-code" inputMode="numeric" maxLength={30} {...field('code')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        {t.confirm}
      </Button>
    </AwakeForm>
  );
}

function Begin({ isLead, onOn }: { isLead: boolean; onOn: (codes: string[]) => void }) {
  const { field, send, problems } = useSentForm<typeof blankPassword>(blankPassword, bySchema(passwordAloneSchema()));
  const [begun, setBegun] = useState<{ uri: string; secret: string } | null>(null);
  const begin = async ({ password }: typeof blankPassword) => {
    const answer = await postJson<{ uri: string; secret: string }>(own, { action: 'begin', password });
    if (answer.ok) setBegun(answer.value);
    return answer;
  };
  if (begun) return <Scan {...begun} onOn={onOn} />;
  return (
    <AwakeForm className="form-narrow" onSubmit={send(begin)}>
      {isLead && <Alert severity="warning">{t.leadShould}</Alert>}
      <Field label={t.password} type="password" autoComplete="current-password" maxLength={200} {...field('password')} />
      <Problems all={problems} />
      <Button type="submit" variant="contained">
        {t.begin}
      </Button>
    </AwakeForm>
  );
}

/** Recovery codes, shown once. */
function Codes({ codes, onKept }: { codes: readonly string[]; onKept: () => void }) {
  return (
    <div className="banner" role="status">
      <p>
        <strong>{t.keepCodes}</strong>
      </p>
      <ul className="plain mono" data-recovery>
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <Button variant="contained" onClick={onKept}>
        {t.codesKept}
      </Button>
    </div>
  );
}

/** A person's second step of signing in. */
export function SecondStep({ isLead }: { isLead: boolean }) {
  const { data, mutate } = useSWR(own, (url) => getJson<StepKept>(url));
  const [codes, setCodes] = useState<readonly string[]>([]);
  const [told, setTold] = useState('');
  if (!data) return <LinearProgress aria-label={t.secondStep} />;
  if (!data.ok) return <p className="error-line">{data.errors.join(' ')}</p>;
  const { step } = data.value;
  const changed = (said: string) => {
    setTold(said);
    void mutate();
  };
  const given = (fresh: string[]) => {
    setCodes(fresh);
    changed('');
  };
  return (
    <>
      <p className="soft">{t.what}</p>
      {codes.length > 0 && <Codes codes={codes} onKept={() => setCodes([])} />}
      {step ? (
        <>
          <p>{t.onSince({ when: dateAndTime(step.since), n: step.codesLeft })}</p>
          <StepIsOn kept={data.value} onCodes={given} onChange={changed} />
        </>
      ) : (
        <Begin isLead={isLead} onOn={given} />
      )}
      <p role="status">{told}</p>
    </>
  );
}
