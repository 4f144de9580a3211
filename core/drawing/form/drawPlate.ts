import type { Build } from '../../build/Build';
import type { Finding } from '../../checks/Finding';
import { shape } from '../run/Pen';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';

const height = 250;
const [edge, wide] = [18, 190];

/**
 * The data plate as a plate: four rivets, and what stands on it where it stands on most. It is no copy of any plate.
 * @param width px, 560 and up
 */
export function drawPlate(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  const [w, h] = [Math.min(width - 2 * edge, 640), height - 2 * edge];
  pen.draw(
    shape((p) => p.rect(edge, edge, w, h)),
    [],
    { fill: 'paper', width: 2.5 },
  );
  const rivets = [edge + 16, edge + w - 16].flatMap((x) => [edge + 16, edge + h - 16].map((y) => ({ x, y })));
  for (const { x, y } of rivets)
    pen.draw(
      shape((p) => p.arc(x, y, 5, 0, 2 * Math.PI)),
      [],
    );
  const [left, right] = [edge + w * 0.29, edge + w * 0.71];
  const [upper, lower] = [edge + h * 0.3, edge + h * 0.72];
  pen.dimension('kit.plateV', { x: left, y: upper }, 'voltage', { wide });
  pen.dimension('kit.plateOutputKw', { x: right, y: upper }, 'output', { wide });
  pen.dimension('kit.plateFuel', { x: left, y: lower }, 'fuel', { wide });
  pen.dimension('kit.plateAltitudeM', { x: right, y: lower }, 'made for up to', { wide });
  pen.pin('kit.plate', { x: edge + w / 2, y: edge + h / 2 });
  return pen.done(width, height, 'The heater’s data plate');
}
