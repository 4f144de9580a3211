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
  const across = (from: number, to: number, wide: number) =>
    closed([turn(from, -wide), turn(to, -wide), turn(to, wide), turn(from, wide)]);
  // A nipple at each end, the coil between two caps, its plug beside it.
  const [cap, neck] = [lengthPx * 0.16, lengthPx * 0.1];
  pen.draw('pump', 'ink', across(0, neck, half * 0.4) + across(lengthPx - neck, lengthPx, half * 0.4), {
    fill: 'paper',
    name: 'pump nipples',
  });
  pen.draw(
    'pump',
    'ink',
    closed([
      turn(lengthPx * 0.5 - 7, -half - 6),
      turn(lengthPx * 0.5 + 7, -half - 6),
      turn(lengthPx * 0.5 + 7, -half),
      turn(lengthPx * 0.5 - 7, -half),
    ]),
    {
      fill: 'paper',
      width: 1.25,
      name: 'pump plug',
    },
  );
  pen.draw('pump', 'ink', across(neck, lengthPx - neck, half), { fill: 'paper', name: 'pump' });
  const bands = [neck + cap * 0.5, lengthPx - neck - cap * 0.5].map((at) => polyline([turn(at, -half), turn(at, half)])).join('');
  pen.draw('pump', 'ink', bands, { ink: 'fitted', width: 1, name: 'pump coil' });
  const reversed = pen.value('fuel.pumpDirection') === 'againstFlow';
  const [from, to] = reversed ? [0.74, 0.26] : [0.26, 0.74];
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
