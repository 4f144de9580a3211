'use client';
import { Alert, Box, Button } from '@mui/material';
import { Ruler } from 'lucide-react';
import { useState } from 'react';
import { riseByLevel } from '../../../core/measure/byLevel';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { level as t } from '../../texts/en/level';
import { LevelScreen } from '../dialogs';
import { useRows } from '../lists/useRows';
import { allowTilt, couldTellTilt } from './useTilt';

/** The phone laid along a segment or a piece gives by how much it rises. */
export function RowLevel({
  list,
  row,
  name,
}: {
  list: 'segments' | 'pipes';
  row: { readonly id: string; readonly lengthM?: number; readonly riseMm?: number };
  name: string;
}) {
  const { mayWork } = useWorkspace('mayWork');
  const say = useSay();
  const { set } = useRows(list);
  const [state, setState] = useState<'shut' | 'open' | 'refused'>('shut');
  const { lengthM } = row;
  if (!mayWork || !couldTellTilt() || lengthM === undefined) return null;
  const riseOf = (deg: number): number => riseByLevel(lengthM, deg);
  return (
    <Box sx={{ my: 1 }}>
      <Button startIcon={<Ruler size={20} />} onClick={() => void allowTilt().then((may) => setState(may ? 'open' : 'refused'))}>
        {t.pieceWithThePhone({ name })}
      </Button>
      {state === 'refused' && <Alert severity="warning">{t.mayNotListen}</Alert>}
      {state === 'open' && (
        <LevelScreen
          title={name}
          how={list === 'pipes' ? t.layItAlongThePiece : t.layItAlongTheLine}
          says={(deg) => say(t.itRises({ mm: riseOf(deg) }))}
          onTake={(deg) => (riseOf(deg) === row.riseMm ? [] : set(row, 'riseMm', riseOf(deg)))}
          onLeave={() => setState('shut')}
        />
      )}
    </Box>
  );
}
