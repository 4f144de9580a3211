import { round } from '../run/Pen';
import type { Dimension } from './FormDrawing';

/** px between two fields, and up to the sheet's edge; below and above there is a line of words. */
const [gap, edge, words] = [8, 3, 20];
const step = 12;

interface Shift {
  dx: number;
  dy: number;
}
/** Shifts from none outwards, nearest first. */
const shifts = (reach: number): Shift[] => {
  const all: Shift[] = [];
  for (let dx = -reach; dx <= reach; dx += step) for (let dy = -reach; dy <= reach; dy += step) all.push({ dx, dy });
  return all.sort((a, b) => Math.hypot(a.dx, a.dy) - Math.hypot(b.dx, b.dy));
};
const nearestFirst = shifts(step * 40);

const clamp = (value: number, least: number, most: number) => Math.max(least, Math.min(value, Math.max(least, most)));

/** Moves the fields of a drawing onto its sheet and apart from each other, each as little as it can be; what stands first stays. */
export function settleBoxes(dimensions: readonly Dimension[], width: number, height: number): Dimension[] {
  const settled: Dimension[] = [];
  for (const dimension of dimensions) {
    const { box, labelAt } = dimension;
    const at = ({ dx, dy }: Shift) => ({
      x: clamp(box.x + dx, edge, width - edge - box.w),
      y: clamp(box.y + dy, edge, height - edge - box.h),
    });
    const free = ({ x, y }: { x: number; y: number }) =>
      settled.every(
        ({ box: other }) =>
          x + box.w + gap <= other.x ||
          other.x + other.w + gap <= x ||
          y + box.h + words <= other.y ||
          other.y + other.h + words <= y,
      );
    const shift = nearestFirst.find((one) => free(at(one))) ?? { dx: 0, dy: 0 };
    const { x, y } = at(shift);
    settled.push({
      ...dimension,
      box: { ...box, x: round(x), y: round(y) },
      labelAt: { ...labelAt, x: round(labelAt.x + x - box.x), y: round(labelAt.y + y - box.y) },
    });
  }
  return settled;
}
