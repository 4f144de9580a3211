'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useWorkspace } from '../../sync/useWorkspace';
import { RepairDialog } from '../dialogs';
import type { RepairOf } from './RepairDialog';
import { findings as t } from '../../texts/en/findings';

/** Records why something was found bad and what was done: what was found stays in the record, and a new proof clears it. */
export function RepairButton(of: RepairOf) {
  const { mayWork } = useWorkspace('mayWork');
  const [open, setOpen] = useState(false);
  if (!mayWork) return null;
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)}>
        {t.recordCauseAndRepair}
        {of.name ? t.ofName({ name: of.name }) : ''}
      </Button>
      {open && <RepairDialog {...of} onClose={() => setOpen(false)} />}
    </>
  );
}
