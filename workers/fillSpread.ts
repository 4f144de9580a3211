import { fillSpread, type FillSpreadFacts } from '../core/physics/fuel/fillSpread';

/** Fills the line many times over; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<{ facts: FillSpreadFacts; draws: number; seed: number }>) => {
  self.postMessage(fillSpread(data.facts, { draws: data.draws, seed: data.seed }));
};
