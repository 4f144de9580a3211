'use client';
import { Alert, Box, Button } from '@mui/material';
import { Ruler } from 'lucide-react';
import { useState } from 'react';
import { figureAt } from '../../../core/build/sheets';
import { slotNow } from '../../../core/measure/walkRound';
import { useWorkspace } from '../../sync/useWorkspace';
import { level as t } from '../../texts/en/level';
import { LieScreen } from '../dialogs';
import { allowTilt, couldTellTilt } from './useTilt';

const path = 'siting.heaterLies';

/** The phone laid on the heater tells how it lies. */
export function LieKey({ onTaken }: { onTaken?: () => void }) {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const [state, setState] = useState<'shut' | 'open' | 'refused'>('shut');
  if (!mayWork || !couldTellTilt()) return null;
  const take = (to: string): string[] => {
    const slot = slotNow(settled, path);
    const from = figureAt(settled.sheets, path)[slot];
    const errors = from === to ? [] : send({ kind: 'figures', changes: [{ path, slot, from, to }] });
    if (errors.length === 0) onTaken?.();
    return errors;
  };
  return (
    <Box sx={{ mb: 1 }}>
      <Button startIcon={<Ruler size={20} />} onClick={() => void allowTilt().then((may) => setState(may ? 'open' : 'refused'))}>
        {t.lieWithThePhone}
      </Button>
      {state === 'refused' && <Alert severity="warning">{t.mayNotListen}</Alert>}
      {state === 'open' && <LieScreen onTake={take} onLeave={() => setState('shut')} />}
    </Box>
  );
}
