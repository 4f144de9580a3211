import { lookFor, type LookFor } from '../core/drawing/faults/lookFor';

/** Tells of a fault as it stands what is likely and what to look at next; it stands by, for its network is made once. */
self.onmessage = ({ data }: MessageEvent<{ key: string; input: LookFor }>) => {
  self.postMessage({ key: data.key, answer: lookFor(data.input) });
};
