'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { fillState, type FillStep } from '../../../core/model/warmth/fillLoop';
import { Problems } from '../../components/cells/Problems';
import { useRows } from '../../components/lists/useRows';
import { useNow } from '../../components/useNow';
import { warmth as t } from '../../texts/en/warmth';
import { dayAndTime } from '../../texts/when';

const how: Record<FillStep, string> = {
  flush: t.fillFlush,
  open: t.fillOpen,
  fill: t.fillFill,
  pump: t.fillPump,
  engine: t.fillEngine,
  heat: t.fillHeat,
  bleed: t.fillBleed,
  mark: t.fillMark,
};

/** Filling and bleeding step by step: what comes next, and how long it still runs. Each step done is kept with its time. */
export function FillClock() {
  const { rows, add, mayWork } = useRows('fills');
  const { rows: loop } = useRows('loop');
  const now = useNow();
  const [problems, setProblems] = useState<string[]>([]);
  const { steps, next, leftMs } = fillState(rows, loop, now ?? 0);
  const done = (step: typeof next) => step && setProblems(add({ step, doneAt: new Date().toISOString() }));
  const seconds = leftMs === null || now === null ? 0 : Math.ceil(leftMs / 1000);
  return (
    <>
      <ol className="steps">
        {steps.map(({ step, doneAt }) => (
          <li key={step} aria-current={step === next ? 'step' : undefined}>
            {how[step]}
            {doneAt !== null && <span className="soft"> {t.doneAt({ when: dayAndTime(Date.parse(doneAt)) })}</span>}
            {step === next && (
              <Box className="inline" sx={{ my: 1 }}>
                {seconds > 0 && (
                  <span className="mono" role="timer">
                    {t.stillMin({ minutes: Math.floor(seconds / 60), seconds: String(seconds % 60).padStart(2, '0') })}
                  </span>
                )}
                {mayWork && (
                  <Button variant="contained" onClick={() => done(step)}>
                    {t.stepDone}
                  </Button>
                )}
              </Box>
            )}
          </li>
        ))}
      </ol>
      {next === null && (
        <p>
          {t.filled} {mayWork && <Button onClick={() => done('flush')}>{t.fillAnew}</Button>}
        </p>
      )}
      <Problems all={problems} />
    </>
  );
}
