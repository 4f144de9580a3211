import { searchPlaces } from '../core/model/siting/searchPlaces';
import type { SitingPlan } from '../core/model/siting/SitingPlan';

/** Looks over the whole floor; whoever has no more use for the answer ends this worker. */
self.onmessage = ({ data }: MessageEvent<{ plan: SitingPlan; stepMm: number }>) => {
  self.postMessage(searchPlaces(data.plan, { stepMm: data.stepMm }));
};
