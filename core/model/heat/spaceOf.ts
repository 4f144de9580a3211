import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { sleeperW } from '../../physics/heat/nightUse';
import { airLossWK } from '../../physics/heat/spaceLoss';
import { spaceNodes } from '../../physics/heat/spaceNodes';
import type { TwoNodes } from '../../physics/heat/warmUp';
import { spaceParts } from './spaceParts';

/** A usual evening is so much warmer than the coldest hour of its night. Lorbet's own choice, no source. */
export const eveningWarmerK = 8;

/** Heat lost through surfaces, W/K. */
export const fabricWK = (read: Reader): number => spaceParts(read).reduce((sum, part) => sum + part.lossWK, 0);
/** Heat lost with the air that changes, W/K. */
export function airWK(read: Reader): number {
  const { changes, volume } = read.all({ changes: 'survey.airChangesH', volume: 'survey.volumeM3' });
  return airLossWK(changes, volume);
}
export const sleepersKw = (read: Reader): number => ((read.maybe('people.asleep') ?? 0) * sleeperW) / 1000;

/** The space as air and shell; null where its walls lose too much for that. */
export function nodesOf(read: Reader): TwoNodes | null {
  const areaM2 = spaceParts(read).reduce((sum, part) => sum + part.areaM2, 0);
  if (areaM2 === 0) return read.missing(...toDo('enter the surfaces through which heat is lost'));
  return spaceNodes({ fabricWK: fabricWK(read), airWK: airWK(read), areaM2, volumeM3: read.all({ v: 'survey.volumeM3' }).v });
}
