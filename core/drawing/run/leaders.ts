import type { Part } from '../../build/field';
import type { Frame, Spot } from './marks';
import { round } from './Pen';

/** From where a mark stands this far off its part it is tied to it, px. */
const near = 20;

const nearestOnSegment = (p: Spot, a: Spot, b: Spot): Spot => {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const long = dx * dx + dy * dy;
  const share = long === 0 ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / long));
  return { x: a.x + dx * share, y: a.y + dy * share };
};
const away = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);

/** What a mark belongs to: a body, or a way. */
export type Shape = Frame | readonly Spot[];
const isWay = (shape: Shape): shape is readonly Spot[] => Array.isArray(shape);

/** The spot of a shape that lies nearest to a mark. @param shape a frame, or a way of one spot or more */
export function nearestSpot(mark: Spot, shape: Shape): Spot {
  if (!isWay(shape))
    return {
      x: Math.max(shape.x, Math.min(mark.x, shape.x + shape.w)),
      y: Math.max(shape.y, Math.min(mark.y, shape.y + shape.h)),
    };
  return shape.reduce<Spot>((best, spot, i) => {
    const found = nearestOnSegment(mark, shape[i - 1] ?? spot, spot);
    return away(found, mark) < away(best, mark) ? found : best;
  }, shape[0] ?? mark);
}

/** Lines that tie the marks of findings to what they are about, where they stand off it. */
export function leadersTo(
  anchors: Readonly<Record<Part, Spot>>,
  shapes: Readonly<Record<Part, Shape>>,
  told: readonly Part[],
): { part: Part; from: Spot; to: Spot }[] {
  return told.flatMap((part) => {
    const from = anchors[part];
    const to = nearestSpot(from, shapes[part]);
    return away(from, to) < near ? [] : [{ part, from, to: { x: round(to.x), y: round(to.y) } }];
  });
}
