'use client';
import { useEffect, useState } from 'react';
import { later } from '../../components/later';
import { primingCounts, type CountOfBuild } from './primingCounts';

// Fetched as soon as there is a count, long before it could be over.
const PrimingAlarm = later(() => import('./PrimingAlarm').then((m) => m.PrimingAlarm));

/** A count under way is seen on every page, and stopped from it; when the line is full at the latest, every page says so. */
export function PrimingWatch() {
  const [counts, setCounts] = useState<readonly CountOfBuild[]>([]);
  useEffect(() => {
    const takeAnswer = () => setCounts(primingCounts.all());
    queueMicrotask(takeAnswer);
    return primingCounts.listen(takeAnswer);
  }, []);
  return counts.length > 0 ? <PrimingAlarm counts={counts} /> : null;
}
