'use client';
import { Box, Button } from '@mui/material';
import { holdPointSteps } from '../../core/build/stages';
import { useState } from 'react';
import type { ReleasableHoldPoint } from '../../core/build/Build';
import { holdPointState } from '../../core/checks/holdPointState';
import { useWorkspace } from '../sync/useWorkspace';
import { ReleaseDialog } from './dialogs';
import { parts as t } from '../texts/en/parts';

/** A hold point as a button on the sheet that works towards it: held, open, or released. */
export function ReleaseButton({ holdPoint, label }: { holdPoint: ReleasableHoldPoint; label: string }) {
  const { settled, findings } = useWorkspace('settled', 'findings');
  const [open, setOpen] = useState(false);
  const { stops, open: standing, release } = holdPointState(settled, findings, holdPoint);
  const state = release
    ? t.releasedBy({ by: release.by })
    : stops.length > 0
      ? t.held
      : standing.length > 0
        ? t.open({ n: standing.length })
        : t.allHolds;
  return (
    <>
      <Button
        disabled={release !== null}
        onClick={() => setOpen(true)}
        title={t.before({ holdPoint: holdPointSteps[holdPoint] })}
      >
        {label}{' '}
        <Box component="span" sx={{ fontWeight: 400 }}>
          {state}
        </Box>
      </Button>
      {open && <ReleaseDialog holdPoint={holdPoint} onClose={() => setOpen(false)} />}
    </>
  );
}
