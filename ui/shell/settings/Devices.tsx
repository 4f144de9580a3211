'use client';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useEffect, useState } from 'react';
import useSWR from 'swr';
import { later } from '../../components/later';
import { getJson, postJson } from '../../sync/postJson';
import { devices as t } from '../../texts/en/devices';
import { dateAndTime } from '../../texts/when';

const QrCode = later(() => import('../../components/QrCode').then((m) => m.QrCode));

interface Device {
  id: string;
  agent: string;
  beganAt: string;
  seenAt: string;
  here: boolean;
}
interface Answer {
  devices: Device[];
  lan: { address: string; trust: string } | null;
}

/** The code that signs a phone in, as long as it is good. */
function Code({ url, expiresAt }: { url: string; expiresAt: string }) {
  const [left, setLeft] = useState<number | null>(null);
  useEffect(() => {
    const tick = () => setLeft(Math.max(0, Math.round((Date.parse(expiresAt) - Date.now()) / 1000)));
    queueMicrotask(tick);
    const timer = setInterval(tick, 1000);
    return () => clearInterval(timer);
  }, [expiresAt]);
  if (left === 0) return <p role="status">{t.gone}</p>;
  return (
    <>
      <p>{t.scan}</p>
      <QrCode text={url} label={t.theQr} />
      {left !== null && <p className="soft">{t.scanLeft({ s: left })}</p>}
    </>
  );
}

/** Where a person is signed in, and how a phone gets there. */
export function Devices() {
  const { data, mutate } = useSWR('/api/devices', (url) => getJson<Answer>(url));
  const [code, setCode] = useState<{ url: string; expiresAt: string } | null>(null);
  const [told, setTold] = useState('');
  if (!data) return <LinearProgress aria-label={t.devices} />;
  if (!data.ok) return <p className="error-line">{data.errors.join(' ')}</p>;
  const { devices, lan } = data.value;
  const pair = async () => {
    const made = await postJson<{ url: string; expiresAt: string }>('/api/pairing', {});
    if (made.ok) setCode(made.value);
    else setTold(made.errors.join(' '));
  };
  const end = async (id: string) => {
    const answer = await postJson<Pick<Answer, 'devices'>>('/api/devices', { end: id });
    setTold(answer.ok ? t.ended : answer.errors.join(' '));
    await mutate();
  };
  return (
    <>
      <p className="soft">{t.pairHint}</p>
      {lan ? <Button onClick={() => void pair()}>{t.pair}</Button> : <Alert severity="info">{t.lanOff}</Alert>}
      {code && <Code key={code.url} {...code} />}
      {code && lan && (
        <>
          <p>{t.trustFirst}</p>
          <QrCode text={lan.trust} label={t.theQr} />
        </>
      )}
      <ul className="plain">
        {devices.map(({ id, agent, beganAt, seenAt, here }) => (
          <li key={id} className="card-row" data-device={id}>
            {here ? <strong>{t.thisOne}</strong> : <span>{agent || t.unknown}</span>}{' '}
            <span className="soft">{t.since({ when: dateAndTime(beganAt), seen: dateAndTime(seenAt) })}</span>{' '}
            {!here && (
              <Button variant="text" aria-label={t.endOf({ agent: agent || t.unknown })} onClick={() => void end(id)}>
                {t.end}
              </Button>
            )}
          </li>
        ))}
      </ul>
      <p role="status">{told}</p>
    </>
  );
}
