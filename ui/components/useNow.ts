'use client';
import { useEffect, useState } from 'react';

/** The clock of this device, every quarter of a minute or as often as is asked; null before the page is awake. */
export function useNow(everyMs = 15_000): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const tick = () => setNow(Date.now());
    const first = setTimeout(tick, 0);
    const timer = setInterval(tick, everyMs);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [everyMs]);
  return now;
}
