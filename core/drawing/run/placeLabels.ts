/** A box by its middle, px. */
export interface Box {
  cx: number;
  cy: number;
  w: number;
  h: number;
}
export interface Sheet {
  width: number;
  height: number;
}

/** Where a label may go from where it would best sit, px, nearest first. */
const steps = [-84, -56, -28, 0, 28, 56, 84]
  .flatMap((dx) => [-63, -49, -35, -21, -10, 0, 10, 21, 35, 49, 63].map((dy) => ({ dx, dy, far: Math.hypot(dx, dy * 1.4) })))
  .sort((a, b) => a.far - b.far);

const overlap = (a: Box, b: Box): number =>
  Math.max(0, (a.w + b.w) / 2 - Math.abs(a.cx - b.cx)) * Math.max(0, (a.h + b.h) / 2 - Math.abs(a.cy - b.cy));

/** How much of a box others cover, px². */
export const coveredPx2 = (box: Box, others: readonly Box[]): number =>
  others.reduce((sum, other) => sum + overlap(box, other), 0);

/** Small boxes along a stroke, so that a slanting line is no obstacle as large as its frame. */
export function strokeBoxes(points: readonly { x: number; y: number }[], thick: number): Box[] {
  const boxes: Box[] = [];
  for (const [i, a] of points.slice(0, -1).entries()) {
    const b = points[i + 1] ?? a;
    const n = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / 14));
    for (let k = 0; k <= n; k += 1)
      boxes.push({ cx: a.x + ((b.x - a.x) * k) / n, cy: a.y + ((b.y - a.y) * k) / n, w: thick + 6, h: thick + 6 });
  }
  return boxes;
}

/**
 * Moves labels off what they would cover: one after the other, each to the nearest place where it covers least.
 * Earlier labels keep their place from later ones, so the most telling come first.
 * @returns the labels' boxes in the order given, all within the sheet
 */
export function placeLabels(labels: readonly Box[], obstacles: readonly Box[], sheet: Sheet): Box[] {
  const taken: Box[] = [];
  for (const label of labels) {
    const near = obstacles.filter((o) => Math.abs(o.cx - label.cx) < 100 + (o.w + label.w) / 2);
    let best = label;
    let min = Infinity;
    for (const { dx, dy, far } of steps) {
      if (far > min) break;
      const at = {
        ...label,
        cx: Math.min(Math.max(label.cx + dx, label.w / 2 + 3), sheet.width - label.w / 2 - 3),
        cy: Math.min(Math.max(label.cy + dy, label.h / 2 + 3), sheet.height - label.h / 2 - 3),
      };
      const covered = coveredPx2(at, near) + coveredPx2(at, taken);
      // A pixel covered weighs as much as two pixels of way.
      const cost = covered * 2 + far;
      if (cost < min) [min, best] = [cost, at];
    }
    taken.push(best);
  }
  return taken;
}
