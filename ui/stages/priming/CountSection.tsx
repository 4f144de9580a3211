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
import { StrokeBand } from './StrokeBand';
import { usePriming, type Priming } from './usePriming';

const outcomeKeys: readonly PrimingRun['outcome'][] = ['reached', 'stopped', 'none', 'overrun'];

/** How far the count is. */
function Count({ priming: { band, total, before } }: { priming: Priming }) {
  return (
    <>
      <p>
        <span className="prime-count" data-strokes={total}>
          {formatFixed(total)}
        </span>{' '}
        <span className="soft">
          strokes{before > 0 && `, ${formatFixed(before)} of them earlier`}
          {band && `; about ${formatFixed(Math.max(0, band.expected - total))} to go`}
        </span>
      </p>
      {band && total >= band.low && total < band.high && (
        <p className="banner">
          <strong>Eyes on the line: fuel can be at the heater any moment.</strong>
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
      ? (['Click', clock.tap] as const)
      : clock.running
        ? (['Pump stopped', clock.pause] as const)
        : (['Pump runs again: go on', clock.goOn] as const);
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
        Throw this count away
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
  const [left, setLeft] = useState(false);
  const strokeBand = band && <StrokeBand strokes={active ? total : earlier.strokes} {...band} />;
  const live = small && active && !left;
  const start = (by: 'clock' | 'taps', fromEmpty: boolean) => {
    setLeft(false);
    begin(by, fromEmpty);
  };
  return (
    <>
      <p className="soft">Stop at the heater. Watch the line: bubbles that keep coming are air drawn in before the pump.</p>
      {!live && strokeBand}
      {!band && (
        <p className="banner">
          How many strokes it should take isn’t known yet; lengths, bores, dose and filter volume are needed. Count all the same,
          and stop the pump as soon as fuel is seen at the heater.
        </p>
      )}
      {mayWork && !active && (
        <div className="stack">
          <Button variant="contained" className="prime-go" onClick={() => start('clock', earlier.last === null)}>
            {earlier.last ? 'Pump runs: go on counting' : 'Pump runs: start counting'}
          </Button>
          <div className="inline">
            {earlier.last && <Button onClick={() => start('clock', true)}>Line was emptied: count from 0</Button>}
            <Button onClick={() => start('taps', earlier.last === null)}>Count clicks by hand</Button>
          </div>
        </div>
      )}
      {active && !live && (
        <div className="stack">
          <Count priming={priming} />
          <BigKey clock={clock} />
          {small && <Button onClick={() => setLeft(false)}>Over the whole screen</Button>}
          <Outcomes priming={priming} />
        </div>
      )}
      {live && (
        <LiveScreen title="Priming" onLeave={() => setLeft(true)} foot={<BigKey clock={clock} />}>
          <RunStrip filled={total} />
          <Count priming={priming} />
          {strokeBand}
          <Outcomes priming={priming} />
          <Problems all={problems} />
        </LiveScreen>
      )}
      <Problems all={problems} />
      <Box sx={{ mt: 2 }}>
        <Caution>
          Fuel pumped into the burner burns there all at once. If it ran past the heater, don’t light it: drain and air the burner
          as the maker’s manual says. Catch what spills; no flame near it.
        </Caution>
      </Box>
    </>
  );
}
