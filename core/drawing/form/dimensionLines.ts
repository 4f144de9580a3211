import { polyline } from '../run/Pen';

const arrow = 6;
const arrowAt = (x: number, y: number, dx: number, dy: number) =>
  polyline([
    { x: x + arrow * (dy * 0.45 - dx), y: y + arrow * (dx * 0.45 - dy) },
    { x, y },
    { x: x + arrow * (-dy * 0.45 - dx), y: y + arrow * (-dx * 0.45 - dy) },
  ]);

/**
 * An upright dimension line with an arrow at each end, and extension lines from where it measures.
 * @param from x of what is measured, px: the extension lines reach from there to the line
 */
export function uprightDimension(x: number, y1: number, y2: number, from = x): string {
  const [top, bottom] = y1 < y2 ? [y1, y2] : [y2, y1];
  const beyond = x + Math.sign(x - from) * 5;
  const extensions =
    from === x
      ? ''
      : polyline([
          { x: from, y: top },
          { x: beyond, y: top },
        ]) +
        polyline([
          { x: from, y: bottom },
          { x: beyond, y: bottom },
        ]);
  return `${polyline([
    { x, y: top },
    { x, y: bottom },
  ])}${arrowAt(x, top, 0, -1)}${arrowAt(x, bottom, 0, 1)}${extensions}`;
}

/** A dimension line lying, likewise. @param from y of what is measured, px */
export function lyingDimension(y: number, x1: number, x2: number, from = y): string {
  const [left, right] = x1 < x2 ? [x1, x2] : [x2, x1];
  const beyond = y + Math.sign(y - from) * 5;
  const extensions =
    from === y
      ? ''
      : polyline([
          { x: left, y: from },
          { x: left, y: beyond },
        ]) +
        polyline([
          { x: right, y: from },
          { x: right, y: beyond },
        ]);
  return `${polyline([
    { x: left, y },
    { x: right, y },
  ])}${arrowAt(left, y, -1, 0)}${arrowAt(right, y, 1, 0)}${extensions}`;
}
