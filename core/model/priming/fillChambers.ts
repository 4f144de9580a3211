import type { Reader } from '../../reading/Reader';
import { bubbleBoreLimitMm } from '../../physics/fuel/bubbleBoreLimitMm';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { chambersOf, type Chamber } from '../../physics/fuel/firstFill';
import { gasTraps } from '../../physics/fuel/gasTraps';
import { lineVolumeMl } from '../../physics/fuel/lineVolumeMl';
import { pickupEndMm, pickupTopMm, routeOf } from '../fuel/routeOf';
import { fuelOf } from '../fuel/runFacts';

/** Inside of a standpipe where nobody has measured it, mm: common practice, no source. */
export const usualStandpipeMm = 4;

/** Of the pickup's own pipe, what stands above the fuel and has to be filled too; nothing where the outlet lies low. */
function standpipe(read: Reader): Chamber[] {
  const [top, end] = [pickupTopMm(read), pickupEndMm(read)];
  const aboveMm = top - Math.max(end, Math.min(top, read.maybe('fuel.fuelLevelMm') ?? end));
  if (aboveMm <= 0) return [];
  const volumeMl = lineVolumeMl(read.maybe('tank.standpipeBoreMm') ?? usualStandpipeMm, aboveMm / 1000);
  return [{ name: 'standpipe', side: 'suction', volumeMl, isLine: false, isPipe: true, trapMl: 0 }];
}

/** All that lies between the fuel and the heater, in the order of flow, from the build. */
export function fillChambers(read: Reader): Chamber[] {
  const { filter } = read.all({ filter: 'priming.filterVolumeMl' });
  const route = routeOf(read);
  const carries = bubbleBoreLimitMm(densityKgM3(fuelOf(read).densityKgM3At15C, 15));
  return [
    ...standpipe(read),
    ...chambersOf(route, filter, read.maybe('fuel.filterPlace') === 'afterPump', gasTraps(route, carries)),
  ];
}

/** What the first fill still has to fill: what a syringe filled before is not filled again, from the pickup onwards, as it is done. */
export function chambersToFill(read: Reader): Chamber[] {
  let left = read.maybe('priming.preFilledMl') ?? 0;
  return fillChambers(read).map((chamber) => {
    const taken = Math.min(left, chamber.volumeMl - chamber.trapMl);
    left -= taken;
    return { ...chamber, volumeMl: chamber.volumeMl - taken };
  });
}
