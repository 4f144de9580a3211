import { surveySpread, type SpreadFacts } from '../core/physics/heat/surveySpread';

/** Draws 10,000 times; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<{ facts: SpreadFacts; draws: number; seed: number }>) => {
  self.postMessage(surveySpread(data.facts, { draws: data.draws, seed: data.seed }));
};
