'use client';
import { Alert, Box, Button } from '@mui/material';
import { Ruler } from 'lucide-react';
import { useState } from 'react';
import { fieldAt, figureAt } from '../../../core/build/sheets';
import { showFigure } from '../../../core/figures/showFigure';
import { byLevel, type Levelled } from '../../../core/measure/byLevel';
import { slotNow } from '../../../core/measure/walkRound';
import { useWorkspace } from '../../sync/useWorkspace';
import { level as t } from '../../texts/en/level';
import { LevelScreen } from '../dialogs';
import { allowTilt, couldTellTilt } from './useTilt';

const hows = {
  'fuel.pumpAngleDeg': 'layItAlongThePump',
  'air.exhaustFallMm': 'layItAlongThePipe',
  'air.intakeFallMm': 'layItAlongThePipe',
} as const satisfies Record<Levelled, keyof typeof t>;
const keys = {
  'fuel.pumpAngleDeg': 'measureWithThePhone',
  'air.exhaustFallMm': 'exhaustWithThePhone',
  'air.intakeFallMm': 'intakeWithThePhone',
} as const satisfies Record<Levelled, keyof typeof t>;

/** The phone laid on a part gives its figure. */
export function LevelKey({ path, onTaken }: { path: Levelled; onTaken?: () => void }) {
  const { settled, send, mayWork, who } = useWorkspace('settled', 'send', 'mayWork', 'who');
  const [state, setState] = useState<'shut' | 'open' | 'refused'>('shut');
  if (!mayWork || !couldTellTilt()) return null;
  const says = (deg: number): string => {
    const value = byLevel(settled, path, deg);
    return value === null
      ? t.saysNothing
      : t.says({ label: fieldAt(path).label, value: showFigure(path, value, who.unitPreferences) });
  };
  const take = (deg: number): string[] => {
    const to = byLevel(settled, path, deg);
    if (to === null) return [t.saysNothing];
    const slot = slotNow(settled, path);
    const from = figureAt(settled.sheets, path)[slot];
    const errors = from === to ? [] : send({ kind: 'figures', changes: [{ path, slot, from, to }] });
    if (errors.length === 0) onTaken?.();
    return errors;
  };
  return (
    <Box sx={{ mb: 1 }}>
      <Button startIcon={<Ruler size={20} />} onClick={() => void allowTilt().then((may) => setState(may ? 'open' : 'refused'))}>
        {t[keys[path]]}
      </Button>
      {state === 'refused' && <Alert severity="warning">{t.mayNotListen}</Alert>}
      {state === 'open' && (
        <LevelScreen
          title={fieldAt(path).label}
          how={t[hows[path]]}
          {...(path === 'fuel.pumpAngleDeg' ? {} : { says })}
          onTake={take}
          onLeave={() => setState('shut')}
        />
      )}
    </Box>
  );
}
