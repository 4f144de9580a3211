import { linksOf, solveNet, type Net } from '../../physics/flow/solveNet';
import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import { limbsOf, loopOf, partsOf, workC, type LoopPart } from './loopOf';

/** ζ of a circulation pump that stands, at the bore of its ports. Lorbet’s own assumption, no source. */
const standingPumpZeta = 10;

/**
 * What passes each part while the heater and its pump are off and the engine’s own pump drives the loop, kg/s and L/min through the heater.
 * Where the engine stands in one way of several, the others are passed backwards, and a check valve in one shuts.
 * @throws through the reader where the loop cannot be solved or has no engine
 */
export function heaterOffLMin(read: Reader): number {
  const { steps, netAt } = loopOf(read);
  const parts = steps.flatMap(partsOf);
  const engine = parts.find(({ kind }) => kind === 'engine');
  const heater = parts.find(({ kind }) => kind === 'heater');
  if (!engine) return read.missing(...toDo('put the engine block into the loop'));
  const { net, coolant } = netAt(workC);
  const links = new Map(linksOf(net).map((link) => [link.id, link]));
  const pass = (part: LoopPart, backwards = false): Net => {
    const link = links.get(part.id) ?? { id: part.id, dropPa: () => 0 };
    if (backwards && part.kind === 'check') return { link: { ...link, dropPa: () => Infinity } };
    if (part.kind !== 'pump') return { link };
    const areaM2 = (Math.PI * ((part.boreMm ?? 0) / 1000) ** 2) / 4;
    const fall = standingPumpZeta / (2 * coolant.densityKgM3 * areaM2 ** 2);
    return { link: { id: part.id, dropPa: (kgS) => fall * kgS ** 2 } };
  };
  const series = (some: readonly LoopPart[], backwards = false): Net => ({ series: some.map((part) => pass(part, backwards)) });
  // From the engine’s outlet round to its inlet.
  const main = steps.flatMap((step): Net[] => {
    if (partsOf(step).includes(engine)) return [];
    return 'one' in step ? [pass(step.one)] : [{ parallel: step.ways.map((limb) => series(limb)) }];
  });
  const limbs = steps.flatMap((step) => (partsOf(step).includes(engine) ? limbsOf(step) : []));
  const own = limbs.find((limb) => limb.includes(engine)) ?? [];
  const others = limbs.filter((limb) => limb !== own);
  const round: Net = {
    series: [
      series(own.filter((part) => part !== engine)),
      others.length === 0 ? { series: main } : { parallel: [...others.map((limb) => series(limb, true)), { series: main }] },
    ],
  };
  const shutPa = read.limit('enginePumpKPa').value * 1000;
  const freeKgS = (read.limit('enginePumpLMin').value / 60000) * coolant.densityKgM3;
  const { byId } = solveNet(round, { shutPa, fallPaS2Kg2: shutPa / freeKgS ** 2 });
  return ((byId.get(heater?.id ?? '') ?? 0) / coolant.densityKgM3) * 60000;
}
