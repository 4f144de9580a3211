'use client';
import { useState } from 'react';
import type { ReleasableHoldPoint } from '../../core/build/Build';
import { holdPointSteps } from '../../core/checks/Finding';
import { holdPointState } from '../../core/checks/holdPointState';
import { useWorkspace } from './BuildContext';
import { ReleaseDialog } from './ReleaseDialog';

/** A gate as a key on the sheet that works towards it: shut, open, or passed. */
export function ReleaseButton({ holdPoint, label }: { holdPoint: ReleasableHoldPoint; label: string }) {
  const { settled, findings } = useWorkspace();
  const [open, setOpen] = useState(false);
  const { stops, open: standing, passed } = holdPointState(settled, findings, holdPoint);
  const state = passed
    ? `passed by ${passed.by}`
    : stops.length > 0
      ? 'shut'
      : standing.length > 0
        ? `${standing.length} open`
        : 'all holds';
  return (
    <>
      <button
        type="button"
        className="button"
        disabled={passed !== null}
        onClick={() => setOpen(true)}
        title={`Before ${holdPointSteps[holdPoint]}`}
      >
        {label} <span style={{ fontWeight: 400 }}>{state}</span>
      </button>
      {open && <ReleaseDialog holdPoint={holdPoint} onClose={() => setOpen(false)} />}
    </>
  );
}
