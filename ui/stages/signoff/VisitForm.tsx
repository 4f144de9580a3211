'use client';
import { Autocomplete, Box, Button, Checkbox, FormControlLabel, FormGroup, FormLabel, TextField } from '@mui/material';
import { useState } from 'react';
import { soots, visitStates, visitWorks, type Visit } from '../../../core/build/Build';
import { parts, type Part } from '../../../core/build/field';
import { cellUnit, parseTyped } from '../../../core/units/parseTyped';
import { partNames } from '../../charts/run/runParts';
import { Field } from '../../components/forms/Field';
import { Pick } from '../../components/forms/Pick';
import { RadioChoice } from '../../components/forms/RadioChoice';
import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';

const works = Object.entries(visitWorks) as [Visit['did'][number], string][];
const states = Object.entries(visitStates);
const sootOptions = [['', t.notLooked], ...Object.entries(soots)] as (readonly [string, string])[];
const numbers = {
  hours: { label: t.visitHours, unit: 'h' },
  glowV: { label: t.visitGlowV, unit: 'V' },
  runA: { label: t.visitRunA, unit: 'A' },
  outletC: { label: t.visitOutletC, unit: '°C' },
} as const;
type NumberKey = keyof typeof numbers;
const nothing = { hours: '', glowV: '', runA: '', outletC: '' };

/** A visit as it is told: what was done and found, and what was read again. */
export function VisitForm() {
  const { send, who } = useWorkspace('send', 'who');
  const shownUnit = (key: NumberKey) => cellUnit(null, numbers[key].unit, who.unitPreferences);
  const [did, setDid] = useState<Visit['did']>([]);
  const [found, setFound] = useState<Visit['found']>('sound');
  const [soot, setSoot] = useState('');
  const [typed, setTyped] = useState<Record<NumberKey, string>>(nothing);
  const [changed, setChanged] = useState<Part[]>([]);
  const [note, setNote] = useState('');
  const [problem, setProblem] = useState('');
  const keep = () => {
    const read: Partial<Record<NumberKey, number>> = {};
    for (const key of Object.keys(numbers) as NumberKey[]) {
      if (typed[key].trim() === '') continue;
      const value = parseTyped(typed[key], numbers[key].unit, shownUnit(key));
      if (!value.ok) return setProblem(t.visitNumber({ label: numbers[key].label, typed: typed[key], reason: value.reason }));
      read[key] = value.value;
    }
    if (note.trim().length < 3) return setProblem(t.visitNeedsNote);
    const visit = {
      id: crypto.randomUUID(),
      did,
      found,
      note: note.trim(),
      ...read,
      ...(soot === '' ? {} : { soot: soot as keyof typeof soots }),
      ...(changed.length > 0 ? { changed } : {}),
    };
    const errors = send({ kind: 'visit', visit });
    setProblem(errors.join(' '));
    if (errors.length > 0) return;
    setDid([]);
    setSoot('');
    setTyped(nothing);
    setChanged([]);
    setNote('');
  };
  return (
    <Box
      component="form"
      className="stack visit-form"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <FormGroup role="group" aria-label={t.visitDid}>
        <FormLabel component="span">{t.visitDid}</FormLabel>
        {works.map(([work, label]) => (
          <FormControlLabel
            key={work}
            className="choice"
            label={label}
            control={
              <Checkbox
                checked={did.includes(work)}
                onChange={(_event, on) => setDid(on ? [...did, work] : did.filter((one) => one !== work))}
              />
            }
          />
        ))}
      </FormGroup>
      <RadioChoice name={t.visitFound} options={states} chosen={found} onChoose={(state) => setFound(state as Visit['found'])} />
      <Field
        label={t.visitNote}
        maxLength={500}
        multiline
        minRows={2}
        value={note}
        onChange={(event) => setNote(event.target.value)}
        problem={problem || undefined}
      />
      <div className="visit-read">
        <Pick label={t.visitSoot} options={sootOptions} value={soot} onChange={(event) => setSoot(event.target.value)} />
        {(Object.keys(numbers) as NumberKey[]).map((key) => (
          <Field
            key={key}
            label={`${numbers[key].label}, ${shownUnit(key)}`}
            maxLength={10}
            inputMode="decimal"
            value={typed[key]}
            onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
          />
        ))}
      </div>
      <Autocomplete
        multiple
        options={parts}
        value={changed}
        getOptionLabel={(part) => partNames[part]}
        onChange={(_event, chosen) => setChanged(chosen)}
        renderInput={(props) => <TextField {...props} label={t.visitChanged} />}
      />
      <Button type="submit" variant="contained">
        {t.keepVisit}
      </Button>
    </Box>
  );
}
