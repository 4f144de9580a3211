'use client';
import { TextField } from '@mui/material';
import { useState } from 'react';
import { coPlaces, coStates, doorStates, winds, type CoReading } from '../../../core/build/Build';
import { parseQuantity } from '../../../core/units/parseQuantity';
import { useWorkspace } from '../../sync/useWorkspace';
import { ReadingEntry } from './ReadingEntry';

const settings = {
  state: { label: 'Heater is', options: coStates },
  doors: { label: 'Doors', options: doorStates },
  wind: { label: 'Wind', options: winds },
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
      unchosen="Say first what the heater is doing, how doors and windows are, and the wind."
      places={coPlaces}
      keyText={(id, label) => (id === 'outside' ? 'outside' : `at the ${label}`)}
      onRead={(ppm, place, setting) => {
        // Many a meter says nothing of its step: the figure that it shows tells it then.
        const smallest = step.trim() === '' ? null : parseQuantity(step, 'ppm');
        if (smallest && !smallest.ok) return [`Meter’s smallest step: “${step}” ${smallest.reason}; allowed is 0.1 to 20 ppm.`];
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
          label="Its smallest step, if known"
          value={step}
          onChange={(event) => setStep(event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
        />
      }
      hint="Zero the meter outdoors and read outside first: what counts inside is the rise over it. A reading proves something once the heater has run at full output in its place."
    />
  );
}
