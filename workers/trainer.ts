import { trainerView, type TrainerAsk } from '../core/drawing/faults/trainerView';

/** Plays what a learner does; it stands by, for the network is made once. */
self.onmessage = ({ data }: MessageEvent<{ key: string; input: TrainerAsk }>) => {
  self.postMessage({ key: data.key, answer: trainerView(data.input) });
};
