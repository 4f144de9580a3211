interface Px {
  x: number;
  y: number;
}

/**
 * How far along a segment of the drawing a point lies: its foot on the straight line, kept off both ends.
 * @returns 0.05 to 0.95
 * @source geometry
 */
export function shareAlong(from: Px, to: Px, x: number, y: number): number {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const square = dx ** 2 + dy ** 2;
  const share = square > 0 ? ((x - from.x) * dx + (y - from.y) * dy) / square : 0.5;
  return Math.min(0.95, Math.max(0.05, share));
}
