import type { Frame, Spot } from '../marks';
import { closed, polyline, shape, type Pen } from '../Pen';

/** How it lies where that is not flat, short enough for its body. */
const liesShort = { sideUp: 'on its side', sideDown: 'on its side', onEnd: 'on end', upsideDown: 'upside down' } as const;

/** The heater's body on the floor, px: as it lies, larger than life where to scale it would be too small to read. */
export function heaterFrame(pen: Pen, floorY: number): Frame {
  const { perMm } = pen.scale;
  const lies = pen.value('siting.heaterLies') ?? 'flat';
  const [longMm, highMm] = [pen.value('siting.heaterLengthMm') ?? 360, pen.value('siting.heaterHeightMm') ?? 130];
  const [acrossMm, upMm] =
    lies === 'onEnd'
      ? [highMm, longMm]
      : lies === 'flat' || lies === 'upsideDown'
        ? [longMm, highMm]
        : [longMm, pen.value('siting.heaterWidthMm') ?? highMm];
  const [w, h] = [Math.max(acrossMm * perMm, 92), Math.min(Math.max(upMm * perMm, 40), 120)];
  return { x: pen.at(pen.geometry.heaterIn).x - w * 0.12, y: floorY - h - 2, w, h };
}

/** The heater with its inlet, its name, and a small wedge towards the side where fuel inlet and glow plug are. */
export function drawHeater(pen: Pen, { x, y, w, h }: Frame, floorY: number): void {
  const inlet = pen.at(pen.geometry.heaterIn);
  const lies = pen.value('siting.heaterLies') ?? 'flat';
  pen.draw('heater', 'fuel', polyline([inlet, { x: inlet.x, y: floorY }]), {
    width: pen.width('line') + 1.5,
    name: 'heater inlet',
  });
  const r = h * 0.32;
  const corners = [
    { x: x + r, y },
    { x: x + w - r, y },
    { x: x + w, y: y + r },
    { x: x + w, y: y + h - r },
    { x: x + w - r, y: y + h },
    { x: x + r, y: y + h },
    { x, y: y + h - r },
    { x, y: y + r },
  ];
  pen.draw('heater', 'ink', closed(corners), { fill: 'paper', name: 'heater' });
  const middle = { x: x + w / 2, y: y + h / 2 };
  drawEnds(pen, { x, y, w, h }, floorY);
  const words = { anchor: 'middle', fixed: true } as const;
  pen.write('heater', { x: middle.x, y: middle.y + (lies === 'flat' ? 5 : -2) }, 'heater', { ...words, strong: true });
  if (lies !== 'flat') pen.write('heater', { x: middle.x, y: middle.y + 14 }, liesShort[lies], words);
  const up = lies === 'flat' || lies === 'sideUp' ? -1 : 1;
  const base = middle.y + up * (h / 2 - 9);
  const wedge =
    lies === 'onEnd'
      ? [
          { x: x + 9, y: middle.y - 5 },
          { x: x + 3, y: middle.y },
          { x: x + 9, y: middle.y + 5 },
        ]
      : [
          { x: middle.x - 5, y: base },
          { x: middle.x, y: base + up * 6 },
          { x: middle.x + 5, y: base },
        ];
  pen.draw('heater', 'ink', closed(wedge), { ink: 'fitted', width: 1.25, name: 'heater up' });
}

/** The plate that it stands on; the grille where it draws in, and the collar of the duct where it blows out, warm. */
function drawEnds(pen: Pen, { x, y, w, h }: Frame, floorY: number): void {
  const onEnd = pen.value('siting.heaterLies') === 'onEnd';
  const plate = shape((p) => p.rect(x + w * 0.2, floorY - 3, w * 0.6, 3));
  pen.draw('heater', 'ink', plate, { ink: 'fitted', width: 1, fill: 'soft', name: 'heater plate' });
  // Along the body from the end that draws in: upright it blows upwards.
  const [long, across] = onEnd ? [h, w] : [w, h];
  const at = (along: number, beside: number): Spot =>
    onEnd ? { x: x + w / 2 + beside, y: y + h - along } : { x: x + along, y: y + h / 2 + beside };
  const slots = [5, 9, 13].map((along) => polyline([at(along, -across * 0.16), at(along, across * 0.16)])).join('');
  pen.draw('heater', 'ink', slots, { ink: 'fitted', width: 1, name: 'heater grille' });
  const half = across * 0.24;
  pen.draw('heater', 'ink', closed([at(long, -half), at(long + 12, -half), at(long + 12, half), at(long, half)]), {
    fill: 'paper',
    width: 1.5,
    name: 'duct collar',
  });
  const rings = [4, 8].map((along) => polyline([at(long + along, -half), at(long + along, half)])).join('');
  pen.draw('heater', 'ink', rings, { ink: 'fitted', width: 1, name: 'duct rings' });
  const warm = polyline([at(long + 16, 0), at(long + 28, 0)]) + polyline([at(long + 24, -4), at(long + 28, 0), at(long + 24, 4)]);
  pen.draw('heater', 'heat', warm, { ink: 'fitted', width: 1.75, name: 'warm air' });
}
