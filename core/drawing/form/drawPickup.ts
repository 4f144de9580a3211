import type { Build } from '../../build/Build';
import { figures } from '../../figures/figures';
import { explain } from '../../figures/explain';
import type { Finding } from '../../checks/Finding';
import { formatFixed } from '../../units/formatNumber';
import { polyline, shape } from '../run/Pen';
import { uprightDimension } from './dimensionLines';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';

const highest = 430;
/** px kept free beside the tank for its dimensions, and above it for flange and pipe. */
const [left, right, top, bottom] = [190, 150, 92, 34];

/**
 * The tank cut open at the pickup: how deep it is there, how the fuel stands, how far down the pipe reaches, and the hole that it goes through.
 * @param width px, 560 and up
 */
export function drawPickup(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  const kind = pen.value('fuel.pickupKind') ?? 'standpipe';
  const standpipe = kind === 'standpipe';
  const tankMm = Math.max(30, pen.usual('fuel.tankHeightMm', 260));
  const depthMm = Math.min(tankMm * 1.3, Math.max(20, pen.usual('tank.depthAtSpotMm', tankMm)));
  const longMm = Math.max(30, pen.usual('fuel.tankLengthMm', 420));
  const perMm = Math.min((width - left - right) / longMm, (highest - top - bottom) / Math.max(tankMm, depthMm));
  const height = Math.max(340, Math.round(Math.max(tankMm, depthMm) * perMm) + top + bottom);
  const [w, h] = [longMm * perMm, depthMm * perMm];
  const x0 = left + (width - left - right - w) / 2;
  const [x1, y1] = [x0 + w, height - bottom];
  const y0 = y1 - h;
  const up = (mm: number) => y1 - Math.min(Math.max(mm, 0), depthMm) * perMm;

  const levelMm = pen.usual('fuel.fuelLevelMm', depthMm * 0.6);
  const clearMm = Math.min(Math.max(0, pen.usual('fuel.pickupClearanceMm', 28)), depthMm);
  const [level, end] = [up(levelMm), up(clearMm)];
  pen.draw(
    shape((p) => p.rect(x0, level, w, y1 - level)),
    ['fuel.fuelLevelMm'],
    { fill: 'fuel', width: 0, flow: 'fuel' },
  );
  pen.draw(
    polyline([
      { x: x0, y: level },
      { x: x1, y: level },
    ]),
    ['fuel.fuelLevelMm'],
    { flow: 'fuel' },
  );
  // Out of reach: hatched up to the end of the pipe.
  const hatch: string[] = [];
  for (let x = x0 + 6; x < x1 + h; x += 9) {
    const run = y1 - end;
    const [from, to] = [Math.min(x, x1), Math.max(x - run, x0)];
    if (from > to)
      hatch.push(
        polyline([
          { x: from, y: y1 - (x - from) },
          { x: to, y: y1 - (x - to) },
        ]),
      );
  }
  pen.draw(hatch.join(''), ['fuel.pickupClearanceMm'], { name: 'hatch', width: 1 });
  const bend = Math.min(14, w / 6, h / 4);
  pen.draw(
    shape((p) => {
      p.moveTo(x0 + bend, y0);
      p.lineTo(x1 - bend, y0);
      p.arcTo(x1, y0, x1, y0 + bend, bend);
      p.lineTo(x1, y1 - bend);
      p.arcTo(x1, y1, x1 - bend, y1, bend);
      p.lineTo(x0 + bend, y1);
      p.arcTo(x0, y1, x0, y1 - bend, bend);
      p.lineTo(x0, y0 + bend);
      p.arcTo(x0, y0, x0 + bend, y0, bend);
    }),
    ['fuel.tankHeightMm', 'fuel.tankLengthMm'],
  );

  const at = standpipe ? x0 + w * 0.5 : x1;
  if (standpipe) {
    const flange = y0 - Math.max(6, Math.min(20, pen.usual('tank.flangeStackMm', 6) * perMm));
    pen.draw(
      shape((p) => p.rect(at - 26, flange, 52, y0 - flange)),
      ['tank.flangeStackMm'],
      { fill: 'paper' },
    );
    pen.draw(
      polyline([
        { x: at, y: end },
        { x: at, y: y0 - 46 },
        { x: at + 60, y: y0 - 46 },
      ]),
      ['fuel.pickupClearanceMm'],
      {
        flow: 'fuel',
        width: 6,
      },
    );
    const hole = { x: Math.min(x1 + 62, width - 56), y: 46 };
    pen.dimension('tank.holeMm', hole, 'hole', {
      label: 'above',
      line: polyline([
        { x: at + 28, y: y0 - 3 },
        { x: hole.x - 46, y: hole.y + 18 },
      ]),
    });
    pen.dimension('tank.fittingMm', { x: hole.x - 112, y: hole.y }, 'fitting', { label: 'above' });
    pen.pin('fuel.pickup.hole', { x: at, y: y0 - 3 });
  } else {
    const low = kind === 'bottomOutlet' ? y1 : end;
    pen.draw(
      kind === 'bottomOutlet'
        ? polyline([
            { x: x1 - 40, y: y1 },
            { x: x1 - 40, y: y1 + 18 },
            { x: x1 + 40, y: y1 + 18 },
          ])
        : polyline([
            { x: x1, y: low },
            { x: x1 + 50, y: low },
          ]),
      ['fuel.pickupKind'],
      { flow: 'fuel', width: 6 },
    );
  }

  // At the left what is cut; in the tank its depth; at the right level and clearance, apart from each other.
  if (standpipe) {
    const deep = x0 + w * 0.24;
    pen.dimension('tank.depthAtSpotMm', { x: deep, y: (y0 + Math.min(level, y1 - 60)) / 2 + 10 }, 'depth at this spot', {
      line: uprightDimension(deep, y0, y1),
      label: 'above',
    });
    const flangeAt = { x: Math.max(x0 + 20, 190), y: 46 };
    pen.dimension('tank.flangeStackMm', flangeAt, 'flange and seal', {
      label: 'above',
      line: polyline([
        { x: flangeAt.x + 46, y: 60 },
        { x: at - 28, y: y0 - 6 },
      ]),
    });
  }
  const side = x1 + 96;
  const levelY = Math.max(y0 + 20, Math.min((level + y1) / 2, y1 - 108));
  pen.dimension('fuel.fuelLevelMm', { x: side, y: levelY }, 'fuel stands', {
    line: uprightDimension(x1 + 32, level, y1, x1),
    label: 'above',
  });
  if (kind !== 'bottomOutlet')
    pen.dimension('fuel.pickupClearanceMm', { x: side, y: y1 - 26 }, 'clear of floor', {
      line: uprightDimension(x1 + 14, end, y1, at),
      label: 'above',
    });
  pen.pin('fuel.pickup.clearance', { x: at + (standpipe ? -16 : 16), y: end });
  pen.pin('fuel.pickup.level', { x: x0 + 20, y: level });
  pen.pin('fuel.pickup.reserve', { x: x0 + 20, y: y1 - 14 });

  const cut = explain(build, 'fuel.cutMm').value;
  const unusable = explain(build, 'fuel.unusableL').value;
  if (standpipe && cut !== null) {
    pen.write({ x: 6, y: 150 }, 'Cut the pipe to');
    pen.write({ x: 6, y: 192 }, `${formatFixed(cut, figures['fuel.cutMm'].decimals)} mm`, { large: true });
    pen.write({ x: 6, y: 212 }, 'under the flange, give or take');
  }
  if (standpipe) {
    pen.dimension('tank.cutOffMm', { x: 52, y: 244 }, 'off by ±', { label: 'right' });
    pen.dimension('tank.cutMm', { x: 66, y: 312 }, 'cut, as measured');
  }
  if (unusable !== null && y1 - end > 14)
    pen.write({ x: x1 - 8, y: y1 - 7 }, `${formatFixed(unusable, 1)} L out of reach`, { anchor: 'end' });
  pen.write({ x: x0 + w / 2, y: height - 8 }, `drawn 1 : ${formatFixed(1 / perMm / (25.4 / 96), 1)}`, { anchor: 'middle' });
  return pen.done(width, height, 'The tank at the pickup, cut open');
}
