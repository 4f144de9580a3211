'use client';
import { TextField } from '@mui/material';
import { useState } from 'react';
import { coPlaces, coStates, doorStates, winds, type CoReading } from '../../../core/build/Build';
import { parseQuantity } from '../../../core/units/parseQuantity';
import { useWorkspace } from '../../sync/useWorkspace';
import { ReadingEntry } from './ReadingEntry';
import { proving as t } from '../../texts/en/proving';

const settings = {
  state: {
    get label() {
      return t.heaterIs;
    },
    options: coStates,
  },
  doors: {
    get label() {
      return t.doors;
    },
    options: doorStates,
  },
  wind: {
    get label() {
      return t.wind;
    },
    options: winds,
  },
} as const;

/** A reading of carbon monoxide. */
export function CoEntry() {
  const { send } = useWorkspace('send');
  const [step, setStep] = useState('');
  return (
    <ReadingEntry
      name="A reading"
      figure={{ label: 'Meter shows', name: 'Carbon monoxide', unit: 'ppm', min: 0, max: 2000 }}
      settings={settings}
      unchosen={t.sayFirstWhatTheHeaterIs}
      places={coPlaces}
      keyText={(id, label) => (id === 'outside' ? t.outside : t.atThe({ label }))}
      onRead={(ppm, place, setting) => {
        // Many a meter says nothing of its step: the figure that it shows tells it then.
        const smallest = step.trim() === '' ? null : parseQuantity(step, 'ppm');
        if (smallest && !smallest.ok) return [t.metersSmallestStepAllowedIs0({ step, reason: smallest.reason })];
        return send({
          kind: 'co',
          reading: {
            id: crypto.randomUUID(),
            ppm,
            place,
            ...(setting as Pick<CoReading, 'state' | 'doors' | 'wind'>),
            ...(smallest ? { resolutionPpm: smallest.value } : {}),
          },
        });
      }}
      more={
        <TextField
          label={t.itsSmallestStepIfKnown}
          value={step}
          onChange={(event) => setStep(event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
        />
      }
      hint={t.zeroTheMeterOutdoorsAndRead}
    />
  );
}
