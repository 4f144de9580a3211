import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import type { Finding } from '../../checks/Finding';
import { explain } from '../../figures/explain';
import { formatFixed } from '../../units/formatNumber';
import type { Frame } from '../run/marks';
import { closed, polyline, shape } from '../run/Pen';
import { lyingDimension, uprightDimension } from './dimensionLines';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';

const highest = 380;
const [left, right, top, bottom, between] = [124, 40, 32, 86, 150];

const circle = ({ x, y, w }: Frame) => shape((p) => p.arc(x + w / 2, y + w / 2, w / 2, 0, 2 * Math.PI));
const box = ({ x, y, w, h }: Frame) => shape((p) => p.rect(x, y, w, h));
/** The part of a circle that stands below a level. */
function wetCircle({ x, y, w }: Frame, level: number): string {
  const r = w / 2;
  const up = Math.max(-r, Math.min(r, y + r - level));
  const angle = Math.acos(up / r);
  return closed(
    Array.from({ length: 41 }, (_, i) => {
      const a = angle + ((2 * Math.PI - 2 * angle) * i) / 40;
      return { x: x + r + r * Math.sin(a), y: y + r - r * Math.cos(a) };
    }),
  );
}

/**
 * The tank from the side and from its end, to scale, by its shape: how long, high and wide, how the fuel stands, how far it may be filled.
 * @param width px, 560 and up
 */
export function drawTank(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  const kind = pen.value('tank.shape') ?? 'box';
  const lengthMm = Math.max(20, pen.usual('fuel.tankLengthMm', 420));
  const highMm = Math.max(20, pen.usual('fuel.tankHeightMm', 260));
  const wideMm = kind === 'upright' ? lengthMm : kind === 'lying' ? highMm : Math.max(20, pen.usual('tank.widthMm', 200));
  const ended = kind !== 'upright' && kind !== 'dips';
  const perMm = Math.min(
    (width - left - right - between - (ended ? 0 : 60)) / (lengthMm + (ended ? wideMm : 0)),
    (highest - top - bottom) / highMm,
  );
  const height = Math.round(highMm * perMm) + top + bottom;
  const floor = height - bottom;
  const side: Frame = { x: left, y: floor - highMm * perMm, w: lengthMm * perMm, h: highMm * perMm };
  const end: Frame = { x: side.x + side.w + between, y: side.y, w: wideMm * perMm, h: side.h };
  const levelMm = Math.min(highMm, Math.max(0, pen.usual('fuel.fuelLevelMm', highMm * 0.6)));
  const level = floor - levelMm * perMm;
  const wet = { fill: 'fuel', width: 0, flow: 'fuel' } as const;
  const sizes = ['fuel.tankLengthMm', 'fuel.tankHeightMm'] as const;

  const outline = rowsOf(build.lists, 'outline').flatMap(({ alongMm, upMm }) =>
    alongMm === undefined || upMm === undefined ? [] : [{ x: side.x + alongMm * perMm, y: floor - upMm * perMm }],
  );
  const ownOutline = kind === 'prism' && outline.length > 2;
  if (!ownOutline) pen.draw(box({ ...side, y: level, h: floor - level }), ['fuel.fuelLevelMm'], wet);
  pen.draw(ownOutline ? closed(outline) : box(side), sizes);
  pen.draw(
    polyline([
      { x: side.x, y: level },
      { x: side.x + side.w, y: level },
    ]),
    ['fuel.fuelLevelMm'],
    { flow: 'fuel' },
  );
  if (ended) {
    pen.draw(kind === 'lying' ? wetCircle(end, level) : box({ ...end, y: level, h: floor - level }), ['fuel.fuelLevelMm'], wet);
    pen.draw(kind === 'lying' ? circle(end) : box(end), kind === 'lying' ? sizes : ['tank.widthMm', 'fuel.tankHeightMm']);
    pen.write({ x: end.x + end.w / 2, y: end.y - 10 }, 'from its end', { anchor: 'middle' });
  }
  pen.write({ x: side.x + side.w / 2, y: side.y - 10 }, 'from the side', { anchor: 'middle' });

  const limitMm = explain(build, 'fuel.limitMm').value;
  if (limitMm !== null && limitMm < highMm) {
    const limit = floor - limitMm * perMm;
    pen.draw(
      polyline([
        { x: side.x, y: limit },
        { x: side.x + side.w, y: limit },
      ]),
      [],
      { ink: 'planned', width: 1.5 },
    );
    pen.write({ x: side.x + side.w - 6, y: limit + 16 }, `fill no higher than ${formatFixed(limitMm)} mm`, { anchor: 'end' });
  }
  const clear = pen.value('fuel.pickupClearanceMm');
  if (clear !== null && clear < highMm) {
    const pickup = floor - clear * perMm;
    pen.draw(
      polyline([
        { x: side.x, y: pickup },
        { x: side.x + side.w, y: pickup },
      ]),
      ['fuel.pickupClearanceMm'],
      { width: 1 },
    );
    pen.write({ x: side.x + 6, y: pickup - 5 }, 'pickup');
  }

  pen.dimension('fuel.tankHeightMm', { x: side.x - 64, y: side.y + side.h / 2 }, kind === 'lying' ? 'across' : 'inside height', {
    line: uprightDimension(side.x - 12, side.y, floor, side.x),
  });
  pen.dimension('fuel.tankLengthMm', { x: side.x + side.w / 2, y: floor + 42 }, kind === 'upright' ? 'across' : 'length', {
    line: lyingDimension(floor + 12, side.x, side.x + side.w, floor),
  });
  const middle = side.x + side.w + between / 2 + 6;
  pen.dimension(
    'fuel.fuelLevelMm',
    { x: middle, y: Math.max(top + 60, Math.min((level + floor) / 2, floor - 24)) },
    'fuel stands',
    {
      line: uprightDimension(side.x + side.w + 14, level, floor, side.x + side.w),
      label: 'above',
    },
  );
  if (ended && kind !== 'lying')
    pen.dimension('tank.widthMm', { x: end.x + end.w / 2, y: floor + 42 }, 'inside width', {
      line: lyingDimension(floor + 12, end.x, end.x + end.w, floor),
    });
  pen.pin('fuel.figures', { x: side.x + 18, y: side.y + 18 });
  pen.pin('fuel.runtime', { x: side.x + side.w - 18, y: Math.min(level + 16, floor - 14) });
  pen.write({ x: 6, y: height - 8 }, `drawn 1 : ${formatFixed(1 / perMm / (25.4 / 96), 1)}`);
  return pen.done(width, height, 'The tank from the side and from its end');
}
