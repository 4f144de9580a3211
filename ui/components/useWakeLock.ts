'use client';
import { useEffect, useState } from 'react';

/** Keeps the screen awake while something is live. @returns whether the device does so */
export function useWakeLock(wanted: boolean): boolean {
  const [held, setHeld] = useState(false);
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const take = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (over) {
          await got.release();
          return;
        }
        lock = got;
        setHeld(true);
        got.addEventListener('release', () => setHeld(false));
      } catch {
        // A device that saves its battery refuses; the page then says nothing of it.
        setHeld(false);
      }
    };
    const look = () => void take();
    look();
    // A lock goes when the page is out of sight, and is asked for anew when it is back.
    document.addEventListener('visibilitychange', look);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', look);
      void lock?.release().catch(() => undefined);
      setHeld(false);
    };
  }, [wanted]);
  return held;
}
