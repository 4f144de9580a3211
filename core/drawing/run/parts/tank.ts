import { formatFixed } from '../../../units/formatNumber';
import type { Frame, Spot } from '../marks';
import { closed, polyline, roundRect, shape, type Pen } from '../Pen';

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
  drawShell(pen, tank, y(size.fuel), size.fuel > 0);
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
      tank: { x: tank.x + tank.w * 0.42, y: tank.y - 14 },
      pickup: { x: pickup.end.x + 14, y: Math.min(pickup.end.y - 12, y(0) - 12) },
    },
  };
}

/** Its shell by its shape, seen from the side, with the fuel in it, the filler's neck and its cap. */
function drawShell(pen: Pen, tank: Frame, surface: number, fuelled: boolean): void {
  const lying = pen.value('tank.shape') === 'lying';
  const low = tank.y + tank.h;
  // Seen from the side a lying drum shows its dished ends; anything else the round corners that all tanks have.
  const radius = lying ? tank.h * 0.42 : Math.min(9, tank.w / 6, tank.h / 4);
  const inset = (y: number) => {
    const deep = Math.max(0, radius - Math.min(y - tank.y, low - y));
    return radius - Math.sqrt(Math.max(0, radius ** 2 - deep ** 2));
  };
  if (fuelled) {
    const side = [0, 0.25, 0.5, 0.75, 1].map((share) => surface + (low - surface) * share);
    const left = side.map((y) => ({ x: tank.x + inset(y), y }));
    const right = [...side].reverse().map((y) => ({ x: tank.x + tank.w - inset(y), y }));
    pen.draw('tank', 'fuel', closed([...left, ...right]), { fill: 'fuel', width: 0, name: 'fuel' });
  }
  const neck = tank.x + tank.w * 0.16;
  const filler =
    polyline([
      { x: neck - 6, y: tank.y },
      { x: neck - 6, y: tank.y - 8 },
      { x: neck + 6, y: tank.y - 8 },
      { x: neck + 6, y: tank.y },
    ]) + shape((p) => p.rect(neck - 9, tank.y - 13, 18, 5));
  pen.draw('tank', 'ink', filler, { fill: 'paper', width: 1.5, name: 'filler' });
  pen.draw('tank', 'ink', roundRect(tank, radius), { name: 'tank' });
}
