'use client';
import { Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { cellUnit, parseTyped } from '../../../core/units/parseTyped';
import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import type { UnitId } from '../../../core/units/units';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { LiveScreen } from '../../components/LiveScreen';
import { useSmall } from '../../components/useSmall';
import { proving as t } from '../../texts/en/proving';

interface Choice {
  label: string;
  options: Readonly<Record<string, string>>;
}
export interface ReadingEntryProps<P extends string, S extends string> {
  /** what is read, as a region is named by it */ name: string;
  figure: { label: string; name: string; unit: UnitId; min: number; max: number };
  /** how things stand: each is chosen once, none beforehand */ settings: Readonly<Record<S, Choice>>;
  /** said where one of them is not chosen */ unchosen: string;
  /** a key for each place */ places: Readonly<Record<P, string>>;
  keyText: (place: P, label: string) => string;
  /** keeps one reading. @returns what is wrong with it */ onRead: (
    value: number,
    place: P,
    setting: Record<S, string>,
  ) => string[];
  /** further fields */ more?: ReactNode;
  hint: string;
}

/** Readings by a meter at one place after the other: how things stand is chosen once, then a figure and a key for each place. */
export function ReadingEntry<P extends string, S extends string>({
  name,
  figure: { label, name: figureName, unit, min, max },
  settings,
  unchosen,
  places,
  keyText,
  onRead,
  more,
  hint,
}: ReadingEntryProps<P, S>) {
  const { who } = useWorkspace('who');
  const say = useSay();
  const shownUnit = cellUnit(null, unit, who.unitPreferences);
  const [typed, setTyped] = useState('');
  const [setting, setSetting] = useState<Partial<Record<S, string>>>({});
  const [problem, setProblem] = useState('');
  const [kept, setKept] = useState('');
  const [live, setLive] = useState(false);
  const small = useSmall();
  const names = Object.keys(settings) as S[];
  const read = (place: P) => {
    const shown = parseTyped(typed, unit, shownUnit);
    if (!shown.ok || shown.value < min || shown.value > max) {
      setProblem(
        t.allowedIs({
          figureName,
          typed,
          more: shown.ok ? t.isOutOfRange : shown.reason,
          min: say(t.minToMaxUnit({ min: formatFixed(min), max: formatFixed(max), unit })),
        }),
      );
      return;
    }
    if (names.some((one) => setting[one] === undefined)) {
      setProblem(unchosen);
      return;
    }
    const errors = onRead(shown.value, place, setting as Record<S, string>);
    setProblem(errors.join(' '));
    if (errors.length > 0) return;
    setTyped('');
    setKept(t.kept({ value: formatShort(shown.value), unit, place: places[place] }));
  };
  const fields = (
    <Stack direction="row" useFlexGap spacing={1.5} className="co-settings">
      <TextField
        label={`${label}, ${shownUnit}`}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          setProblem('');
        }}
        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 20 } }}
      />
      {names.map((one) => (
        <TextField
          key={one}
          select
          label={settings[one].label}
          value={setting[one] ?? ''}
          onChange={(event) => {
            setSetting((old) => ({ ...old, [one]: event.target.value }));
            setProblem('');
          }}
        >
          {Object.entries(settings[one].options).map(([id, text]) => (
            <MenuItem key={id} value={id}>
              {text}
            </MenuItem>
          ))}
        </TextField>
      ))}
      {more}
    </Stack>
  );
  const keys = (
    <Stack direction="row" useFlexGap spacing={1} sx={{ flexWrap: 'wrap' }}>
      {(Object.keys(places) as P[]).map((id) => (
        <Button key={id} variant="outlined" className={live ? 'reading-key' : ''} onClick={() => read(id)}>
          {keyText(id, places[id])}
        </Button>
      ))}
    </Stack>
  );
  const told = (
    <>
      {problem && (
        <Typography color="error" role="alert">
          {problem}
        </Typography>
      )}
      {kept && !problem && <Typography role="status">{say(kept)}</Typography>}
      <Typography color="text.secondary">{hint}</Typography>
    </>
  );
  if (live)
    return (
      <LiveScreen title={name} onLeave={() => setLive(false)} foot={keys}>
        {fields}
        {told}
      </LiveScreen>
    );
  return (
    <Stack spacing={1.5} component="section" aria-label={name}>
      {small && (
        <Button variant="contained" onClick={() => setLive(true)}>
          {t.readOverTheWholeScreen}
        </Button>
      )}
      {fields}
      {keys}
      {told}
    </Stack>
  );
}
