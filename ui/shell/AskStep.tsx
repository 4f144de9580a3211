'use client';
import { Box, Button, Dialog } from '@mui/material';
import { useState } from 'react';
import { describeRow } from '../../core/ledger/describeRow';
import { later } from '../components/later';
import { useSmall } from '../components/useSmall';
import { useSay, useWorkspace } from '../sync/useWorkspace';
import { step as t } from '../texts/en/step';
import { commandBody } from './ledger/commandBody';

const ProveForm = later(() => import('../components/step/ProveForm').then((m) => m.ProveForm));

/** Asks for the second step before an entry goes out on which others rely; the entry waits on the device. */
function Asked() {
  const { waiting, settled, resend, setAside } = useWorkspace('waiting', 'settled', 'resend', 'setAside');
  const say = useSay();
  const small = useSmall();
  const [open, setOpen] = useState(true);
  const [head] = waiting;
  if (!head) return null;
  const what = say(describeRow({ kind: head.command.kind, body: commandBody(head.command, settled) }));
  return (
    <>
      <div className="banner" role="status">
        <strong>{t.askedAgain}.</strong> {t.waits} <Button onClick={() => setOpen(true)}>{t.giveIt}</Button>
      </div>
      <Dialog open={open} onClose={() => setOpen(false)} fullScreen={small} fullWidth maxWidth="sm" aria-labelledby="ask-step">
        <Box className="stack" sx={{ padding: 2.5 }}>
          <h2 id="ask-step">{t.askedAgain}</h2>
          <p>
            <strong>{what}</strong>
          </p>
          <p>{t.askedFor}</p>
          <p className="soft">{t.whereTheCodeIs}</p>
          <ProveForm onProven={resend}>
            <Button onClick={() => setOpen(false)}>{t.notNow}</Button>
            <Button variant="text" onClick={setAside}>
              {t.setAside}
            </Button>
          </ProveForm>
        </Box>
      </Dialog>
    </>
  );
}

export function AskStep() {
  const { link } = useWorkspace('link');
  return link === 'unproven' ? <Asked /> : null;
}
