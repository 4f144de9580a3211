import { pressureMap, type MapFacts } from '../core/physics/fuel/pressureMap';

/** Temperature against level, 60 × 60; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<{ facts: MapFacts; size: number }>) => {
  const began = performance.now();
  const map = pressureMap(data.facts, data.size);
  self.postMessage({ map, tookMs: performance.now() - began });
};
