import { departed } from '../core/drawing/start/departed';

/** Compares a start with what its build should show; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<Parameters<typeof departed>[0]>) => {
  self.postMessage(departed(data));
};
