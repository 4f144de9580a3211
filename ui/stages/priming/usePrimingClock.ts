'use client';
import { useEffect, useState } from 'react';
import { isRunning, primingCounts, stopped, strokesOf, type Count } from './primingCounts';

/** The device's clock, ten times a second while it is wanted. */
export function useClock(wanted: boolean): number {
  const [nowMs, setNow] = useState(0);
  useEffect(() => {
    const tick = () => setNow(Date.now());
    queueMicrotask(tick);
    if (!wanted) return undefined;
    const timer = setInterval(tick, 100);
    return () => clearInterval(timer);
  }, [wanted]);
  return nowMs;
}

/** Counts from clock times, so a slept tab or a reload loses no stroke. */
export function usePrimingClock(buildId: string) {
  const [count, setCount] = useState<Count | null>(null);
  useEffect(() => {
    const takeAnswer = () => setCount(primingCounts.of(buildId));
    queueMicrotask(takeAnswer);
    return primingCounts.listen(takeAnswer);
  }, [buildId]);
  const running = count !== null && isRunning(count);
  const nowMs = useClock(running);
  const keep = (next: Count | null) => {
    setCount(next);
    primingCounts.keep(buildId, next);
  };
  return {
    count,
    running,
    strokes: count ? strokesOf(count, running ? Math.max(nowMs, 0) : 0) : 0,
    begin: (count: Pick<Count, 'by' | 'frequencyHz' | 'fromEmpty' | 'before' | 'high' | 'name'>) =>
      keep({ ...count, taps: 0, haltedAt: 0, spells: count.by === 'clock' ? [{ startMs: Date.now(), stopMs: null }] : [] }),
    /** What is known of the line may change while it is counted. */
    know: (known: Pick<Count, 'before' | 'high' | 'name' | 'heardOver' | 'seen'>) => {
      if (count) keep({ ...count, ...known });
    },
    pause: () => {
      if (count) keep(stopped(count, Date.now()));
    },
    goOn: () => {
      if (count) keep({ ...count, spells: [...count.spells, { startMs: Date.now(), stopMs: null }] });
    },
    /** The count goes on from what was heard, at the beat that was heard. */
    takeHeard: (strokesMore: number, frequencyHz: number) => {
      if (!count) return;
      const nowMs = Date.now();
      const soFar = strokesOf(stopped(count, nowMs), nowMs) + strokesMore;
      const running = isRunning(count);
      keep({
        ...count,
        frequencyHz,
        heardOver: 0,
        taps: Math.max(0, Math.round(soFar)),
        spells: running ? [{ startMs: nowMs, stopMs: null }] : [],
      });
    },
    tap: () => {
      if (count) keep({ ...count, taps: count.taps + 1 });
    },
    clear: () => keep(null),
  };
}
