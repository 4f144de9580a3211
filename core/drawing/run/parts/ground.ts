import { rowsOf } from '../../../build/lists';
import { stackLayers, stackMm } from '../../../model/siting/stackUp';
import { polyline, shape, type Pen } from '../Pen';

const gridMm = 250;

/** Squares of a quarter of a metre, only as large as the drawing is to scale. */
export function drawGrid(pen: Pen, leftMm: number, lowMm: number): void {
  const { x, y, width, height } = pen.scale;
  const d = shape((p) => {
    for (let mm = Math.ceil(leftMm / gridMm) * gridMm; x(mm) < width; mm += gridMm) {
      p.moveTo(x(mm), 0);
      p.lineTo(x(mm), height);
    }
    for (let mm = Math.ceil(lowMm / gridMm) * gridMm; y(mm) > 0; mm += gridMm) {
      p.moveTo(0, y(mm));
      p.lineTo(width, y(mm));
    }
  });
  pen.draw(null, 'ink', d, { width: 0.5, fill: 'ground', name: 'grid' });
}

/** The floor with its hatch and thickness, and the outline that the exhaust’s end is measured against. @returns where both lie, px */
export function drawFloor(pen: Pen): { floorY: number; outlineX: number } {
  const { x, y, height, perMm } = pen.scale;
  const [floorY, outlineX] = [y(pen.geometry.floorZ), x(pen.geometry.outlineX)];
  const rising = [
    { x: 0, y: floorY },
    { x: outlineX, y: floorY },
    { x: outlineX, y: Math.max(8, floorY - 200) },
  ];
  pen.draw(null, 'ink', polyline(rising), { width: 2, name: 'floor' });
  const down = [
    { x: outlineX, y: floorY },
    { x: outlineX, y: height - 12 },
  ];
  pen.draw(null, 'ink', polyline(down), { width: 1, ink: 'unknown', name: 'outline' });
  // The floor's own thickness once its layers are measured, down to the lowest rib.
  const thick = stackMm(stackLayers(rowsOf(pen.build.lists, 'stack'))) * perMm;
  const under = [
    { x: 0, y: floorY + thick },
    { x: outlineX, y: floorY + thick },
    { x: outlineX, y: floorY },
  ];
  if (thick > 0) pen.draw(null, 'ink', polyline(under), { width: 1, name: 'underside' });
  const hatch = shape((p) => {
    for (let px = 4; px < outlineX - 6; px += 11) {
      p.moveTo(px + 6, floorY + 1);
      p.lineTo(px, floorY + 7);
    }
  });
  pen.draw(null, 'ink', hatch, { width: 0.6, name: 'hatch' });
  return { floorY, outlineX };
}
