import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { formatShort } from '../../units/formatNumber';
import { toHeater, type HeaterPoint } from '../../model/siting/frame';
import { footprint, placeOf, sitingLists } from '../../model/siting/SitingPlan';

export type TemplateLayer = 'holes' | 'outline' | 'datums' | 'words';
/** A shape of a template, mm, in the plane of the page: x to the right, y up, the heater's middle at 0, its hot end to the right. */
export type TemplateShape =
  | { kind: 'circle'; layer: TemplateLayer; x: number; y: number; radius: number }
  | { kind: 'line'; layer: TemplateLayer; x1: number; y1: number; x2: number; y2: number }
  | { kind: 'text'; layer: TemplateLayer; x: number; y: number; text: string; sizeMm: number };
export interface Template {
  title: string;
  view: TemplateView;
  shapes: TemplateShape[];
  /** bounds of all that is drawn, mm */ left: number;
  bottom: number;
  width: number;
  height: number;
}
export const templateViews = { above: 'as seen from above', below: 'as seen from below' } as const;
export type TemplateView = keyof typeof templateViews;
export const checkBarMm = 100;
const marginMm = 12;

/**
 * The template of a build's holes at true scale. From above, across runs to the right of the hot end's way, so down the page; seen from below it is mirrored.
 * @returns null until heater and holes are known
 */
export function templateShapes(build: Build, view: TemplateView): Template | null {
  const size = footprint(build);
  const { holes } = sitingLists(build);
  if (!size || holes.length === 0) return null;
  // Page: along is x. From above, the right hand of somebody who looks along x lies below him on the page.
  const flip = view === 'above' ? -1 : 1;
  const at = ({ along, across }: HeaterPoint) => ({ x: along, y: across * flip });
  const shapes: TemplateShape[] = [];
  const line = (layer: TemplateLayer, x1: number, y1: number, x2: number, y2: number) =>
    shapes.push({ kind: 'line', layer, x1, y1, x2, y2 });
  const word = (x: number, y: number, text: string, sizeMm = 4) =>
    shapes.push({ kind: 'text', layer: 'words', x, y, text, sizeMm });
  const [end, half] = [size.length / 2, size.width / 2];
  line('outline', -end, -half, end, -half);
  line('outline', end, -half, end, half);
  line('outline', end, half, -end, half);
  line('outline', -end, half, -end, -half);
  // Middle, and the way of the hot end.
  line('datums', -15, 0, 15, 0);
  line('datums', 0, -15, 0, 15);
  line('datums', end - 30, 0, end - 5, 0);
  line('datums', end - 12, 4, end - 5, 0);
  line('datums', end - 12, -4, end - 5, 0);
  word(end - 30, 6, 'hot end');
  for (const hole of holes) {
    const { x, y } = at(hole);
    shapes.push({ kind: 'circle', layer: 'holes', x, y, radius: hole.radius });
    const arm = Math.min(5, Math.max(2, hole.radius));
    line('datums', x - arm, y, x + arm, y);
    line('datums', x, y - arm, x, y + arm);
    word(x + hole.radius * 0.72 + 1.5, y + hole.radius * 0.72 + 1.5, `${hole.name}, ${formatShort(hole.radius * 2, 1)} mm`, 3);
  }
  const reach = {
    left: Math.min(-end, ...holes.map((h) => at(h).x - h.radius)),
    right: Math.max(end, ...holes.map((h) => at(h).x + h.radius + 30)),
    bottom: Math.min(-half, ...holes.map((h) => at(h).y - h.radius)),
    top: Math.max(half, ...holes.map((h) => at(h).y + h.radius + 5)),
  };
  const place = placeOf(build);
  if (place) {
    // Datums of the floor that come near the heater; the others are too far to lay a rule from.
    for (const datum of rowsOf(build.lists, 'datums')) {
      if (datum.axis === undefined || datum.atMm === undefined || place.turnDeg % 90 !== 0) continue;
      const on = toHeater(place, datum.axis === 'front' ? { x: datum.atMm, y: place.y } : { x: place.x, y: datum.atMm });
      const { x, y } = at(on);
      const upright =
        Math.abs(on.along) > Math.abs(on.across) ||
        (on.along === 0 && on.across === 0 && (place.turnDeg % 180 === 0) === (datum.axis === 'front'));
      const near = upright ? x >= reach.left - 60 && x <= reach.right + 60 : y >= reach.bottom - 60 && y <= reach.top + 60;
      if (!near) continue;
      if (upright) line('datums', x, reach.bottom, x, reach.top);
      else line('datums', reach.left, y, reach.right, y);
      word(upright ? x + 1 : reach.left + 2, upright ? reach.bottom + 2 : y + 1, datum.name ?? 'datum', 3);
    }
  }
  const barY = reach.bottom - 22;
  line('datums', reach.left, barY, reach.left + checkBarMm, barY);
  line('datums', reach.left, barY - 3, reach.left, barY + 3);
  line('datums', reach.left + checkBarMm, barY - 3, reach.left + checkBarMm, barY + 3);
  word(reach.left, barY + 4.5, 'This bar is 100 mm. If it is not, don’t use this print.', 3.5);
  word(reach.left, barY - 8, `${build.identity.name}, ${templateViews[view]}`, 4);
  if (place)
    word(
      reach.left,
      barY - 14,
      `middle ${formatShort(place.x, 1)} mm from the front, ${formatShort(place.y, 1)} mm from the left; hot end turned ${formatShort(place.turnDeg)}°`,
      3.5,
    );
  const bottom = barY - 18;
  const longest = Math.max(reach.right, reach.left + 150);
  return {
    title: `Template: ${build.identity.name}, ${templateViews[view]}`,
    view,
    shapes,
    left: reach.left - marginMm,
    bottom: bottom - marginMm / 2,
    width: longest - reach.left + 2 * marginMm,
    height: reach.top - bottom + 1.5 * marginMm,
  };
}
