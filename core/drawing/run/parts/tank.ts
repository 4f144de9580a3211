import { formatFixed } from '../../../units/formatNumber';
import type { Frame, Spot } from '../marks';
import { polyline, shape, type Pen } from '../Pen';

export interface TankMarks {
  tank: Frame;
  pickup: { top: Spot; end: Spot };
  anchors: { tank: Spot; pickup: Spot };
}

/** The tank with what stands in it, and the pickup. */
export function drawTank(pen: Pen): TankMarks {
  const { tank: size, pickup: drawn } = pen.geometry;
  const { x, y, perMm } = pen.scale;
  const tank = { x: x(0), y: y(size.height), w: size.length * perMm, h: size.height * perMm };
  const box = (top: number) => shape((p) => p.rect(tank.x, top, tank.w, y(0) - top));
  if (size.fuel > 0) pen.draw('tank', 'fuel', box(y(size.fuel)), { fill: 'fuel', width: 0, name: 'fuel' });
  pen.draw('tank', 'ink', box(tank.y), { name: 'tank' });
  const pickup = { top: pen.at(drawn.top), end: pen.at(drawn.end) };
  const bend = drawn.end.x === drawn.top.x ? [] : [{ x: pickup.top.x, y: pickup.end.y }];
  pen.draw('pickup', 'fuel', polyline([pickup.end, ...bend, pickup.top]), { width: pen.width('pickup') + 1, name: 'pickup' });
  const level = pen.value('fuel.fuelLevelMm');
  const told = level === null ? 'fuel level not measured' : `${formatFixed(level)} mm of fuel`;
  pen.write('tank', { x: tank.x + 6, y: y(0) + 17 }, told);
  return {
    tank,
    pickup,
    anchors: {
      tank: { x: tank.x + tank.w * 0.3, y: tank.y - 14 },
      pickup: { x: pickup.end.x + 14, y: Math.min(pickup.end.y - 12, y(0) - 12) },
    },
  };
}
