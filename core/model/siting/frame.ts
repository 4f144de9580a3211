/** A point of the floor, mm: x from its front, y from its left side, seen from above. */
export interface FloorPoint {
  x: number;
  y: number;
}
/** An upright rectangle of the floor, by its corner nearest to front and left. */
export interface Rect extends FloorPoint {
  length: number;
  width: number;
}
/** Where the heater stands: its middle, and by how much its hot end is turned to the left from the rear. */
export interface Place extends FloorPoint {
  turnDeg: number;
}
/** A point seen from the heater's middle: along towards its hot end, across to the right of that way, from above. */
export interface HeaterPoint {
  along: number;
  across: number;
}

/** Direction of the hot end and of its right hand; quarter turns are exact. */
export function axesOf(turnDeg: number): { ux: number; uy: number } {
  const quarter = ((turnDeg % 360) + 360) % 360;
  if (quarter === 0) return { ux: 1, uy: 0 };
  if (quarter === 90) return { ux: 0, uy: 1 };
  if (quarter === 180) return { ux: -1, uy: 0 };
  if (quarter === 270) return { ux: 0, uy: -1 };
  const angle = (turnDeg * Math.PI) / 180;
  return { ux: Math.cos(angle), uy: Math.sin(angle) };
}

/** @example toFloor({ x: 1000, y: 500, turnDeg: 90 }, { along: 100, across: 0 }) // { x: 1000, y: 600 } */
export function toFloor(place: Place, { along, across }: HeaterPoint): FloorPoint {
  const { ux, uy } = axesOf(place.turnDeg);
  // Facing (ux, uy) with z up, the right hand points to (uy, −ux).
  return { x: place.x + along * ux + across * uy, y: place.y + along * uy - across * ux };
}

export function toHeater(place: Place, { x, y }: FloorPoint): HeaterPoint {
  const { ux, uy } = axesOf(place.turnDeg);
  const [dx, dy] = [x - place.x, y - place.y];
  return { along: dx * ux + dy * uy, across: dx * uy - dy * ux };
}

export const corners = ({ x, y, length, width }: Rect): FloorPoint[] => [
  { x, y },
  { x: x + length, y },
  { x: x + length, y: y + width },
  { x, y: y + width },
];

/** From a point to the nearest of a rectangle; 0 inside it. */
export function distanceToRect(x: number, y: number, r: Rect): number {
  const dx = x < r.x ? r.x - x : x > r.x + r.length ? x - r.x - r.length : 0;
  const dy = y < r.y ? r.y - y : y > r.y + r.width ? y - r.y - r.width : 0;
  return dx === 0 ? dy : dy === 0 ? dx : Math.sqrt(dx * dx + dy * dy);
}
