import { searchPlaces } from '../core/siting/searchPlaces';
import type { SitingPlan } from '../core/siting/SitingPlan';

/** Looks over the whole floor; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<{ plan: SitingPlan; stepMm: number }>) => {
  self.postMessage(searchPlaces(data.plan, { stepMm: data.stepMm }));
};
