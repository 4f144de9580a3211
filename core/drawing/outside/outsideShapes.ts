import type { Build } from '../../build/Build';
import { outsideKinds } from '../../build/listKinds';
import { aimOf, outsidePlan, type EndId } from '../../model/air/outsidePlan';
import { placeOf } from '../../model/siting/SitingPlan';
import type { Template, TemplateShape } from '../floor/templateShapes';

const [marginMm, mouthMm, letterMm] = [300, 30, 60] as const;

/**
 * The outside plan at true size, mm: front at the left, the right side of the body up. Only what is said stands on it, nothing that is assumed.
 * @returns null while nobody has said how large the floor is
 */
export function outsideShapes(build: Build): Omit<Template, 'view'> | null {
  const plan = outsidePlan(build);
  if (!plan) return null;
  const shapes: TemplateShape[] = [];
  const line = (layer: 'outline' | 'datums', x1: number, y1: number, x2: number, y2: number) =>
    shapes.push({ kind: 'line', layer, x1, y1, x2, y2 });
  const rect = (layer: 'outline' | 'datums', x: number, y: number, length: number, width: number) => {
    line(layer, x, y, x + length, y);
    line(layer, x + length, y, x + length, y + width);
    line(layer, x + length, y + width, x, y + width);
    line(layer, x, y + width, x, y);
  };
  const word = (x: number, y: number, text: string) =>
    shapes.push({ kind: 'text', layer: 'words', x, y, text, sizeMm: letterMm });
  const { body } = plan;
  rect('outline', body.x, body.y, body.length, body.width);
  for (const { name, kind, x, y, length, width } of plan.things) {
    rect('datums', x, y, length, width);
    word(x, y + width + 20, `${name} (${outsideKinds[kind]})`);
  }
  const heater = placeOf(build);
  if (heater) {
    line('datums', heater.x - 60, heater.y, heater.x + 60, heater.y);
    line('datums', heater.x, heater.y - 60, heater.x, heater.y + 60);
    word(heater.x + 70, heater.y + 10, 'heater');
  }
  for (const id of ['exhaust', 'intake'] as const satisfies readonly EndId[]) {
    const end = plan.ends[id];
    if (!end) continue;
    shapes.push({ kind: 'circle', layer: 'holes', x: end.x, y: end.y, radius: mouthMm });
    const aim = aimOf(plan, end);
    if (aim) line('datums', end.x, end.y, end.x + aim.x * 200, end.y + aim.y * 200);
    word(end.x + 50, end.y + 40, id === 'exhaust' ? 'exhaust' : 'combustion air');
  }
  const xs = shapes.flatMap((shape) => (shape.kind === 'line' ? [shape.x1, shape.x2] : [shape.x]));
  const ys = shapes.flatMap((shape) => (shape.kind === 'line' ? [shape.y1, shape.y2] : [shape.y]));
  const [left, bottom] = [Math.min(...xs) - marginMm, Math.min(...ys) - marginMm];
  return {
    title: `Outside plan, ${build.identity.name}`,
    shapes,
    left,
    bottom,
    width: Math.max(...xs) + marginMm - left + 600,
    height: Math.max(...ys) + marginMm - bottom,
  };
}
