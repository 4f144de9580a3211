import { lists, rowsOf } from '../../core/build/lists';
import { goodSentence, linePicture, profileAt, profileSentence } from '../../core/drawing/line/linePicture';
import { segmentName, segmentRows } from '../../core/model/fuel/routeOf';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import { day, type Section } from './Section';

/** Route, pressures, joints and dose: what the fuel side was built and measured to be. */
export const fuel: Section = (page, { build }) => {
  const rows = segmentRows(build.lists);
  const picture = linePicture(build);
  const [doses, leaks] = [rowsOf(build.lists, 'doseTests'), rowsOf(build.lists, 'leaks')];
  if (rows.length === 0 && 'missing' in picture && doses.length === 0 && leaks.length === 0) return;
  // The heads of the columns stay with their first rows.
  page.room(130);
  page.heading('Fuel');
  if (rows.length > 0) {
    const { near, sheath, end } = lists.segments.columns;
    const cell = (n: number | undefined, unit: string, decimals: number) =>
      n === undefined ? '' : `${formatShort(n, decimals)} ${unit}`;
    const line = (text: string[], bold = false) =>
      page.row(
        text.map((t, i) => ({ text: t, share: [0.24, 0.11, 0.11, 0.11, 0.18, 0.15, 0.1][i] ?? 0.1, bold: bold || i === 0 })),
      );
    line(['segment', 'length', 'rises', 'bore', 'passes', 'ends at', 'clips'], true);
    rows.forEach((row, i) =>
      line([
        segmentName(row, i),
        cell(row.lengthM, 'm', 2),
        cell(row.riseMm, 'mm', 0),
        cell(row.boreMm, 'mm', 1),
        `${row.near ? near.options[row.near] : ''}${row.sheath && row.sheath !== 'bare' ? `, ${sheath.options[row.sheath]}` : ''}`,
        `${row.end ? end.options[row.end] : ''}${row.end === 'joint' && row.gapMm !== undefined ? `, gap ${formatShort(row.gapMm, 1)} mm` : ''}`,
        row.clips === undefined ? '' : String(row.clips),
      ]),
    );
  }
  if (!('missing' in picture)) {
    const { facts, asBuilt } = picture;
    page.paragraph(profileSentence(facts, asBuilt));
    page.paragraph(goodSentence(facts, asBuilt.levelMm));
    const { nodes } = profileAt(facts, asBuilt);
    // A line of two hundred segments needs no two hundred rows to be checked by.
    for (const node of nodes.length > 24 ? nodes.filter((_, i) => i % Math.ceil(nodes.length / 24) === 0) : nodes)
      page.row([
        { text: `${node.name}, ${formatShort(node.atM, 2)} m on`, share: 0.4 },
        { text: `${formatFixed(node.restPa / 1000, 1)} kPa at rest`, share: 0.2, right: true },
        { text: `${formatFixed(node.flowPa / 1000, 1)} in flow`, share: 0.2, right: true },
        { text: `${formatFixed(node.peakPa / 1000, 1)} at worst`, share: 0.2, right: true },
      ]);
  }
  for (const run of doses)
    if (run.strokes !== undefined && run.volumeMl !== undefined)
      page.paragraph(
        `Dose test: ${run.strokes} strokes gave ${formatShort(run.volumeMl, 2)} mL, ${formatShort(run.volumeMl / run.strokes, 4)} mL each${run.fuelC === undefined ? '' : `, fuel at ${formatShort(run.fuelC)} °C`}.`,
      );
  for (const [i, joint] of leaks.entries())
    page.paragraph(
      `Joint ${joint.name ?? i + 1}: ${joint.wipedAt ? `wiped ${day(joint.wipedAt)}` : 'not wiped'}; warm ${joint.warmFound ?? 'not looked at'}; after a night ${joint.nightFound ?? 'not looked at'}.`,
    );
};
