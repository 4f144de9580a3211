import { lookFor, type LookFor } from '../core/drawing/faults/lookFor';

/** So often it is gone through ahead, while a person reads the first question: what runs the first time runs slowly. */
const rounds = 12;
let ahead = 0;
function goAhead(input: LookFor): void {
  const { next } = lookFor(input);
  ahead += 1;
  if (!next || ahead >= rounds) return;
  const step = { at: input.fault.at, by: '', check: next.id, found: next.answers[0]?.found ?? null };
  // One at a time: who asks meanwhile waits for no more than one of them.
  setTimeout(() => goAhead({ ...input, fault: { ...input.fault, steps: [...input.fault.steps, step] } }));
}

/** Tells of a fault as it stands what is likely and what to look at next; it stands by, for its network is made once. */
self.onmessage = ({ data }: MessageEvent<{ key: string; input: LookFor }>) => {
  self.postMessage({ key: data.key, answer: lookFor(data.input) });
  if (ahead === 0) goAhead(data.input);
};
