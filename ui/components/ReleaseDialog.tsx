'use client';
import { placeHref, placeOfCheck } from '../../core/build/places';
import { holdPoints, holdPointSteps } from '../../core/build/stages';
import { Box, Button, Dialog } from '@mui/material';
import { useState } from 'react';
import type { ReleasableHoldPoint } from '../../core/build/Build';
import { type Finding } from '../../core/checks/Finding';
import { holdPointState } from '../../core/checks/holdPointState';
import { LevelMark } from './findings/LevelMark';
import { useFindingText, useWorkspace } from '../sync/useWorkspace';
import { StageLink } from './StageLink';
import { useSmall } from './useSmall';
import { parts as t } from '../texts/en/parts';

function Standing({ findings, onGo }: { findings: readonly Finding[]; onGo: () => void }) {
  const { build } = useWorkspace('build');
  const { message } = useFindingText();
  return (
    <ul className="stack" onClick={onGo}>
      {findings.map((finding) => (
        <li key={finding.id}>
          <LevelMark level={finding.level} assumed={finding.assumed !== undefined} />{' '}
          <StageLink className="plain-link" href={placeHref(build.id, placeOfCheck(finding))}>
            {message(finding)}
          </StageLink>
        </li>
      ))}
    </ul>
  );
}

/** A hold point: what stands open at it over all sheets, and the name of whoever releases it. */
export function ReleaseDialog({ holdPoint, onClose }: { holdPoint: ReleasableHoldPoint; onClose: () => void }) {
  const { settled, findings, send, mayWork, who } = useWorkspace('settled', 'findings', 'send', 'mayWork', 'who');
  const small = useSmall();
  const [problems, setProblems] = useState<string[]>([]);
  const { stops, open } = holdPointState(settled, findings, holdPoint);
  const release = () => {
    const errors = send({ kind: 'holdPoint', holdPoint, action: 'release' });
    setProblems(errors);
    if (errors.length === 0) onClose();
  };
  return (
    <Dialog open onClose={onClose} fullScreen={small} fullWidth maxWidth="sm" aria-labelledby="hold-point-title">
      <Box className={small ? 'stack over-all' : 'stack'} sx={{ padding: 2.5 }}>
        <h2 id="hold-point-title">{holdPoints[holdPoint][0]?.toUpperCase() + holdPoints[holdPoint].slice(1)}</h2>
        {stops.length > 0 && (
          <Box className="banner bad" sx={{ margin: 0 }}>
            <strong>{t.heldNobodyReleasesItWhileThis}</strong>
            <Standing findings={stops} onGo={onClose} />
          </Box>
        )}
        {open.length > 0 && (
          <div>
            <p>
              <strong>{t.stillOpenAndHarderToMend}</strong>
            </p>
            <Standing findings={open} onGo={onClose} />
          </div>
        )}
        {stops.length + open.length === 0 && <p>{t.everythingThatGuardsThisStepHolds}</p>}
        {problems.length > 0 && (
          <p className="error-line" role="alert">
            {problems.join(' ')}
          </p>
        )}
        <div className="inline dialog-keys">
          {mayWork && stops.length === 0 && (
            <Button variant="contained" onClick={release}>
              {open.length === 0
                ? t.release({ holdPoint: holdPointSteps[holdPoint] })
                : t.releaseAllTheSame({ holdPoint: holdPointSteps[holdPoint] })}
            </Button>
          )}
          <Button onClick={onClose}>{t.notYet}</Button>
        </div>
        {mayWork && stops.length === 0 && (
          <p className="soft">
            {t.theLedgerKeepsThatReleasedIt({ name: who.name })}
            {open.length > 0 ? t.andWhatStoodOpen : ''}.
          </p>
        )}
      </Box>
    </Dialog>
  );
}
