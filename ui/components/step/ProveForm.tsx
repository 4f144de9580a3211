'use client';
import type { ReactNode } from 'react';
import useSWR from 'swr';
import { postJson } from '../../sync/postJson';
import { StepForm, type Shown } from './StepForm';

const own = '/api/me/second-step';

/** The second step given once more in a session. */
export function ProveForm({ onProven, children }: { onProven: () => void; children?: ReactNode }) {
  const { data } = useSWR('second-step-asked', () => postJson<{ passkey: object | null }>(own, { action: 'ask' }), {
    revalidateOnFocus: false,
  });
  const prove = async (shown: Shown) => {
    const action = shown.passkey ? 'provePasskey' : 'prove';
    const answer = await postJson(own, { action, ...shown });
    if (answer.ok) onProven();
    return answer;
  };
  return (
    <StepForm passkey={data?.ok ? data.value.passkey : null} send={prove}>
      {children}
    </StepForm>
  );
}
