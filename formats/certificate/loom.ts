import { layoutLoom } from '../../core/drawing/wiring/layoutLoom';
import { columnsOf, rowsOf } from '../../core/build/lists';
import { readerOf } from '../../core/figures/readerOf';
import { cableName, heaterV, loomOf, lostV } from '../../core/model/wiring/loomOf';
import { loomShorts } from '../../core/model/wiring/loomShorts';
import { testPoints } from '../../core/model/wiring/whereLost';
import { computeOrMissing } from '../../core/reading/NotMeasured';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import { drawLoom } from './drawLoom';
import type { Section } from './Section';

/** px: as wide as the drawing of the loom is laid out for a sheet. */
const sheetPx = 1000;

/** The loom: drawn, its wires, what flows, and what a meter should show. */
export const loom: Section = (page, { build }) => {
  const drawing = layoutLoom(build, sheetPx, 'start');
  if (!drawing) return;
  const scale = Math.min(page.width / drawing.width, 0.62);
  page.room(drawing.height * scale + 60);
  page.heading('Loom');
  const { doc } = page;
  const top = doc.y;
  drawLoom(page, drawing, { left: page.left, top, scale });
  doc.x = page.left;
  doc.y = top + drawing.height * scale + 6;

  const parts = rowsOf(build.lists, 'loomParts');
  const { wire, use } = columnsOf('cables');
  const shares = [0.42, 0.12, 0.12, 0.12, 0.22] as const;
  const line = (text: readonly string[], bold = false) =>
    page.row(text.map((t, i) => ({ text: t, share: shares[i] ?? 0.1, bold: bold || i === 0 })));
  const told = (column: typeof wire, value: string | undefined): string =>
    value !== undefined && column?.kind === 'choice' ? ((column.options as Record<string, string>)[value] ?? value) : '';
  line(['wire', 'carries', 'area', 'length', 'in this build'], true);
  for (const row of rowsOf(build.lists, 'cables'))
    line([
      cableName(row, parts),
      told(wire, row.wire),
      row.areaMm2 === undefined ? '' : `${formatShort(row.areaMm2)} mm²`,
      row.lengthM === undefined ? '' : `${formatShort(row.lengthM)} m`,
      told(use, row.use ?? 'used'),
    ]);
  const read = readerOf(build);
  const found = computeOrMissing(() => ({ loom: loomOf(read), shorts: loomShorts(read) }));
  if ('missing' in found) return;
  const { feedV, earthV } = lostV(found.value.loom, 'start');
  page.paragraph(
    `By the sum, not measured: under glow the heater gets ${formatFixed(heaterV(found.value.loom, 'start'), 2)} V; ${formatFixed(feedV + earthV, 2)} V are lost on the way, ${formatFixed(earthV, 2)} V of it on the way back.`,
  );
  const points = testPoints(found.value.loom);
  page.paragraph(
    `A meter should show, off and under glow: ${points
      .map(({ name, expectedV }) => `${name} ${formatFixed(expectedV.rest, 2)} and ${formatFixed(expectedV.start, 2)} V`)
      .join('; ')}.`,
  );
  const readings = points.filter(({ measuredV }) => measuredV !== null);
  if (readings.length > 0)
    page.paragraph(
      `It was read under glow: ${readings.map(({ name, measuredV }) => `${name} ${formatFixed(measuredV ?? 0, 2)} V`).join('; ')}.`,
    );
  const slowest = [...found.value.shorts].sort((a, b) => (b.opened[0]?.mostS ?? Infinity) - (a.opened[0]?.mostS ?? Infinity))[0];
  const first = slowest?.opened[0];
  if (slowest && first)
    page.paragraph(
      `A short at the end of ${slowest.cable.name} draws ${formatFixed(slowest.amps)} A; ${first.part.name} opens within ${formatShort(first.mostS)} s (ISO 8820-3, from memory).`,
    );
};
