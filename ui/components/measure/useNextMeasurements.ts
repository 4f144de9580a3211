'use client';
import type { Build } from '../../../core/build/Build';
import type { NextMeasurement } from '../../../core/measure/nextMeasurements';
import { useWorker } from '../useWorker';

const make = () => new Worker(new URL('../../../workers/nextMeasurements.ts', import.meta.url), { type: 'module' });
const onPage = async (build: Build): Promise<NextMeasurement[]> =>
  (await import('../../../core/measure/nextMeasurements')).nextMeasurements(build);

/** What to measure next on a build, worked out beside the page and anew after each entry; null while it is. */
export const useNextMeasurements = (build: Build | null): NextMeasurement[] | null =>
  useWorker<Build, NextMeasurement[]>(make, onPage, build).answer;
