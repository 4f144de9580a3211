'use client';
import { Alert, Box, Button, LinearProgress } from '@mui/material';
import { useEffect, useState } from 'react';
import { formatFixed } from '../../../core/units/formatNumber';
import { level as t } from '../../texts/en/level';
import { Problems } from '../cells/Problems';
import { LiveScreen } from '../LiveScreen';
import { useTilt } from './useTilt';

/**
 * The phone as a level, over the whole screen: how to lay it, its angle, and the key that takes it.
 * @param onTake sends the angle. @returns why not
 */
export function LevelScreen({
  title,
  how,
  says,
  onTake,
  onLeave,
}: {
  title: string;
  how: string;
  /** what an angle comes to, where it is not the figure itself */ says?: (deg: number) => string;
  onTake: (deg: number) => string[];
  onLeave: () => void;
}) {
  const tilt = useTilt('long');
  const [zeroDeg, setZeroDeg] = useState(0);
  const [problem, setProblem] = useState('');
  // After two still seconds it is taken: the phone can be lifted and looked at.
  const [held, setHeld] = useState<number | null>(null);
  const still = tilt.kind === 'told' && tilt.now.still;
  const nowDeg = tilt.kind === 'told' ? tilt.now.deg : null;
  useEffect(() => {
    if (!still || held !== null || nowDeg === null) return;
    navigator.vibrate?.(80);
    queueMicrotask(() => setHeld(nowDeg));
  }, [still, held, nowDeg]);
  const shownDeg = held ?? nowDeg;
  const deg = shownDeg === null ? null : Math.round(shownDeg - zeroDeg);
  const zero = (to: number) => {
    setHeld(null);
    setZeroDeg(to);
  };
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
                {t.degrees({ deg: formatFixed((held ?? tilt.now.deg) - zeroDeg, 1) })}
              </Box>
              <p role="status">{held !== null ? t.liesStill : t.holdItStill}</p>
              {says && deg !== null && <p>{says(deg)}</p>}
              <p className="soft">{t.zeroHint}</p>
              <Box className="inline">
                {held !== null && <Button onClick={() => setHeld(null)}>{t.again}</Button>}
                <Button onClick={() => zero(tilt.now.deg)}>{t.zeroHere}</Button>
                {zeroDeg !== 0 && <Button onClick={() => zero(0)}>{t.backToTrueLevel}</Button>}
              </Box>
            </>
          ) : (
            <LinearProgress aria-label={t.listening} />
          )}
        </>
      )}
      <Problems all={problem === '' ? [] : [problem]} />
    </LiveScreen>
  );
}
