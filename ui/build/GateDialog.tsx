'use client';
import { Dialog } from '@mui/material';
import { useState } from 'react';
import type { GateMoment } from '../../core/build/Build';
import { moments, momentSteps, type Call } from '../../core/checks/Call';
import { gateOf } from '../../core/checks/gates';
import { LevelMark } from '../calls/LevelMark';
import { useBench, useSay } from './BuildContext';
import { StageLink } from './StageLink';

function Standing({ calls, onGo }: { calls: readonly Call[]; onGo: () => void }) {
  const { build } = useBench();
  const say = useSay();
  return (
    <ul className="stack" onClick={onGo}>
      {calls.map((call) => (
        <li key={call.id}>
          <LevelMark level={call.level} />{' '}
          <StageLink className="plain-link" href={`/builds/${build.id}/${call.stage}`}>
            {say(call.says)}
          </StageLink>
        </li>
      ))}
    </ul>
  );
}

/** The gate before a step that can't be undone: what stands open over all sheets, and the name of whoever goes through. */
export function GateDialog({ moment, onClose }: { moment: GateMoment; onClose: () => void }) {
  const { settled, calls, send, mayWork, who } = useBench();
  const [problems, setProblems] = useState<string[]>([]);
  const { stops, open } = gateOf(settled, calls, moment);
  const pass = () => {
    const errors = send({ kind: 'gate', moment, deed: 'pass' });
    setProblems(errors);
    if (errors.length === 0) onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="gate-title">
      <div className="stack" style={{ padding: 20 }}>
        <h2 id="gate-title">{moments[moment][0]?.toUpperCase() + moments[moment].slice(1)}</h2>
        {stops.length > 0 && (
          <div className="banner bad" style={{ margin: 0 }}>
            <strong>Shut. Nobody passes while this stands:</strong>
            <Standing calls={stops} onGo={onClose} />
          </div>
        )}
        {open.length > 0 && (
          <div>
            <p>
              <strong>Still open, and harder to mend after this step:</strong>
            </p>
            <Standing calls={open} onGo={onClose} />
          </div>
        )}
        {stops.length + open.length === 0 && <p>Every call that guards this step holds.</p>}
        {problems.length > 0 && (
          <p className="error-line" role="alert">
            {problems.join(' ')}
          </p>
        )}
        <div className="inline">
          {mayWork && stops.length === 0 && (
            <button type="button" className="key ink" onClick={pass}>
              {open.length === 0 ? `Done: ${momentSteps[moment]}` : `Done all the same: ${momentSteps[moment]}`}
            </button>
          )}
          <button type="button" className="key" onClick={onClose}>
            Not yet
          </button>
        </div>
        {mayWork && stops.length === 0 && (
          <p className="soft">
            The ledger keeps that {who.name} passed here{open.length > 0 ? ', and what stood open' : ''}.
          </p>
        )}
      </div>
    </Dialog>
  );
}
