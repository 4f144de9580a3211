import type { Build } from '../core/build/Build';
import { rehearsed } from '../core/drawing/start/rehearsed';

/** Lights the simulated heater many times; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<Build>) => {
  self.postMessage(rehearsed(data));
};
