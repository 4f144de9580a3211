import { lists, rowsOf } from '../../core/build/lists';
import { readerOf } from '../../core/figures/readerOf';
import { ductName, ductTree, parentOf } from '../../core/model/warmth/ductTree';
import { computeOrMissing } from '../../core/reading/NotMeasured';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import type { Section } from './Section';

/** The ducts as they were led, the ways back, and what comes out by the sum. */
export const warmth: Section = (page, { build }) => {
  const ducts = rowsOf(build.lists, 'ducts');
  if (ducts.length === 0) return;
  page.room(130);
  page.heading('Warm air');
  const shares = [0.22, 0.2, 0.1, 0.1, 0.08, 0.3] as const;
  const line = (text: string[], bold = false) =>
    page.row(text.map((t, i) => ({ text: t, share: shares[i] ?? 0.1, bold: bold || i === 0 })));
  line(['duct', 'comes from', 'length', 'bore', 'bends', 'at its far end'], true);
  const { end, runs } = lists.ducts.columns;
  ducts.forEach((row, i) => {
    const parent = parentOf(ducts, row);
    line([
      ductName(row, i),
      parent ? ductName(parent, ducts.indexOf(parent)) : 'the heater',
      row.lengthM === undefined ? 'by the plan' : `${formatShort(row.lengthM)} m`,
      row.boreMm === undefined ? '' : `${formatShort(row.boreMm)} mm`,
      row.bends === undefined ? '' : row.bends === 0 ? 'none' : formatShort(row.bends),
      [row.end === undefined ? '' : end.options[row.end], row.runs === 'outside' ? `runs ${runs.options.outside}` : '']
        .filter(Boolean)
        .join('; '),
    ]);
  });
  const { kind } = lists.returns.columns;
  rowsOf(build.lists, 'returns').forEach((row, i) => {
    const size =
      row.kind === 'hole'
        ? row.diameterMm && `${formatShort(row.diameterMm)} mm across`
        : row.lengthMm && row.widthMm && `${formatShort(row.lengthMm)} by ${formatShort(row.widthMm)} mm`;
    page.paragraph(
      `Way back, ${row.name ?? `${i + 1}`}: ${row.kind === undefined ? '' : kind.options[row.kind]}${size ? `, ${size}` : ''}${row.pieces && row.pieces > 1 ? `, ${formatShort(row.pieces)} of them` : ''}.`,
    );
  });
  const tree = computeOrMissing(() => ductTree(readerOf(build)));
  if ('missing' in tree) return;
  const flow = tree.value.flow();
  const outlets = tree.value.outlets.flatMap(({ id, name, open }) => {
    const at = flow.byId.get(id);
    return !at || open === 0 ? [] : [`${name} ${formatFixed((at.massKgS * 3600) / 1.2)} m³/h at ${formatFixed(at.toC)} °C`];
  });
  if (outlets.length > 0) page.paragraph(`By the sum, at full, not measured: ${outlets.join('; ')} (m³/h of air at 20 °C).`);
};
