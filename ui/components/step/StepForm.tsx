'use client';
import { Button } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { codeSchema } from '../../../core/build/stepSchemas';
import type { JsonAnswer } from '../../sync/postJson';
import { AwakeForm } from '../AwakeForm';
import { Problems } from '../cells/Problems';
import { bySchema } from '../forms/bySchema';
import { Field } from '../forms/Field';
import { useSentForm } from '../forms/useSentForm';
import { step as t } from '../../texts/en/step';
import { askDevice } from './askDevice';

/** What is shown as the second step. */
export interface Shown {
  code?: string;
  passkey?: object;
}
const blank = { code: '' };

/** The second step: a code of the app, a recovery code, or a passkey where the person keeps one and the browser can. */
export function StepForm({
  passkey,
  send: give,
  children,
}: {
  /** what the browser asks the device for; null where there is no passkey */ passkey: object | null;
  send: (shown: Shown) => Promise<JsonAnswer<unknown>>;
  /** further keys */ children?: ReactNode;
}) {
  const { field, send, problems } = useSentForm<typeof blank>(blank, bySchema(codeSchema()));
  const [told, setTold] = useState<readonly string[]>([]);
  const touch = async (options: object) => {
    const given = await askDevice(options);
    if (!given) return setTold([t.passkeyNotGiven]);
    const answer = await give({ passkey: given });
    setTold(answer.ok ? [] : answer.errors);
  };
  return (
    <AwakeForm className="stack" onSubmit={send(({ code }) => give({ code }))}>
      <Field label={t.code} autoComplete="one-time-code" inputMode="text" autoFocus maxLength={30} {...field('code')} />
      <Problems all={[...problems, ...told]} />
      <div className="inline">
        <Button type="submit" variant="contained">
          {t.goOn}
        </Button>
        {passkey && <Button onClick={() => void touch(passkey)}>{t.usePasskey}</Button>}
        {children}
      </div>
    </AwakeForm>
  );
}
