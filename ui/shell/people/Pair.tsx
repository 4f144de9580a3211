'use client';
import { LinearProgress } from '@mui/material';
import { useEffect, useState } from 'react';
import { postJson } from '../../sync/postJson';
import { devices as t } from '../../texts/en/devices';

/** A phone that has scanned a code: it is signed in, or told why not. */
export function Pair() {
  const [problem, setProblem] = useState('');
  useEffect(() => {
    const code = window.location.hash.slice(1);
    // Gone from the address at once: it must not be left in a history.
    window.history.replaceState(null, '', window.location.pathname);
    const take = async () => {
      if (code === '') return t.noCode;
      const answer = await postJson('/api/pairing/take', { code });
      if (answer.ok) window.location.replace('/');
      return answer.ok ? '' : answer.errors.join(' ');
    };
    void take().then(setProblem);
  }, []);
  return (
    <>
      <h1>{t.thisPhone}</h1>
      {problem ? (
        <p className="error-line" role="alert">
          {problem}
        </p>
      ) : (
        <LinearProgress aria-label={t.pairing} />
      )}
    </>
  );
}
