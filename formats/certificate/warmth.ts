import { loopKinds, loopLimbs } from '../../core/build/listKinds';
import { lists, rowsOf } from '../../core/build/lists';
import { fieldAt, valueAt } from '../../core/build/sheets';
import { readerOf } from '../../core/figures/readerOf';
import { ductName, ductTree, parentOf } from '../../core/model/warmth/ductTree';
import { loopParts } from '../../core/model/warmth/loopOf';
import { roundLoop, takers, type Taker } from '../../core/model/warmth/roundLoop';
import { computeOrMissing } from '../../core/reading/NotMeasured';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import type { Section } from './Section';

/** Ducts or coolant loop, as they were led, and what flows by the sum. */
export const warmth: Section = (page, facts) => {
  warmAir(page, facts);
  coolant(page, facts);
};

/** The loop in the order of flow, what is in it, and what passes the heater. */
const coolant: Section = (page, { build }) => {
  const parts = loopParts(rowsOf(build.lists, 'loop'));
  if (parts.length === 0) return;
  page.room(110);
  page.heading('Coolant loop');
  const shares = [0.26, 0.24, 0.12, 0.12, 0.12, 0.14] as const;
  const line = (text: string[], bold = false) =>
    page.row(text.map((t, i) => ({ text: t, share: shares[i] ?? 0.1, bold: bold || i === 0 })));
  line(['part', 'is', 'bore', 'length', 'rises', 'insulated'], true);
  for (const { name, kind, limb, boreMm, lengthM, riseMm, insulated } of parts)
    line([
      name,
      `${kind === undefined ? '' : loopKinds[kind]}${limb === undefined || limb === 'main' ? '' : `, ${loopLimbs[limb]}`}`,
      boreMm === undefined ? '' : `${formatShort(boreMm)} mm`,
      kind === 'hose' && lengthM !== undefined ? `${formatShort(lengthM)} m` : '',
      riseMm === undefined ? '' : `${formatFixed(riseMm)} mm`,
      kind === 'hose' ? (insulated ?? '') : '',
    ]);
  for (const path of ['warmth.glycol', 'warmth.glycolPercent'] as const) {
    const value = valueAt(build.sheets, path);
    const field = fieldAt(path);
    if (value !== null)
      page.paragraph(
        `${field.label}: ${field.kind === 'choice' ? (field.options[value] ?? value) : `${formatFixed(Number(value))} %`}.`,
      );
  }
  const found = computeOrMissing(() => {
    const read = readerOf(build);
    return { lMin: read.derived('coolant.flowLMin'), rise: read.derived('coolant.riseK') };
  });
  if (!('missing' in found))
    page.paragraph(
      `By the sum, at full, not measured: ${formatFixed(found.value.lMin, 1)} L/min through the heater, which warms it by ${formatFixed(found.value.rise, 1)} K.`,
    );
  const round = computeOrMissing(() => roundLoop(readerOf(build), 'warm'));
  if ('missing' in round) return;
  const { heaterW, to } = round.value;
  const goes = (Object.keys(takers) as Taker[])
    .filter((taker) => Math.abs(to[taker]) >= 50)
    .map((taker) => `${formatFixed(to[taker] / 1000, 1)} kW ${takers[taker]}`)
    .join(', ');
  const columns = [0.4, 0.2, 0.2, 0.2] as const;
  page.room(40 + 12 * round.value.parts.length);
  page.paragraph(
    `By the sum, at full, once all is warm, not measured: the heater gives ${formatFixed(heaterW / 1000, 1)} kW, of it ${goes || 'nothing'}. Pressure is over that in the expansion tank.`,
  );
  const behind = (text: readonly string[], bold = false) =>
    page.row(text.map((t, i) => ({ text: t, share: columns[i] ?? 0.2, bold: bold || i === 0 })));
  behind(['behind', 'flow', 'temperature', 'pressure'], true);
  for (const { name, flowLMin, c, kPa } of round.value.parts)
    behind([name, `${formatFixed(flowLMin, 1)} L/min`, `${formatFixed(c)} °C`, `${formatFixed(kPa, 1)} kPa`]);
};

/** The ducts, the ways back, and what comes out. */
const warmAir: Section = (page, { build }) => {
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
