'use client';
import { Box, Button } from '@mui/material';
import { useMemo, useState } from 'react';
import {
  neverMin,
  spreadInputs,
  surveySpread,
  type SpreadFacts,
  type SpreadInput,
  type SurveySpread,
} from '../../../core/physics/heat/surveySpread';
import { mattersMost } from '../../../core/random/monteCarlo';
import { inUnit } from '../../../core/units/inUnits';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace } from '../../sync/useWorkspace';
import { useWorker } from '../../components/useWorker';
import { WarmUpChart } from '../../charts/WarmUpChart';

const make = () => new Worker(new URL('../../../workers/surveySpread.ts', import.meta.url), { type: 'module' });
interface Asked {
  facts: SpreadFacts;
  draws: number;
  seed: number;
}
const onPage = async ({ facts, ...options }: Asked) => surveySpread(facts, options);
const draws = 10000;

/** How surely all of it is known: the spread of demand and warm-up, drawn in a worker, and what to measure better first. */
export function SpreadView({ facts }: { facts: SpreadFacts }) {
  const { who } = useWorkspace('who');
  const [stopped, setStopped] = useState('');
  const key = JSON.stringify(facts);
  const input = useMemo(() => (stopped === key ? null : { facts, draws, seed: 1 }), [facts, stopped, key]);
  const { answer, failed } = useWorker<Asked, SurveySpread | null>(make, onPage, input);
  const kw = (n: number) => {
    const shown = inUnit(n, 'kW', who.unitPreferences);
    return `${formatFixed(shown.value, shown.decimals ?? 1)}`;
  };
  if (failed) return <p className="error-line">The spread could not be drawn on this device.</p>;
  if (!answer)
    return (
      <Box component="p" className="soft" role="status" sx={{ minHeight: 48 }}>
        {stopped === key ? 'Stopped. ' : `Drawing ${draws} times from the ranges… `}
        {stopped === key ? (
          <Button variant="text" onClick={() => setStopped('')}>
            Draw
          </Button>
        ) : (
          <Button variant="text" onClick={() => setStopped(key)}>
            Stop
          </Button>
        )}
      </Box>
    );
  const { demandKw, warmUpMin, neverShare } = answer;
  const [forDemand, forWarm] = [mattersMost(demandKw), mattersMost(warmUpMin)];
  const minutes = (n: number) => (n >= neverMin ? 'never' : formatFixed(n));
  return (
    <div data-spread={answer.draws}>
      <p>
        Nine times of ten the coldest night needs{' '}
        <strong className="mono">
          {kw(demandKw.p5)} to {kw(demandKw.p95)}
        </strong>{' '}
        {inUnit(1, 'kW', who.unitPreferences).unit}, and the space is warm after{' '}
        <strong className="mono">
          {minutes(warmUpMin.p5)} to {minutes(warmUpMin.p95)}
        </strong>{' '}
        min{neverShare > 0.005 ? `; in ${formatFixed(neverShare * 100)} % of cases it never gets warm` : ''}.
      </p>
      {forDemand && (
        <p className="soft">
          Demand hangs most on {spreadInputs[forDemand as SpreadInput]} ({formatFixed((demandKw.matters[forDemand] ?? 0) * 100)} %
          of its spread)
          {forWarm
            ? `, warm-up on ${spreadInputs[forWarm as SpreadInput]} (${formatFixed((warmUpMin.matters[forWarm] ?? 0) * 100)} %)`
            : ''}
          : measure that first.
        </p>
      )}
      <WarmUpChart spread={answer} insideC={facts.insideC} unitPreferences={who.unitPreferences} />
    </div>
  );
}
