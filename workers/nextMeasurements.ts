import type { Build } from '../core/build/Build';
import { nextMeasurements } from '../core/measure/nextMeasurements';

/** Weighs what to measure next; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<Build>) => {
  self.postMessage(nextMeasurements(data));
};
