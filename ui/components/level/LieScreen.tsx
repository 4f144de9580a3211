'use client';
import { Alert, Box, Button, LinearProgress } from '@mui/material';
import { useState } from 'react';
import type { ValueAt } from '../../../core/build/sheets';
import { fieldAt } from '../../../core/build/sheets';
import { lieOf } from '../../../core/physics/angle/lieOf';
import { level as t } from '../../texts/en/level';
import { Problems } from '../cells/Problems';
import { LiveScreen } from '../LiveScreen';
import { useTilt } from './useTilt';

type HeaterLies = ValueAt<'siting.heaterLies'>;
/** What a lie may mean for the heater: on its side the phone can’t see which side the fuel inlet is on, so the person says it. */
const meanings = {
  flat: ['flat'],
  side: ['sideUp', 'sideDown'],
  onEnd: ['onEnd'],
  upsideDown: ['upsideDown'],
  leans: [],
} as const satisfies Record<ReturnType<typeof lieOf>, readonly HeaterLies[]>;
const words = {
  flat: 'liesFlat',
  side: 'liesOnItsSide',
  onEnd: 'liesOnEnd',
  upsideDown: 'liesUpsideDown',
  leans: 'leans',
} as const satisfies Record<ReturnType<typeof lieOf>, keyof typeof t>;

/** The phone’s back on the heater’s top: how the heater lies. @param onTake sends it. @returns why not */
export function LieScreen({ onTake, onLeave }: { onTake: (lies: HeaterLies) => string[]; onLeave: () => void }) {
  const face = useTilt('face');
  const long = useTilt('long');
  const [problem, setProblem] = useState('');
  const told = face.kind === 'told' && long.kind === 'told' ? { face: face.now, long: long.now } : null;
  const lie = told && lieOf(told.face.deg, told.long.deg);
  const field = fieldAt('siting.heaterLies');
  const labels = field.kind === 'choice' ? (field.options as Readonly<Record<HeaterLies, string>>) : null;
  const take = (lies: HeaterLies) => {
    const errors = onTake(lies);
    if (errors.length === 0) onLeave();
    else setProblem(errors.join(' '));
  };
  const keys = lie ? meanings[lie] : [];
  return (
    <LiveScreen
      title={field.label}
      onLeave={onLeave}
      foot={
        keys.length === 0 ? (
          <Button variant="contained" className="prime-go" disabled>
            {t.noLieYet}
          </Button>
        ) : (
          <Box className="lie-keys">
            {keys.map((lies) => (
              <Button key={lies} variant="contained" onClick={() => take(lies)}>
                {labels?.[lies]}
              </Button>
            ))}
          </Box>
        )
      }
    >
      {face.kind === 'none' ? (
        <Alert severity="warning">{t.tellsNoLie}</Alert>
      ) : (
        <>
          <p>{t.layItOnTheHeater}</p>
          {lie && told ? (
            <>
              <Box component="p" className="lie-word" data-still={told.face.still && told.long.still}>
                {t[words[lie]]}
              </Box>
              {lie === 'side' && <p>{t.whichSideIsUp}</p>}
              {lie === 'leans' && <p>{t.leansHint}</p>}
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
