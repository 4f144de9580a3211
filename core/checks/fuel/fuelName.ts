import type { Reader } from '../../reading/Reader';
import { percent, term, type Value } from '../../wording/Value';

/** What a check's catalogue needs to name a blend. */
export const blendWords = { blend: '{fuel} with {share} {other}' } as const;

/** The fuel of a build in a sentence: its grade, or both grades of a blend. */
export function fuelName(read: Reader): Value {
  const fuel = term('fuel', read.all({ grade: 'heater.fuelGrade' }).grade);
  const share = read.maybe('tank.blendPercent') ?? 0;
  const other = share > 0 ? read.maybe('tank.blendFuel') : null;
  return other === null
    ? fuel
    : { code: 'blend', values: { fuel, share: percent(Math.round(share)), other: term('fuel', other) } };
}
