'use client';
import { Box, Button, LinearProgress } from '@mui/material';
import { useState } from 'react';
import useSWR from 'swr';
import type { PublicKey } from '../../../core/proof/judgePaper';
import { keyIdOf } from '../../../core/proof/statement';
import { getJson, postJson } from '../../sync/postJson';
import { verify as v } from '../../texts/en/verify';
import { keys as t } from '../../texts/en/keys';
import { dateAndTime } from '../../texts/when';

interface Answer {
  keys: PublicKey[];
  /** whether the key in use can be opened on this machine */ opens: boolean;
}
const instant = (ms: number) => dateAndTime(new Date(ms).toISOString());

function keyText({ madeAtMs, retired }: PublicKey): string {
  if (!retired) return t.inUse({ since: instant(madeAtMs) });
  const dates = { since: instant(madeAtMs), until: instant(retired.atMs) };
  return retired.why === 'lost' ? t.wasLost(dates) : t.wasChanged(dates);
}

/** The keys that sign certificates; and the chain of heads, for somebody else to keep. */
export function Keys({ mayChange }: { mayChange: boolean }) {
  const { data, mutate } = useSWR('/api/workshop/keys', (url) => getJson<Answer>(url));
  const [asked, setAsked] = useState<'changed' | 'lost' | null>(null);
  const [told, setTold] = useState('');
  if (!data) return <LinearProgress aria-label={t.title} />;
  if (!data.ok) return <p className="error-line">{data.errors.join(' ')}</p>;
  const change = async (why: 'changed' | 'lost') => {
    const answer = await postJson<Answer>('/api/workshop/keys', { why });
    setAsked(null);
    setTold(answer.ok ? t.made : answer.errors.join(' '));
    await mutate();
  };
  return (
    <>
      <p className="soft">{t.intro}</p>
      {!data.value.opens && <p className="banner bad">{t.cantOpen}</p>}
      <ul>
        {data.value.keys.map((key) => (
          <li key={key.publicKey}>
            <strong className="figure">{keyIdOf(key.publicKey)}</strong> {keyText(key)}
          </li>
        ))}
      </ul>
      <p>
        <Button href="/verify" variant="text">
          {v.title}
        </Button>
      </p>
      {mayChange && asked === null && (
        <div className="inline">
          <Button onClick={() => setAsked('changed')}>{t.change}</Button>
          <Button onClick={() => setAsked('lost')}>{t.lost}</Button>
          <Button href="/api/workshop/witness" download>
            {t.witness}
          </Button>
        </div>
      )}
      {asked !== null && (
        <Box className="banner" role="alertdialog" aria-label={t.title}>
          <p>{asked === 'lost' ? t.lostMeans : t.changeMeans}</p>
          <div className="inline">
            <Button variant="contained" onClick={() => void change(asked)}>
              {t.make}
            </Button>
            <Button variant="text" onClick={() => setAsked(null)}>
              {t.leave}
            </Button>
          </div>
        </Box>
      )}
      <p aria-live="polite">{told}</p>
    </>
  );
}
