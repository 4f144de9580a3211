import { within } from '../within';

/** Of a space’s loss, what goes below half its height. Lorbet’s own assumption, no source. */
const lowerShare = 0.5;

/**
 * How warm it is by the floor and under the roof where the middle of a space is held: what is lost below has to come down from above, by what the
 * still air gives for each square metre of floor, and with the air that a blower draws by the floor and sends out warm.
 * @param lossWK heat lost for each kelvin, 0 and more; airWK ṁ c_p of the air that is blown round, 0 where none is; stillWM2K above 0
 * @throws RangeError naming quantity, value and bounds
 * @example layersC({ lossWK: 40, floorM2: 4, stillWM2K: 5, airWK: 0, insideC: 14, outsideC: -6 }) // { floorC: 7.3, roofC: 20.7 }
 * @source heat balance of two layers; rough. A cabin at 24 °C under the roof and 4 °C by the floor is met (common practice, no source)
 */
export function layersC(p: {
  lossWK: number;
  floorM2: number;
  stillWM2K: number;
  airWK: number;
  insideC: number;
  outsideC: number;
}): { floorC: number; roofC: number } {
  const below = lowerShare * within('heat lost for each kelvin', p.lossWK, 'W/K', { min: 0 });
  const down =
    within('mixing of still air', p.stillWM2K, 'W/(m² K)', { above: 0 }) * within('floor', p.floorM2, 'm²', { above: 0 }) +
    within('air blown round', p.airWK, 'W/K', { min: 0 });
  const apart = (below * Math.max(0, p.insideC - p.outsideC)) / (down + below / 2);
  return { floorC: p.insideC - apart / 2, roofC: p.insideC + apart / 2 };
}
