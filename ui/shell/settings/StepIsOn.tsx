'use client';
import { Box, Button } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { codeSchema, passkeyNameSchema, stepOffSchema } from '../../../core/build/stepSchemas';
import { AwakeForm } from '../../components/AwakeForm';
import { Problems } from '../../components/cells/Problems';
import { bySchema } from '../../components/forms/bySchema';
import { Field } from '../../components/forms/Field';
import { useSentForm } from '../../components/forms/useSentForm';
import { makeOnDevice } from '../../components/step/askDevice';
import { useProven } from '../../components/step/useProven';
import { postJson, type JsonAnswer } from '../../sync/postJson';
import { step as t } from '../../texts/en/step';
import { dateAndTime } from '../../texts/when';

export interface StepKept {
  step: { since: string; codesLeft: number } | null;
  passkeys: { id: string; label: string; madeAt: string }[];
  passkeysHold: boolean;
}
const own = '/api/me/second-step';
const blank = { label: '' };
const off = { password: '', code: '' };
const again = { code: '' };

/** A key that opens the form behind it. */
function Behind({ label, children }: { label: string; children: (close: () => void) => ReactNode }) {
  const [open, setOpen] = useState(false);
  return open ? children(() => setOpen(false)) : <Button onClick={() => setOpen(true)}>{label}</Button>;
}

function NewCodes({ onCodes, onClose }: { onCodes: (codes: string[]) => void; onClose: () => void }) {
  const { field, send, problems } = useSentForm<typeof again>(again, bySchema(codeSchema()));
  const renew = async ({ code }: typeof again) => {
    const answer = await postJson<{ codes: string[] }>(own, { action: 'codes', code });
    if (answer.ok) onCodes(answer.value.codes);
    return answer;
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={send(renew)}>
      <p className="soft">{t.newCodesHint}</p>
      <Field label={t.code} autoComplete="one-time-code" maxLength={30} {...field('code')} />
      <Problems all={problems} />
      <div className="inline">
        <Button type="submit">{t.newCodes}</Button>
        <Button variant="text" onClick={onClose}>
          {t.notNow}
        </Button>
      </div>
    </AwakeForm>
  );
}

function SwitchOff({ onOff, onClose }: { onOff: () => void; onClose: () => void }) {
  const { field, send, problems } = useSentForm<typeof off>(off, bySchema(stepOffSchema()));
  const end = async (values: typeof off) => {
    const answer = await postJson(own, { action: 'end', ...values });
    if (answer.ok) onOff();
    return answer;
  };
  return (
    <AwakeForm className="form-narrow" onSubmit={send(end)}>
      <Field label={t.password} type="password" autoComplete="current-password" maxLength={200} {...field('password')} />
      <Field label={t.code} autoComplete="one-time-code" maxLength={30} {...field('code')} />
      <Problems all={problems} />
      <div className="inline">
        <Button type="submit">{t.switchOff}</Button>
        <Button variant="text" onClick={onClose}>
          {t.notNow}
        </Button>
      </div>
    </AwakeForm>
  );
}

/** Passkeys of the person; where the last code is too old for it, it is asked for on the spot. */
function Passkeys({ passkeys, passkeysHold, onChange }: StepKept & { onChange: (said: string) => void }) {
  const { form, field, send, problems } = useSentForm<typeof blank>(blank, bySchema(passkeyNameSchema()));
  const { proven, form: ask } = useProven();
  const add = async ({ label }: typeof blank): Promise<JsonAnswer<unknown>> => {
    const offered = await postJson<object>(own, { action: 'offerPasskey' });
    if (!offered.ok) return offered;
    const passkey = await makeOnDevice(offered.value);
    if (!passkey) return { ok: false, errors: [t.passkeyNotGiven] };
    const kept = await postJson(own, { action: 'keepPasskey', passkey, label });
    if (kept.ok) {
      form.reset(blank);
      onChange('');
    }
    return kept;
  };
  const drop = async (id: string) => {
    const answer = await postJson(own, { action: 'dropPasskey', id });
    if (answer.ok) onChange('');
    return answer;
  };
  return (
    <>
      <Box component="h3" sx={{ mt: 1.75 }}>
        {t.passkeys}
      </Box>
      <p className="soft">{passkeysHold ? t.passkeysHint : t.noPasskeysHere}</p>
      <ul className="plain">
        {passkeys.map(({ id, label, madeAt }) => (
          <li key={id} className="card-row">
            <strong>{label}</strong> <span className="soft">{t.madeAt({ when: dateAndTime(madeAt) })}</span>{' '}
            <Button variant="text" aria-label={t.dropOf({ label })} onClick={() => void proven(() => drop(id))}>
              {t.drop}
            </Button>
          </li>
        ))}
      </ul>
      {ask ??
        (passkeysHold && (
          <AwakeForm className="form-narrow" onSubmit={send((values) => proven(() => add(values)))}>
            <Field label={t.passkeyName} maxLength={60} {...field('label')} />
            <Problems all={problems} />
            <Button type="submit">{t.addPasskey}</Button>
          </AwakeForm>
        ))}
    </>
  );
}

/** What can be done once a second step is on. */
export function StepIsOn({
  kept,
  onCodes,
  onChange,
}: {
  kept: StepKept;
  onCodes: (codes: string[]) => void;
  onChange: (said: string) => void;
}) {
  return (
    <>
      <div className="stack">
        <Behind label={t.newCodes}>
          {(close) => (
            <NewCodes
              onClose={close}
              onCodes={(codes) => {
                close();
                onCodes(codes);
              }}
            />
          )}
        </Behind>
        <Behind label={t.switchOff}>{(close) => <SwitchOff onClose={close} onOff={() => onChange(t.off)} />}</Behind>
      </div>
      <Passkeys {...kept} onChange={onChange} />
    </>
  );
}
