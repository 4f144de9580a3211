'use client';
import { Alert, Box, Button } from '@mui/material';
import { Ruler } from 'lucide-react';
import { useState } from 'react';
import { sections } from '../../../core/build/sections';
import { figureAt } from '../../../core/build/sheets';
import { drawPumpPlace } from '../../../core/drawing/form/drawPumpPlace';
import { DrawnFigures } from '../../charts/form/DrawnFigures';
import { LevelScreen } from '../../components/dialogs';
import { allowTilt, couldTellTilt } from '../../components/level/useTilt';
import { useSmall } from '../../components/useSmall';
import { useWorkspace } from '../../sync/useWorkspace';
import { fuel as t } from '../../texts/en/fuel';
import { level as words } from '../../texts/en/level';

/** The phone laid on the pump gives its angle. */
function PumpLevel() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const [state, setState] = useState<'shut' | 'open' | 'refused'>('shut');
  if (!mayWork || !couldTellTilt()) return null;
  const take = (to: number) => {
    const path = 'fuel.pumpAngleDeg' as const;
    return send({ kind: 'figures', changes: [{ path, slot: 'fitted', from: figureAt(settled.sheets, path).fitted, to }] });
  };
  return (
    <Box sx={{ mb: 2 }}>
      <Button startIcon={<Ruler size={20} />} onClick={() => void allowTilt().then((may) => setState(may ? 'open' : 'refused'))}>
        {words.measureWithThePhone}
      </Button>
      {state === 'refused' && <Alert severity="warning">{words.mayNotListen}</Alert>}
      {state === 'open' && (
        <LevelScreen title={words.pumpAngle} how={words.layItAlongThePump} onTake={take} onLeave={() => setState('shut')} />
      )}
    </Box>
  );
}

/** Filter and pump: which way round, how high, at what angle. */
export function PumpSection() {
  const small = useSmall();
  return (
    <>
      {small && <PumpLevel />}
      <DrawnFigures draw={drawPumpPlace} title={t.filterAndPump} paths={sections.fuel.pump.figures['Filter and pump']} />
    </>
  );
}
