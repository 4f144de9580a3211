import type { Build } from '../../build/Build';
import { stackKinds } from '../../build/listKinds';
import { rowsOf } from '../../build/lists';
import type { Finding } from '../../checks/Finding';
import { stackOrder } from '../../model/siting/stackUp';
import { threads } from '../../model/siting/threads';
import { formatFixed, shorten } from '../../units/formatNumber';
import type { PathMark } from '../run/marks';
import { polyline, shape } from '../run/Pen';
import type { FormDrawing } from './FormDrawing';
import { FormPen } from './FormPen';

const [left, right, top] = [262, 24, 46];
/** px from one field to the next beneath it. */
const pitch = 66;
/** mm: as a layer is drawn whose thickness nobody has said. */
const unsaidMm = 8;
const fills: Readonly<Record<keyof typeof stackKinds, NonNullable<PathMark['fill']>>> = {
  plate: 'soft',
  gasket: 'ink',
  covering: 'fuel',
  timber: 'fuel-deep',
  insulation: 'grid',
  metal: 'soft',
  rib: 'hair',
};

/**
 * The floor cut through under the heater, to scale: each layer with its thickness, and what has to pass them all: studs, spigot, screws.
 * @param width px, 560 and up
 */
export function drawStack(build: Build, findings: readonly Finding[], width: number): FormDrawing {
  const pen = new FormPen(build, findings);
  let lowMm = 0;
  const known = rowsOf(build.lists, 'stack');
  const layers = known
    .flatMap((row) => (row.kind === undefined ? [] : [{ ...row, kind: row.kind }]))
    .sort((a, b) => stackOrder(a.kind) - stackOrder(b.kind))
    .map((row) => {
      const mm = row.thicknessMm ?? unsaidMm;
      const topMm = lowMm;
      if (row.cutBack !== 'yes') lowMm += mm;
      return { row, mm, topMm, cell: { list: 'stack', row: row.id, column: 'thicknessMm' } as const };
    });
  const number = (path: 'siting.studLengthMm' | 'siting.spigotLengthMm' | 'siting.screwLengthMm' | 'siting.clampWidthMm') => {
    const value = pen.value(path);
    return typeof value === 'number' ? value : null;
  };
  const [studMm, spigotMm, screwMm, clampMm] = [
    number('siting.studLengthMm'),
    number('siting.spigotLengthMm'),
    number('siting.screwLengthMm'),
    number('siting.clampWidthMm'),
  ];
  const deepMm = Math.max(lowMm + 22, studMm ?? 0, spigotMm ?? 0, screwMm ?? 0) + 6;
  const rows = Math.max(3, layers.length);
  const floorOf = top + rows * pitch;
  const height = floorOf + pitch + 46;
  const perMm = Math.min(5, (floorOf - top - 26) / deepMm);
  const y = (mm: number) => top + mm * perMm;
  const [from, to] = [left, width - right];
  const at = (share: number) => from + (to - from) * share;
  const rect = (x: number, top: number, w: number, h: number) => shape((p) => p.rect(x, top, w, h));

  pen.draw(rect(at(0.08), 10, at(0.92) - at(0.08), top - 10), [], { fill: 'paper' });
  pen.write({ x: at(0.5), y: 33 }, 'heater’s foot', { anchor: 'middle' });
  layers.forEach(({ row, mm, topMm, cell }, i) => {
    const high = Math.max(2, mm * perMm);
    // Cut back, it stands beside the foot only.
    const parts = row.cutBack === 'yes' ? [at(0), at(0.94)].map((x) => rect(x, y(topMm), at(0.06) - at(0), high)) : [];
    const ink = row.thicknessMm === undefined ? 'unknown' : 'fitted';
    for (const d of parts.length > 0 ? parts : [rect(from, y(topMm), to - from, high)])
      pen.draw(d, [], { ink, width: 1, ...(ink === 'fitted' ? { fill: fills[row.kind] } : {}) });
    const boxY = top + i * pitch + 22;
    const name = row.name ?? stackKinds[row.kind];
    pen.dimension(cell, { x: left - 92, y: boxY }, `${shorten(name, 18)}${row.cutBack === 'yes' ? ' (cut)' : ''}`, {
      label: 'left',
      line: polyline([
        { x: left - 46, y: boxY },
        { x: left - 26, y: boxY },
        { x: from + 6, y: y(topMm) + high / 2 },
      ]),
    });
  });
  const below = y(lowMm);
  const thread = pen.value('siting.studThread');
  const size = thread === null ? null : threads[thread];
  const [studX, spigotX, screwX] = [at(0.3), at(0.66), at(0.12)];
  // What is left below is no figure while a layer's thickness is only drawn as one.
  const whole = known.length > 0 && known.every((row) => row.kind !== undefined && row.thicknessMm !== undefined);
  const said: string[] = [];
  if (studMm !== null && size) {
    pen.draw(
      rect(studX - (size.majorMm * perMm) / 2, top - 4, size.majorMm * perMm, studMm * perMm + 4),
      ['siting.studLengthMm'],
      {
        fill: 'paper',
      },
    );
    pen.draw(rect(studX - size.majorMm * perMm, below, size.majorMm * 2 * perMm, size.washerMm * perMm), [], { fill: 'ink' });
    const nut = rect(
      studX - size.majorMm * 0.85 * perMm,
      below + size.washerMm * perMm,
      size.majorMm * 1.7 * perMm,
      size.nutMm * perMm,
    );
    pen.draw(nut, []);
    said.push(`studs reach ${formatFixed(studMm - lowMm, 1)} mm below`);
  }
  if (spigotMm !== null) {
    pen.draw(rect(spigotX - 12, top - 2, 24, spigotMm * perMm + 2), ['siting.spigotLengthMm'], { fill: 'paper', flow: 'heat' });
    if (clampMm !== null)
      pen.draw(rect(spigotX - 17, below + 1, 34, clampMm * perMm), ['siting.clampWidthMm'], { ink: 'planned' });
    said.push(`the shortest spigot ${formatFixed(spigotMm - lowMm, 1)} mm`);
  }
  if (screwMm !== null && screwMm > 0)
    pen.draw(
      polyline([
        { x: screwX, y: top },
        { x: screwX, y: y(screwMm) },
      ]),
      ['siting.screwLengthMm'],
      { width: 3 },
    );
  const foot = whole ? said.join(', ') : known.length > 0 ? 'a layer is not measured: what is left below can’t be told' : '';
  if (foot) pen.write({ x: at(0.5), y: height - 8 }, foot, { anchor: 'middle' });
  if (layers.length === 0) pen.write({ x: at(0.5), y: y(deepMm / 2) }, 'no layer yet', { anchor: 'middle' });

  // What hangs below is asked for beneath it, in the order in which it hangs, so that no tie crosses another.
  const beneath = [
    ['siting.screwLengthMm', 'screws', screwX, screwMm],
    ['siting.studLengthMm', 'studs below the foot', studX, studMm],
    ['siting.spigotLengthMm', 'shortest spigot', spigotX, spigotMm],
    ['siting.clampWidthMm', 'clamp, width', spigotX + 17, clampMm === null ? null : lowMm + clampMm],
  ] as const;
  beneath.forEach(([path, label, x, endMm], i) => {
    const spot = { x: 76 + ((width - 152) * i) / (beneath.length - 1), y: height - 66 };
    const tie = [
      { x: spot.x, y: spot.y - 22 },
      { x: spot.x, y: spot.y - 36 },
      { x, y: y(endMm ?? 0) },
    ];
    pen.dimension(path, spot, label, { line: endMm === null || endMm <= 0 ? '' : polyline(tie) });
  });
  pen.pin('siting.stack', { x: studX, y: Math.min(height - 30, below + 22) });
  pen.pin('siting.screw', { x: screwX, y: y(Math.max(0, screwMm ?? 0)) + 12 });
  return pen.done(width, height, 'The floor cut through under the heater');
}
