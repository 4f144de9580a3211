'use client';
import { Box, Button } from '@mui/material';
import { holdPointSteps } from '../../../core/build/stages';
import { useState } from 'react';
import { releasableIds, holdPointState } from '../../../core/checks/holdPointState';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';
import { dayAndTime } from '../../texts/when';

/** Which hold points were released, by whom, with what open; each may be held again. */
export function HoldPointList() {
  const { settled, findings, send, mayWork } = useWorkspace('settled', 'findings', 'send', 'mayWork');
  const [problem, setProblem] = useState('');
  return (
    <Box component="section" sx={{ mt: 1.75 }} aria-label={t.holdPoints}>
      <h3 className="hold-point">{t.holdPoints}</h3>
      <ul>
        {releasableIds.map((holdPoint) => {
          const { release } = holdPointState(settled, findings, holdPoint);
          return (
            <Box component="li" key={holdPoint} className="inline" sx={{ minHeight: 44 }}>
              <strong>{holdPointSteps[holdPoint]}</strong>
              {release ? (
                <>
                  <span className="soft">
                    {release.by}, {dayAndTime(release.at)}
                    {release.open.length > 0 && t.withOpen({ open: release.open.join(', ') })}
                  </span>
                  {mayWork && (
                    <Button
                      variant="text"
                      onClick={() => setProblem(send({ kind: 'holdPoint', holdPoint, action: 'hold' }).join(' '))}
                    >
                      {t.holdAgain}
                      <span className="visually-hidden"> {holdPointSteps[holdPoint]}</span>
                    </Button>
                  )}
                </>
              ) : (
                <span className="soft">{t.held}</span>
              )}
            </Box>
          );
        })}
      </ul>
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
    </Box>
  );
}
