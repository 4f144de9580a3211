'use client';
import { Alert, Button, LinearProgress } from '@mui/material';
import { useEffect, useState } from 'react';
import { partCompany, tappedHz } from '../../../core/physics/sound/partCompany';
import { formatFixed } from '../../../core/units/formatNumber';
import { couldHear } from '../../components/ear/openEar';
import { useEar } from '../../components/ear/useEar';
import { ear as t } from '../../texts/en/ear';
import type { Priming } from './usePriming';

const deafWords = { refused: 'refused', none: 'none', cannot: 'cannot' } as const;
const tapsWanted = 10;
/** The strip of clicks shows so many seconds. */
const stripS = 5;

/** Clicks of the last seconds as marks along a line. */
function ClickStrip({ times }: { times: readonly number[] }) {
  const end = times.at(-1) ?? 0;
  return (
    <svg className="click-strip" viewBox="0 0 300 34" role="img" aria-label={t.stripLabel}>
      <line x1={0} x2={300} y1={17} y2={17} className="picture-hair" />
      {times
        .filter((at) => end - at < stripS)
        .map((at) => (
          <line
            key={at}
            x1={296 - ((end - at) / stripS) * 290}
            x2={296 - ((end - at) / stripS) * 290}
            y1={4}
            y2={30}
            className="click"
          />
        ))}
    </svg>
  );
}

/** Ten taps with the clicks tell the ear which beat to look for. */
function TapTen({ onHz }: { onHz: (hz: number) => void }) {
  const [taps, setTaps] = useState<readonly number[] | null>(null);
  const [told, setTold] = useState('');
  if (!taps)
    return (
      <>
        <Button onClick={() => setTaps([])}>{t.tapTen}</Button>
        {told && <span role="status">{told}</span>}
      </>
    );
  const tap = () => {
    const next = [...taps, performance.now()];
    if (next.length < tapsWanted) {
      setTaps(next);
      return;
    }
    const hz = tappedHz(next);
    setTaps(null);
    setTold(hz === null ? t.uneven : t.tapped({ hz: formatFixed(hz, 1) }));
    if (hz !== null) onHz(hz);
  };
  return <Button onClick={tap}>{t.tap({ n: taps.length + 1 })}</Button>;
}

/** The pump heard beside the count by the clock: how many, how fast, and whether both agree. */
export function EarPanel({ clock }: { clock: Priming['clock'] }) {
  const { state, open, close, hint } = useEar();
  const heard = state.kind === 'open' ? state.heard : null;
  /** how both stood when a beat was first heard */ const [base, setBase] = useState<{ clock: number; ear: number } | null>(null);
  const { count, strokes, know, takeHeard } = clock;
  const sure = heard !== null && (heard.state === 'beat' || heard.state === 'irregular');
  const byEar = heard && base ? Math.max(0, heard.clicks - base.ear) : 0;
  const byClock = base ? Math.max(0, strokes - base.clock) : 0;
  const parts = sure && partCompany(byEar, byClock);
  // What the ear has heard beyond the clock counts for the halt: better stopped too early.
  const heardOver = parts ? Math.max(0, Math.round(byEar - byClock)) : 0;
  useEffect(() => {
    // A beat that was taken for another is counted anew: then both begin again.
    if (sure && heard !== null && (!base || heard.clicks < base.ear))
      queueMicrotask(() => setBase({ clock: strokes, ear: heard.clicks }));
    if (count && (count.heardOver ?? 0) !== heardOver) know({ heardOver });
  }, [sure, heard, base, strokes, count, know, heardOver]);
  if (!count || count.by !== 'clock' || !couldHear()) return null;
  if (state.kind === 'shut')
    return (
      <p>
        <Button onClick={() => void open()}>{t.listen}</Button> <span className="soft">{t.listenHint}</span>
      </p>
    );
  if (state.kind === 'opening') return <LinearProgress aria-label={t.opening} />;
  if (state.kind === 'deaf') return <Alert severity="warning">{t[deafWords[state.why]]}</Alert>;
  const hz = heard?.hz ?? null;
  const parted = parts && hz !== null;
  return (
    <section className="ear" data-ear={heard?.state ?? 'opening'} data-heard={heard?.clicks ?? 0}>
      {heard && (
        <>
          <p>
            <strong>
              {hz === null ? t.byEarNoBeat({ clicks: heard.clicks }) : t.byEar({ clicks: heard.clicks, hz: formatFixed(hz, 1) })}
            </strong>
            {', '}
            {t.clockSays({ strokes: formatFixed(strokes), hz: formatFixed(count.frequencyHz, 1) })}
          </p>
          <ClickStrip times={heard.times} />
        </>
      )}
      <div className="inline">
        <TapTen onHz={hint} />
        <Button variant="text" onClick={close}>
          {t.stop}
        </Button>
      </div>
      {/* What is told comes and goes in a room of its own: no key may move from under a finger. */}
      <div className="ear-told">
        {heard && (
          <>
            {heard.state === 'silent' && <p className="soft">{t.silent}</p>}
            {heard.state === 'unsure' && <Alert severity="info">{t.unsure}</Alert>}
            {heard.state === 'irregular' && <Alert severity="warning">{t.irregular}</Alert>}
            {parted && (
              <Alert
                severity="warning"
                action={
                  <Button
                    onClick={() => {
                      takeHeard(byEar - byClock, hz);
                      setBase(null);
                    }}
                  >
                    {t.takeEar({ strokes: formatFixed(strokes + byEar - byClock), hz: formatFixed(hz, 1) })}
                  </Button>
                }
              >
                {t.parted({
                  ear: byEar,
                  clock: formatFixed(byClock),
                  hz: formatFixed(hz, 1),
                  claimed: formatFixed(count.frequencyHz, 1),
                })}
              </Alert>
            )}
          </>
        )}
      </div>
    </section>
  );
}
