import type { Reader } from '../calls/Call';
import { bubbleBoreLimitMm } from '../fuel/bubbleBoreLimitMm';
import { densityKgM3 } from '../fuel/densityKgM3';
import { chambersOf, type Chamber } from '../fuel/firstFill';
import { gasTraps } from '../fuel/gasTraps';
import { routeOf } from '../fuel/routeOf';
import { fuelOf } from '../fuel/runFacts';

/** What the first fill has to fill, in the order of flow, from the build. */
export function fillChambers(read: Reader): Chamber[] {
  const { filter } = read.all({ filter: 'priming.filterVolumeMl' });
  const route = routeOf(read);
  const carries = bubbleBoreLimitMm(densityKgM3(fuelOf(read).densityKgM3At15C, 15));
  return chambersOf(route, filter, read.maybe('fuel.filterPlace') === 'afterPump', gasTraps(route, carries));
}
