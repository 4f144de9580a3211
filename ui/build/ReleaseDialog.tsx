'use client';
import { Dialog } from '@mui/material';
import { useState } from 'react';
import type { ReleasableHoldPoint } from '../../core/build/Build';
import { holdPoints, holdPointSteps, type Finding } from '../../core/checks/Finding';
import { holdPointState } from '../../core/checks/holdPointState';
import { LevelMark } from '../findings/LevelMark';
import { useWorkspace, useSay } from './BuildContext';
import { StageLink } from './StageLink';

function Standing({ findings, onGo }: { findings: readonly Finding[]; onGo: () => void }) {
  const { build } = useWorkspace();
  const say = useSay();
  return (
    <ul className="stack" onClick={onGo}>
      {findings.map((finding) => (
        <li key={finding.id}>
          <LevelMark level={finding.level} />{' '}
          <StageLink className="plain-link" href={`/builds/${build.id}/${finding.stage}`}>
            {say(finding.message)}
          </StageLink>
        </li>
      ))}
    </ul>
  );
}

/** The gate before a step that can't be undone: what stands open over all sheets, and the name of whoever goes through. */
export function ReleaseDialog({ holdPoint, onClose }: { holdPoint: ReleasableHoldPoint; onClose: () => void }) {
  const { settled, findings, send, mayWork, who } = useWorkspace();
  const [problems, setProblems] = useState<string[]>([]);
  const { stops, open } = holdPointState(settled, findings, holdPoint);
  const pass = () => {
    const errors = send({ kind: 'holdPoint', holdPoint, action: 'release' });
    setProblems(errors);
    if (errors.length === 0) onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="gate-title">
      <div className="stack" style={{ padding: 20 }}>
        <h2 id="gate-title">{holdPoints[holdPoint][0]?.toUpperCase() + holdPoints[holdPoint].slice(1)}</h2>
        {stops.length > 0 && (
          <div className="banner bad" style={{ margin: 0 }}>
            <strong>Shut. Nobody passes while this stands:</strong>
            <Standing findings={stops} onGo={onClose} />
          </div>
        )}
        {open.length > 0 && (
          <div>
            <p>
              <strong>Still open, and harder to mend after this step:</strong>
            </p>
            <Standing findings={open} onGo={onClose} />
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
            <button type="button" className="button ink" onClick={pass}>
              {open.length === 0 ? `Done: ${holdPointSteps[holdPoint]}` : `Done all the same: ${holdPointSteps[holdPoint]}`}
            </button>
          )}
          <button type="button" className="button" onClick={onClose}>
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
