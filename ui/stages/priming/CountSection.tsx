'use client';
import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { primingOutcomes, type PrimingRun } from '../../../core/build/Build';
import { formatFixed } from '../../../core/units/formatNumber';
import { RunStrip } from '../../charts/run/RunStrip';
import { Caution } from '../../components/Caution';
import { Problems } from '../../components/cells/Problems';
import { LiveScreen } from '../../components/LiveScreen';
import { useSmall } from '../../components/useSmall';
import { useWorkspace } from '../../sync/useWorkspace';
import { SightKeys } from '../startup/SightKeys';
import { EarPanel } from './EarPanel';
import { PrimeLooks, RestNotice } from './PrimeLooks';
import { StrokeBand } from './StrokeBand';
import { useSpokenCount } from './useSpokenCount';
import { usePriming, type Priming } from './usePriming';
import { priming as t } from '../../texts/en/priming';

const outcomeKeys: readonly PrimingRun['outcome'][] = ['reached', 'stopped', 'none', 'overrun'];

/** How far the count is. */
function Count({ priming: { band, total, before, doseMl } }: { priming: Priming }) {
  return (
    <>
      <p>
        <span className="prime-count" data-strokes={total}>
          {formatFixed(total)}
        </span>{' '}
        <span className="soft">
          {t.strokes}
          {before > 0 && t.ofThemEarlier({ before: formatFixed(before) })}
          {band && t.aboutToGo({ left: formatFixed(Math.max(0, band.expected - total)) })}
          {band && doseMl !== null && t.thatIsMl({ ml: formatFixed(Math.max(0, band.expected - total) * doseMl, 1) })}
        </span>
      </p>
      {band && total >= band.low && total < band.high && (
        <p className="banner">
          <strong>{t.eyesOnTheLineFuelCan}</strong>
        </p>
      )}
    </>
  );
}

/** The one key that matters while the pump runs. */
function BigKey({ clock }: { clock: Priming['clock'] }) {
  if (!clock.count) return null;
  const [words, press] =
    clock.count.by === 'taps'
      ? ([t.click, clock.tap] as const)
      : clock.running
        ? ([t.pumpStopped, clock.pause] as const)
        : ([t.pumpRunsAgainGoOn, clock.goOn] as const);
  return (
    <Button variant="contained" className="prime-go" onClick={press}>
      {words}
    </Button>
  );
}

/** How it ended. */
function Outcomes({ priming: { keep, clock } }: { priming: Priming }) {
  return (
    <div className="buttons">
      {outcomeKeys.map((id) => (
        <Button key={id} onClick={() => keep(id)}>
          {primingOutcomes[id]}
        </Button>
      ))}
      <Button variant="text" onClick={clock.clear}>
        {t.throwThisCountAway}
      </Button>
    </div>
  );
}

/** Strokes counted while the pump runs; on a phone over the whole screen. */
export function CountSection() {
  const { mayWork } = useWorkspace('mayWork');
  const priming = usePriming();
  const { clock, earlier, band, total, active, problems, begin } = priming;
  const small = useSmall();
  useSpokenCount(total, band?.low ?? null, small && clock.running);
  const [left, setLeft] = useState(false);
  const strokeBand = band && <StrokeBand strokes={active ? total : earlier.strokes} {...band} />;
  const live = small && active && !left;
  const start = (by: 'clock' | 'taps', fromEmpty: boolean) => {
    setLeft(false);
    begin(by, fromEmpty);
  };
  return (
    <>
      <p className="soft">{t.stopAtTheHeaterWatchThe}</p>
      {!live && strokeBand}
      {!band && <p className="banner">{t.howManyStrokesItShouldTake}</p>}
      {mayWork && !active && (
        <div className="stack">
          <Button variant="contained" className="prime-go" onClick={() => start('clock', earlier.last === null)}>
            {earlier.last ? t.pumpRunsGoOnCounting : t.pumpRunsStartCounting}
          </Button>
          <div className="inline">
            {earlier.last && <Button onClick={() => start('clock', true)}>{t.lineWasEmptiedCountFrom0}</Button>}
            <Button onClick={() => start('taps', earlier.last === null)}>{t.countClicksByHand}</Button>
          </div>
        </div>
      )}
      {active && !live && (
        <div className="stack">
          <Count priming={priming} />
          <PrimeLooks priming={priming} />
          <RestNotice priming={priming} />
          <BigKey clock={clock} />
          <EarPanel clock={clock} />
          <SightKeys of={['line']} />
          {small && <Button onClick={() => setLeft(false)}>{t.overTheWholeScreen}</Button>}
          <Outcomes priming={priming} />
        </div>
      )}
      {live && (
        <LiveScreen title={t.priming} onLeave={() => setLeft(true)} foot={<BigKey clock={clock} />}>
          <RunStrip filled={total} />
          <Count priming={priming} />
          <PrimeLooks priming={priming} />
          <RestNotice priming={priming} />
          {strokeBand}
          <EarPanel clock={clock} />
          <SightKeys of={['line']} />
          <Outcomes priming={priming} />
          <Problems all={problems} />
        </LiveScreen>
      )}
      <Problems all={problems} />
      {!active && earlier.last && <SightKeys of={['line']} />}
      <Box sx={{ mt: 2 }}>
        <Caution>{t.fuelPumpedIntoTheBurnerBurns}</Caution>
      </Box>
    </>
  );
}
