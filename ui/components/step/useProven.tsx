'use client';
import { Box, Button } from '@mui/material';
import { useState, type ReactNode } from 'react';
import type { JsonAnswer } from '../../sync/postJson';
import { step as t } from '../../texts/en/step';
import { Problems } from '../cells/Problems';
import { later } from '../later';

const ProveForm = later(() => import('./ProveForm').then((m) => m.ProveForm));

/**
 * For what is done only shortly after the second step was given: does it, or shows the form for the second step and does it then.
 * @returns how to do it, and the form, null where it is not asked for
 */
export function useProven(): {
  proven: <T>(work: () => Promise<JsonAnswer<T>>) => Promise<JsonAnswer<T>>;
  form: ReactNode;
} {
  const [pending, setPending] = useState<(() => Promise<JsonAnswer<unknown>>) | null>(null);
  const [errors, setErrors] = useState<readonly string[]>([]);
  const proven = async <T,>(work: () => Promise<JsonAnswer<T>>): Promise<JsonAnswer<T>> => {
    const answer = await work();
    const isDue = !answer.ok && answer.status === 428;
    setPending(isDue ? () => () => proven(work) : null);
    // The form asks for it: no sentence has to say so too.
    return isDue ? { ok: false, errors: [], status: 428 } : answer;
  };
  const again = async (work: () => Promise<JsonAnswer<unknown>>) => {
    const answer = await work();
    setErrors(answer.ok ? [] : answer.errors);
  };
  const form = pending ? (
    <Box className="banner form-narrow" role="group" aria-label={t.askedAgain}>
      <strong>{t.askedAgain}</strong>
      <ProveForm onProven={() => void again(pending)}>
        <Button onClick={() => setPending(null)}>{t.notNow}</Button>
      </ProveForm>
    </Box>
  ) : errors.length > 0 ? (
    <Problems all={errors} />
  ) : null;
  return { proven, form };
}
