'use client';
import { useState } from 'react';
import type { GateMoment } from '../../core/build/Build';
import { momentSteps } from '../../core/checks/Call';
import { gateOf } from '../../core/checks/gates';
import { useBench } from './BuildContext';
import { GateDialog } from './GateDialog';

/** A gate as a key on the sheet that works towards it: shut, open, or passed. */
export function GateKey({ moment, label }: { moment: GateMoment; label: string }) {
  const { settled, calls } = useBench();
  const [open, setOpen] = useState(false);
  const { stops, open: standing, passed } = gateOf(settled, calls, moment);
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
        className="key"
        disabled={passed !== null}
        onClick={() => setOpen(true)}
        title={`Before ${momentSteps[moment]}`}
      >
        {label} <span style={{ fontWeight: 400 }}>{state}</span>
      </button>
      {open && <GateDialog moment={moment} onClose={() => setOpen(false)} />}
    </>
  );
}
