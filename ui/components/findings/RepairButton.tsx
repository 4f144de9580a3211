'use client';
import { Button } from '@mui/material';
import { useState } from 'react';
import { useWorkspace } from '../../sync/useWorkspace';
import { RepairDialog } from '../dialogs';
import type { RepairOf } from './RepairDialog';

/** Records why something was found bad and what was done: what was found stays in the record, and a new proof clears it. */
export function RepairButton(of: RepairOf) {
  const { mayWork } = useWorkspace('mayWork');
  const [open, setOpen] = useState(false);
  if (!mayWork) return null;
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)}>
        Record cause and repair{of.name ? ` of ${of.name}` : ''}
      </Button>
      {open && <RepairDialog {...of} onClose={() => setOpen(false)} />}
    </>
  );
}
