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
import { survey as t } from '../../texts/en/survey';

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
  if (failed) return <p className="error-line">{t.theSpreadCouldNotBeDrawn}</p>;
  if (!answer)
    return (
      <Box component="p" className="soft" role="status" sx={{ minHeight: 48 }}>
        {stopped === key ? t.stopped : t.drawingTimesFromTheRanges({ draws })}
        {stopped === key ? (
          <Button variant="text" onClick={() => setStopped('')}>
            {t.draw}
          </Button>
        ) : (
          <Button variant="text" onClick={() => setStopped(key)}>
            {t.stop}
          </Button>
        )}
      </Box>
    );
  const { demandKw, warmUpMin, neverShare } = answer;
  const [forDemand, forWarm] = [mattersMost(demandKw), mattersMost(warmUpMin)];
  const minutes = (n: number) => (n >= neverMin ? t.never : formatFixed(n));
  return (
    <div data-spread={answer.draws}>
      <p>
        {t.nineTimesOfTenTheColdest} <strong className="mono">{t.p5ToP95({ p5: kw(demandKw.p5), p95: kw(demandKw.p95) })}</strong>{' '}
        {t.andTheSpaceIsWarmAfter({ unit: inUnit(1, 'kW', who.unitPreferences).unit })}{' '}
        <strong className="mono">{t.p5ToP95({ p5: minutes(warmUpMin.p5), p95: minutes(warmUpMin.p95) })}</strong> {t.min}
        {neverShare > 0.005 ? t.neverGetsWarm({ share: formatFixed(neverShare * 100) }) : ''}.
      </p>
      {forDemand && (
        <p className="soft">
          {t.demandHangsMostOn({ forDemand: spreadInputs[forDemand as SpreadInput] })}
          {formatFixed((demandKw.matters[forDemand] ?? 0) * 100)} {t.ofItsSpread}
          {forWarm
            ? t.warmUpOn({
                forWarm: spreadInputs[forWarm as SpreadInput],
                forWarm2: formatFixed((warmUpMin.matters[forWarm] ?? 0) * 100),
              })
            : ''}
          {t.measureThatFirst}
        </p>
      )}
      <WarmUpChart spread={answer} insideC={facts.insideC} unitPreferences={who.unitPreferences} />
    </div>
  );
}
