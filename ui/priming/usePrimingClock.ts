'use client';
import { useEffect, useState } from 'react';
import { strokesCounted, type PumpingSpell } from '../../core/priming/strokesCounted';

/** A run being counted: by the clock while the pump runs at a known rate, or click by click. Kept on this device until it is written down. */
export interface Count {
  by: 'clock' | 'taps';
  frequencyHz: number;
  fromEmpty: boolean;
  spells: PumpingSpell[];
  taps: number;
}

const key = (buildId: string) => `lorbet-priming-${buildId}`;
function read(buildId: string): Count | null {
  try {
    return JSON.parse(localStorage.getItem(key(buildId)) ?? 'null') as Count | null;
  } catch {
    return null;
  }
}

/** Counts from clock times, so a slept tab or a reload loses no stroke. */
export function usePrimingClock(buildId: string) {
  const [count, setCount] = useState<Count | null>(null);
  const [nowMs, setNow] = useState(0);
  useEffect(() => {
    queueMicrotask(() => {
      setCount(read(buildId));
      setNow(Date.now());
    });
  }, [buildId]);
  const running = count?.spells.some((spell) => spell.stopMs === null) ?? false;
  useEffect(() => {
    if (!running) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(timer);
  }, [running]);
  const keep = (next: Count | null) => {
    setCount(next);
    setNow(Date.now());
    try {
      if (next) localStorage.setItem(key(buildId), JSON.stringify(next));
      else localStorage.removeItem(key(buildId));
    } catch {
      // Without a store the count lives as long as the page.
    }
  };
  const stopped = (c: Count): Count => ({
    ...c,
    spells: c.spells.map((spell) => (spell.stopMs === null ? { ...spell, stopMs: Date.now() } : spell)),
  });
  return {
    count,
    running,
    strokes: count ? strokesCounted(count.spells, count.frequencyHz, Math.max(nowMs, 0)) + count.taps : 0,
    begin: (by: Count['by'], frequencyHz: number, fromEmpty: boolean) =>
      keep({ by, frequencyHz, fromEmpty, taps: 0, spells: by === 'clock' ? [{ startMs: Date.now(), stopMs: null }] : [] }),
    pause: () => {
      if (count) keep(stopped(count));
    },
    goOn: () => {
      if (count) keep({ ...count, spells: [...count.spells, { startMs: Date.now(), stopMs: null }] });
    },
    tap: () => {
      if (count) keep({ ...count, taps: count.taps + 1 });
    },
    clear: () => keep(null),
  };
}
