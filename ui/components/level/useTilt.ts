import { useEffect, useRef, useState } from 'react';
import { edgeElevationDeg, type Edge } from '../../../core/physics/angle/edgeElevationDeg';
import { readSteady, stillMs, type AngleReading, type Steady } from '../../../core/physics/angle/readSteady';

/** What the device tells of its angle: nothing yet, nothing at all, or this. */
export type Tilt = { kind: 'waiting' } | { kind: 'none' } | { kind: 'told'; now: Steady };

/** So long a device has to tell its first angle, ms. */
const patienceMs = 2500;
/** How often the figure on screen changes, ms: faster nobody reads it. */
const tellMs = 150;

/** Whether this device could tell its angle at all: whether it does, only listening shows. */
export const couldTellTilt = (): boolean => typeof window !== 'undefined' && 'DeviceOrientationEvent' in window;

/** Some browsers ask the person first, and only after a touch. @returns whether the sensor may be read */
export async function allowTilt(): Promise<boolean> {
  const asks = (window.DeviceOrientationEvent as unknown as { requestPermission?: () => Promise<string> }).requestPermission;
  if (!asks) return true;
  try {
    return (await asks.call(window.DeviceOrientationEvent)) === 'granted';
  } catch {
    return false;
  }
}

/** By how much an edge of this device rises, while it is looked at; nothing is listened to otherwise. */
export function useTilt(edge: Edge): Tilt {
  const [tilt, setTilt] = useState<Tilt>({ kind: 'waiting' });
  const readings = useRef<AngleReading[]>([]);
  useEffect(() => {
    readings.current = [];
    const began = performance.now();
    const hear = ({ beta, gamma }: DeviceOrientationEvent) => {
      if (beta === null || gamma === null) return;
      const atMs = performance.now();
      const kept = readings.current.filter((one) => atMs - one.atMs <= stillMs * 2);
      readings.current = [...kept, { atMs, deg: edgeElevationDeg({ betaDeg: beta, gammaDeg: gamma }, edge) }];
    };
    window.addEventListener('deviceorientation', hear);
    const timer = setInterval(() => {
      const nowMs = performance.now();
      const now = readSteady(readings.current, nowMs);
      setTilt(now ? { kind: 'told', now } : nowMs - began > patienceMs ? { kind: 'none' } : { kind: 'waiting' });
    }, tellMs);
    return () => {
      window.removeEventListener('deviceorientation', hear);
      clearInterval(timer);
    };
  }, [edge]);
  return tilt;
}
