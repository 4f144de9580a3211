'use client';
import { Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { coPlaces, coStates, doorStates, winds, type CoReading } from '../../core/build/Build';
import { parseQuantity } from '../../core/units/parseQuantity';
import { useBench } from '../build/BuildContext';

const choices = {
  state: { label: 'Heater is', options: coStates },
  doors: { label: 'Doors', options: doorStates },
  wind: { label: 'Wind', options: winds },
} as const;
type Setting = Pick<CoReading, 'state' | 'doors' | 'wind'>;
const settingNames = Object.keys(choices) as (keyof Setting)[];

/** A reading of carbon monoxide: how things stand is chosen once, then a key for each place. */
export function CoEntry() {
  const { send } = useBench();
  const [ppm, setPpm] = useState('');
  const [step, setStep] = useState('');
  const [setting, setSetting] = useState<Setting>({});
  const [problem, setProblem] = useState('');
  const read = (place: keyof typeof coPlaces) => {
    const shown = parseQuantity(ppm, 'ppm');
    // Many a meter says nothing of its step: the figure that it shows tells it then.
    const smallest = step.trim() === '' ? null : parseQuantity(step, 'ppm');
    if (!shown.ok) {
      setProblem(`Carbon monoxide: “${ppm}” ${shown.reason}; allowed is 0 to 2000 ppm.`);
      return;
    }
    if (smallest && !smallest.ok) {
      setProblem(`Meter’s smallest step: “${step}” ${smallest.reason}; allowed is 0.1 to 20 ppm.`);
      return;
    }
    if (settingNames.some((name) => setting[name] === undefined)) {
      setProblem('Say first what the heater is doing, how doors and windows are, and the wind.');
      return;
    }
    const errors = send({
      kind: 'co',
      reading: {
        id: crypto.randomUUID(),
        ppm: shown.value,
        place,
        ...setting,
        ...(smallest ? { resolutionPpm: smallest.value } : {}),
      },
    });
    setProblem(errors.join(' '));
    if (errors.length === 0) setPpm('');
  };
  return (
    <Stack spacing={1.5} component="section" aria-label="A reading">
      <Stack direction="row" useFlexGap spacing={1.5} className="co-settings">
        <TextField
          label="Meter shows, ppm"
          value={ppm}
          onChange={(event) => {
            setPpm(event.target.value);
            setProblem('');
          }}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 20 } }}
        />
        {settingNames.map((name) => (
          <TextField
            key={name}
            select
            label={choices[name].label}
            value={setting[name] ?? ''}
            onChange={(event) => {
              setSetting((old) => ({ ...old, [name]: event.target.value }));
              setProblem('');
            }}
          >
            {Object.entries(choices[name].options).map(([id, label]) => (
              <MenuItem key={id} value={id}>
                {label}
              </MenuItem>
            ))}
          </TextField>
        ))}
        <TextField
          label="Its smallest step, if known"
          value={step}
          onChange={(event) => setStep(event.target.value)}
          slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
        />
      </Stack>
      <Stack direction="row" useFlexGap spacing={1} sx={{ flexWrap: 'wrap' }}>
        {(Object.entries(coPlaces) as [keyof typeof coPlaces, string][]).map(([id, label]) => (
          <Button key={id} variant="outlined" onClick={() => read(id)}>
            {id === 'outside' ? 'outside' : `at the ${label}`}
          </Button>
        ))}
      </Stack>
      {problem && (
        <Typography color="error" role="alert">
          {problem}
        </Typography>
      )}
      <Typography color="text.secondary">
        Zero the meter outdoors and read outside first: what counts inside is the rise over it. A reading proves something once
        the heater has run at full output in its place.
      </Typography>
    </Stack>
  );
}
