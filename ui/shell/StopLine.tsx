'use client';
import { Button } from '@mui/material';
import type { SheetId } from '../../core/build/sections';
import { LevelMark } from '../components/findings/LevelMark';
import { useWide } from '../components/useSmall';
import { useWorkspace } from '../sync/useWorkspace';
import { workspace as t } from '../texts/en/workspace';

/** Where the findings stand below the work, a stop is told above it all the same. */
export function StopLine({ sheet }: { sheet: SheetId }) {
  const { findings } = useWorkspace('findings');
  const wide = useWide();
  const stops = findings.filter(
    ({ level, stage }) => level === 'stop' && (stage === sheet || sheet === 'heater' || sheet === 'measure'),
  );
  if (wide || stops.length === 0) return null;
  return (
    <Button variant="text" fullWidth className="stop-line" onClick={() => document.getElementById('findings')?.scrollIntoView()}>
      <LevelMark level="stop" /> {stops.length === 1 ? t.oneStopOnThisSheet : t.stopsOnThisSheet({ n: stops.length })}
      {t.seeItBelow}
    </Button>
  );
}
