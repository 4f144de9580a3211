'use client';
import { Button, Typography } from '@mui/material';
import { useState } from 'react';
import type { StartRun } from '../../../core/build/Build';
import type { UnitPreferences } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { readStartCsv } from '../../../formats/startCsv';
import { StartTable } from './StartTable';
import { StartTrace } from './StartTrace';
import { startup as t } from '../../texts/en/startup';

/** The readings of a start, drawn and in figures; a long log lies beside the build and is fetched when somebody looks at it. */
export function StartLog({
  run,
  unitPreferences,
  buildId,
  sent,
}: {
  run: StartRun;
  unitPreferences: UnitPreferences;
  buildId: string;
  sent: boolean;
}) {
  const [fetched, setFetched] = useState<{ id: string; run: StartRun } | null>(null);
  const [problem, setProblem] = useState('');
  const whole = run.log ? (fetched?.id === run.id ? fetched.run : null) : run;
  const look = async () => {
    try {
      const answer = await fetch(`/api/builds/${buildId}/starts/${run.id}`);
      const log = answer.ok ? readStartCsv(await answer.text()) : null;
      if (log?.ok) setFetched({ id: run.id, run: { ...run, readings: log.readings } });
      setProblem(log?.ok ? '' : t.theLogCouldNotBeFetched);
    } catch {
      setProblem(t.theServerCantBeReachedThe);
    }
  };
  if (whole)
    return (
      <>
        <StartTrace run={whole} />
        <StartTable run={whole} unitPreferences={unitPreferences} />
      </>
    );
  return (
    <>
      <Typography>
        {t.theLogOfThisStartHolds} {formatFixed(run.log?.facts.readings ?? 0)} {t.readings}
      </Typography>
      {sent && (
        <Button variant="outlined" onClick={() => void look()}>
          {t.showTheLog}
        </Button>
      )}
      {problem && (
        <Typography color="error" role="alert">
          {problem}
        </Typography>
      )}
    </>
  );
}
