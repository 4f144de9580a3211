'use client';
import { Button } from '@mui/material';
import { ScanLine } from 'lucide-react';
import { useState } from 'react';
import { useWorkspace } from '../../sync/useWorkspace';
import { eye as t } from '../../texts/en/eye';
import { CodeScreen } from '../dialogs';

/** The heater's serial number, read from its plate by the camera. */
export function SerialKey() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const [open, setOpen] = useState(false);
  if (!mayWork || typeof navigator === 'undefined' || !('mediaDevices' in navigator)) return null;
  const { heaterSerial } = settled.identity;
  const take = (to: string) =>
    to === heaterSerial ? [] : send({ kind: 'identity', changes: [{ key: 'heaterSerial', from: heaterSerial, to }] });
  return (
    <p>
      <Button startIcon={<ScanLine size={20} />} onClick={() => setOpen(true)}>
        {t.readSerial}
      </Button>{' '}
      <span className="mono">{heaterSerial}</span>
      {open && <CodeScreen onTake={take} onLeave={() => setOpen(false)} />}
    </p>
  );
}
