import type { Spot } from '../run/marks';
import { polyline } from '../run/Pen';

const arrow = 6;
/** px that an extension line reaches beyond the dimension line. */
const beyond = 5;

/** A dimension line along an axis: a stroke with an arrow at each end, and extension lines from where it measures. */
function dimension(at: number, one: number, other: number, from: number, spot: (along: number, across: number) => Spot): string {
  const [low, high] = one < other ? [one, other] : [other, one];
  const head = (end: number, inward: number) =>
    polyline([spot(end + arrow * inward, at - arrow * 0.45), spot(end, at), spot(end + arrow * inward, at + arrow * 0.45)]);
  const tail = at + Math.sign(at - from) * beyond;
  const extensions = from === at ? '' : [low, high].map((end) => polyline([spot(end, from), spot(end, tail)])).join('');
  return polyline([spot(low, at), spot(high, at)]) + head(low, 1) + head(high, -1) + extensions;
}

/**
 * An upright dimension line.
 * @param from x of what is measured, px: the extension lines reach from there to the line
 */
export const uprightDimension = (x: number, y1: number, y2: number, from = x): string =>
  dimension(x, y1, y2, from, (along, across) => ({ x: across, y: along }));

/** A dimension line lying, likewise. @param from y of what is measured, px */
export const lyingDimension = (y: number, x1: number, x2: number, from = y): string =>
  dimension(y, x1, x2, from, (along, across) => ({ x: along, y: across }));
