import type { Build } from '../../build/Build';
import { ruleFor } from '../../practices/ruleFor';
import type { Finding } from '../../checks/Finding';
import { formatShort } from '../../units/formatNumber';
import type { Spot } from '../run/marks';
import { closed, polyline, shape } from '../run/Pen';
import { uprightDimension } from './dimensionLines';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';

const height = 400;
const [top, bottom] = [44, 60];
/** px: bodies are drawn larger than life, heights to scale. */
const [pumpPx, pumpHalf, tankPx] = [150, 19, 130];
const radians = (deg: number) => (deg * Math.PI) / 180;

/**
 * Tank, filter, pump and heater by their heights above the tank's floor, and the pump at its true angle with the angles that let gas out.
 * @param width px, 560 and up
 */
export function drawPumpPlace(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  const [min, max] = (['pumpAngleMinDeg', 'pumpAngleMaxDeg'] as const).map(
    (key) => ruleFor(key, build.practices, build.maker).value,
  ) as [number, number];
  const angle = pen.usual('fuel.pumpAngleDeg', (min + max) / 2);
  const tankMm = Math.max(40, pen.usual('fuel.tankHeightMm', 260));
  const pumpMm = pen.usual('fuel.pumpAboveTankFloorMm', 60);
  const heaterMm = pen.usual('fuel.heaterAboveTankFloorMm', 420);
  const low = Math.min(0, pumpMm - 40, heaterMm - 40);
  const high = Math.max(tankMm, pumpMm + 60, heaterMm + 40);
  const perMm = (height - top - bottom) / (high - low);
  const z = (mm: number) => height - bottom - (mm - low) * perMm;
  const floor = z(0);

  const tank = { x: 24, w: tankPx, y: z(tankMm) };
  const level = z(Math.min(tankMm, Math.max(0, pen.usual('fuel.fuelLevelMm', tankMm * 0.6))));
  pen.draw(
    shape((p) => p.rect(tank.x, level, tank.w, floor - level)),
    ['fuel.fuelLevelMm'],
    { fill: 'fuel', width: 0, flow: 'fuel' },
  );
  pen.draw(
    shape((p) => p.rect(tank.x, tank.y, tank.w, floor - tank.y)),
    ['fuel.tankHeightMm'],
  );
  pen.draw(
    polyline([
      { x: 8, y: floor },
      { x: width - 12, y: floor },
    ]),
    [],
    { ink: 'planned', width: 1 },
  );
  pen.write({ x: width - 12, y: floor + 16 }, 'the tank’s floor', { anchor: 'end' });

  const inlet: Spot = { x: Math.max(300, width * 0.44), y: z(pumpMm) };
  const turn = (along: number, beside: number): Spot => ({
    x: inlet.x + along * Math.cos(radians(angle)) + beside * Math.sin(radians(angle)),
    y: inlet.y - along * Math.sin(radians(angle)) + beside * Math.cos(radians(angle)),
  });
  // The angles at which gas leaves by itself, as this workshop's practice or the maker has them.
  const reach = pumpPx + 40;
  const fan = (deg: number): Spot => ({
    x: inlet.x + reach * Math.cos(radians(deg)),
    y: inlet.y - reach * Math.sin(radians(deg)),
  });
  const spread = Array.from({ length: 13 }, (_, i) => fan(min + ((max - min) * i) / 12));
  pen.draw(closed([inlet, ...spread]), [], { fill: 'fuel', width: 0, flow: 'fuel' });
  pen.draw(polyline([inlet, { x: inlet.x + reach, y: inlet.y }]), [], { ink: 'planned', width: 1 });
  const pickup = { x: tank.x + tank.w * 0.6, y: tank.y - 18 };
  const filter: Spot = { x: (tank.x + tank.w + inlet.x) / 2, y: (pickup.y + inlet.y) / 2 };
  const outlet = turn(pumpPx, 0);
  const heater: Spot = { x: width - 96, y: z(heaterMm) };
  const fuel = { flow: 'fuel', width: 5 } as const;
  pen.draw(
    polyline([{ x: pickup.x, y: floor - 14 }, pickup, { x: tank.x + tank.w + 12, y: pickup.y }, filter, inlet]),
    ['fuel.pumpAboveTankFloorMm'],
    fuel,
  );
  pen.draw(polyline([outlet, { x: heater.x - 30, y: heater.y }, heater]), ['fuel.heaterAboveTankFloorMm'], fuel);
  const place = pen.value('fuel.filterPlace');
  if (place !== 'none') {
    const at = place === 'afterPump' ? { x: (outlet.x + heater.x - 30) / 2, y: (outlet.y + heater.y) / 2 } : filter;
    const back = pen.value('fuel.filterDirection') === 'againstFlow' ? -1 : 1;
    pen.draw(
      shape((p) => p.rect(at.x - 26, at.y - 15, 52, 30)),
      ['fuel.filterPlace'],
      { fill: 'paper' },
    );
    pen.draw(
      polyline([
        { x: at.x - 14 * back, y: at.y },
        { x: at.x + 14 * back, y: at.y },
        { x: at.x + 7 * back, y: at.y - 5 },
      ]),
      ['fuel.filterDirection'],
    );
    pen.write({ x: at.x, y: at.y - 22 }, 'filter', { anchor: 'middle' });
    pen.pin('fuel.filter.place', { x: at.x - 14, y: at.y + 24 });
    pen.pin('fuel.filter.direction', { x: at.x + 12, y: at.y + 24 });
  }
  pen.draw(
    closed([turn(0, -pumpHalf), turn(pumpPx, -pumpHalf), turn(pumpPx, pumpHalf), turn(0, pumpHalf)]),
    ['fuel.pumpAngleDeg'],
    {
      fill: 'paper',
    },
  );
  const [from, to] = pen.value('fuel.pumpDirection') === 'againstFlow' ? [0.8, 0.2] : [0.2, 0.8];
  const tip = pumpPx * to;
  const behind = tip + (from < to ? -9 : 9);
  pen.draw(polyline([turn(pumpPx * from, 0), turn(tip, 0)]) + polyline([turn(behind, -6), turn(tip, 0), turn(behind, 6)]), [
    'fuel.pumpDirection',
  ]);
  pen.draw(
    shape((p) => p.rect(heater.x, heater.y - 42, 78, 52)),
    ['fuel.heaterAboveTankFloorMm'],
    { fill: 'paper' },
  );
  pen.write({ x: heater.x + 39, y: heater.y - 12 }, 'heater', { anchor: 'middle' });

  pen.dimension(
    'fuel.pumpAboveTankFloorMm',
    { x: inlet.x - 72, y: Math.min(height - 34, Math.max(inlet.y, floor) + 30) },
    'inlet above it',
    {
      line: uprightDimension(inlet.x - 18, inlet.y, floor, inlet.x),
      label: 'left',
    },
  );
  const angleAt = { x: Math.min(outlet.x + 64, heater.x - 96), y: Math.max(top, Math.min(outlet.y + 46, floor - 46)) };
  pen.dimension('fuel.pumpAngleDeg', angleAt, 'outlet up', {
    line: polyline([outlet, { x: angleAt.x - 34, y: angleAt.y - 22 }]),
  });
  pen.write({ x: angleAt.x, y: angleAt.y + 54 }, `${formatShort(min)} to ${formatShort(max)}° lets gas out`, {
    anchor: 'middle',
  });
  pen.dimension(
    'fuel.heaterAboveTankFloorMm',
    { x: heater.x + 32, y: Math.min(floor - 30, (heater.y + floor) / 2 + 20) },
    'its inlet',
    {
      line: uprightDimension(heater.x - 30, heater.y, floor, heater.x),
      label: 'above',
    },
  );
  pen.pin('fuel.pump.angle', turn(pumpPx * 0.5, 0));
  pen.pin('fuel.pump.direction', turn(pumpPx * 0.85, 0));
  pen.pin('fuel.pump.mount', turn(pumpPx * 0.5, pumpHalf + 14));
  pen.write({ x: 6, y: 18 }, 'Heights to scale; bodies and lengths are not.');
  return pen.done(width, height, 'Heights above the tank’s floor, and the pump’s angle');
}
