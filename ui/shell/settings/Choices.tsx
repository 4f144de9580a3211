'use client';
import { Box } from '@mui/material';
import { useColorScheme } from '@mui/material/styles';
import { useState } from 'react';
import type { Practices } from '../../../core/practices/practices';
import { unitPreferenceOptions, type UnitPreferences } from '../../../core/units/inUnits';
import { postJson } from '../../sync/postJson';
import { PracticeChoices } from '../../components/cells/PracticeChoices';
import { RadioChoice } from '../../components/forms/RadioChoice';
import { useAwake } from '../../components/useAwake';
import { settings as t } from '../../texts/en/settings';

function Told({ told }: { told: string[] | 'kept' | null }) {
  return (
    <Box aria-live="polite" sx={{ minHeight: 24 }}>
      {told === 'kept' && <p>{t.kept}</p>}
      {Array.isArray(told) && <p className="error-line">{told.join(' ')}</p>}
    </Box>
  );
}

/** Keeps a choice on the server; what could not be kept is put back. */
function useChoice<T extends object>(url: string, initial: T): [T, (change: Partial<T>) => void, string[] | 'kept' | null] {
  const [chosen, setChosen] = useState(initial);
  const [told, setTold] = useState<string[] | 'kept' | null>(null);
  const choose = (change: Partial<T>) => {
    const next = { ...chosen, ...change };
    setChosen(next);
    void postJson(url, next).then((answer) => {
      setTold(answer.ok ? 'kept' : answer.errors);
      if (!answer.ok) setChosen(chosen);
    });
  };
  return [chosen, choose, told];
}

export function UnitChoice({ unitPreferences }: { unitPreferences: UnitPreferences }) {
  const [chosen, choose, told] = useChoice('/api/settings', unitPreferences);
  return (
    <>
      <RadioChoice
        name="Lengths, temperatures, pressures"
        nameIsShown={false}
        options={Object.entries(unitPreferenceOptions.system)}
        chosen={chosen.system}
        onChoose={(id) => choose({ system: id as UnitPreferences['system'] })}
      />
      <RadioChoice
        name="Cable"
        nameIsShown={false}
        options={Object.entries(unitPreferenceOptions.wire)}
        chosen={chosen.wire}
        onChoose={(id) => choose({ wire: id as UnitPreferences['wire'] })}
      />
      <Told told={told} />
    </>
  );
}

export function ThemeChoice() {
  const { mode, setMode } = useColorScheme();
  // The stored choice is only known in the browser.
  const inBrowser = useAwake();
  return (
    <RadioChoice
      name="Light"
      nameIsShown={false}
      options={[
        ['system', t.asTheDevice],
        ['light', t.brightGarage],
        ['dark', 'night'],
      ]}
      chosen={inBrowser ? mode : undefined}
      onChoose={(id) => setMode(id as 'system' | 'light' | 'dark')}
    />
  );
}

export function WorkshopPractices({ practices, mayChange }: { practices: Practices; mayChange: boolean }) {
  const [chosen, choose, told] = useChoice('/api/workshop', practices);
  return (
    <>
      <PracticeChoices chosen={chosen} onChoose={mayChange ? (practice, option) => choose({ [practice]: option }) : null} />
      <Told told={told} />
    </>
  );
}
