import { formatShort } from '../../../units/formatNumber';
import type { Spot } from '../marks';
import { closed, polyline, type Pen } from '../Pen';

export interface PumpPlace {
  inlet: Spot;
  outlet: Spot;
  middle: Spot;
  lengthPx: number;
  bodyPx: number;
  angleDeg: number;
  cos: number;
  sin: number;
  /** a spot so far along the pump and beside it */ turn: (along: number, beside: number) => Spot;
}

/** Where the pump lies, at its true angle. */
export function pumpPlace(pen: Pen): PumpPlace {
  const { perMm } = pen.scale;
  const angleDeg = pen.value('fuel.pumpAngleDeg') ?? 0;
  const lengthPx = Math.max(130 * perMm, 58);
  const inlet = pen.at(pen.geometry.pumpIn);
  const [cos, sin] = [Math.cos((angleDeg * Math.PI) / 180), Math.sin((angleDeg * Math.PI) / 180)];
  const turn = (along: number, beside: number): Spot => ({
    x: inlet.x + along * cos + beside * sin,
    y: inlet.y - along * sin + beside * cos,
  });
  return {
    inlet,
    angleDeg,
    lengthPx,
    cos,
    sin,
    turn,
    outlet: turn(lengthPx, 0),
    middle: turn(lengthPx / 2, 0),
    bodyPx: Math.max(40 * perMm, 20),
  };
}

/** The pump's body, its arrow and its angle. */
export function drawPump(pen: Pen, { inlet, outlet, lengthPx, bodyPx, angleDeg, turn }: PumpPlace): void {
  const half = bodyPx / 2;
  const corners = [turn(0, -half), turn(lengthPx, -half), turn(lengthPx, half), turn(0, half)];
  pen.draw('pump', 'ink', closed(corners), { fill: 'paper', name: 'pump' });
  const reversed = pen.value('fuel.pumpDirection') === 'againstFlow';
  const [from, to] = reversed ? [0.75, 0.25] : [0.25, 0.75];
  const tip = lengthPx * to + (reversed ? 6 : -6);
  const arrow =
    polyline([turn(lengthPx * from, 0), turn(lengthPx * to, 0)]) +
    polyline([turn(tip, -5), turn(lengthPx * to, 0), turn(tip, 5)]);
  pen.draw('pump', 'ink', arrow, { ink: 'fitted', width: 1.75, name: 'pump arrow' });
  if (pen.value('fuel.pumpAngleDeg') !== null)
    pen.write('pump', { x: inlet.x + lengthPx / 2, y: Math.max(inlet.y, outlet.y) + half + 19 }, `${formatShort(angleDeg)}°`, {
      strong: true,
      anchor: 'middle',
    });
}
