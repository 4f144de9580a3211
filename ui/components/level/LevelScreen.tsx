'use client';
import { Alert, Box, Button, LinearProgress } from '@mui/material';
import { useState } from 'react';
import { formatFixed } from '../../../core/units/formatNumber';
import { level as t } from '../../texts/en/level';
import { LiveScreen } from '../LiveScreen';
import { useTilt } from './useTilt';

/**
 * The phone as a level, over the whole screen: how to lay it, its angle, and the key that takes it.
 * @param onTake sends the angle. @returns why not
 */
export function LevelScreen({
  title,
  how,
  onTake,
  onLeave,
}: {
  title: string;
  how: string;
  onTake: (deg: number) => string[];
  onLeave: () => void;
}) {
  const tilt = useTilt('long');
  const [zeroDeg, setZeroDeg] = useState(0);
  const [problem, setProblem] = useState('');
  const deg = tilt.kind === 'told' ? Math.round(tilt.now.deg - zeroDeg) : null;
  const take = () => {
    if (deg === null) return;
    const errors = onTake(deg);
    if (errors.length === 0) onLeave();
    else setProblem(errors.join(' '));
  };
  return (
    <LiveScreen
      title={title}
      onLeave={onLeave}
      foot={
        <Button variant="contained" className="prime-go" disabled={deg === null} onClick={take}>
          {deg === null ? t.noAngleYet : t.take({ deg: formatFixed(deg) })}
        </Button>
      }
    >
      {tilt.kind === 'none' ? (
        <Alert severity="warning">{t.tellsNoAngle}</Alert>
      ) : (
        <>
          <p>{how}</p>
          {tilt.kind === 'told' ? (
            <>
              <Box component="p" className="prime-count" data-still={tilt.now.still}>
                {t.degrees({ deg: formatFixed(tilt.now.deg - zeroDeg, 1) })}
              </Box>
              <p role="status">{tilt.now.still ? t.liesStill : t.holdItStill}</p>
              <p className="soft">{t.zeroHint}</p>
              <Box className="inline">
                <Button onClick={() => setZeroDeg(tilt.now.deg)}>{t.zeroHere}</Button>
                {zeroDeg !== 0 && <Button onClick={() => setZeroDeg(0)}>{t.backToTrueLevel}</Button>}
              </Box>
            </>
          ) : (
            <LinearProgress aria-label={t.listening} />
          )}
        </>
      )}
      {problem && (
        <p className="error-line" role="alert">
          {problem}
        </p>
      )}
    </LiveScreen>
  );
}
