import { lists } from '../../core/build/lists';
import { fieldAt, valueAt, type FigurePath } from '../../core/build/sheets';
import { outsideKinds } from '../../core/build/listKinds';
import { heatPicture } from '../../core/drawing/outside/heatPicture';
import { apartMm, nearest, openings, outsidePlan, pastRect } from '../../core/model/air/outsidePlan';
import { pieceName, pipeRows, type WayId } from '../../core/model/air/wayOf';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import type { Section } from './Section';

const titles: Record<WayId, string> = { exhaust: 'Exhaust', intake: 'Combustion air' };
const ends: readonly FigurePath[] = [
  'ends.exhaustPoints',
  'ends.intakePoints',
  'ends.intakeBlocked',
  'pipes.silencer',
  'pipes.reach',
];

/** Both pipes as they were built, where they end, and how hot the exhaust gets by the sum. */
export const air: Section = (page, { build }) => {
  const plan = outsidePlan(build);
  const known = (['exhaust', 'intake'] as const).filter((way) => pipeRows(build.lists, way).length > 0);
  const { exhaust, intake } = plan?.ends ?? {};
  if (known.length === 0 && !exhaust && !intake) return;
  page.room(130);
  page.heading('Combustion air and exhaust');
  const columns = lists.pipes.columns;
  const cell = (n: number | undefined, unit: string, decimals: number) =>
    n === undefined ? '' : `${formatShort(n, decimals)} ${unit}`;
  for (const way of known) {
    const line = (text: string[], bold = false) =>
      page.row(
        text.map((t, i) => ({ text: t, share: [0.18, 0.08, 0.09, 0.08, 0.09, 0.26, 0.22][i] ?? 0.1, bold: bold || i === 0 })),
      );
    line([titles[way].toLowerCase(), 'length', 'rises', 'bore', 'bends', 'passes', 'joined by'], true);
    pipeRows(build.lists, way).forEach((row, i) =>
      line([
        pieceName(row, i),
        cell(row.lengthM, 'm', 2),
        cell(row.riseMm, 'mm', 0),
        cell(row.boreMm, 'mm', 1),
        row.bends === undefined ? '' : row.bends === 0 ? 'none' : `${row.bends} × ${formatShort(row.bendDeg ?? 90)}°`,
        row.near === undefined
          ? ''
          : `${columns.near.options[row.near]}${row.nearMm === undefined || row.near === 'nothing' ? '' : `, ${formatFixed(row.nearMm)} mm`}`,
        row.joint === undefined ? '' : columns.joint.options[row.joint],
      ]),
    );
  }
  if (plan && exhaust) {
    const past = pastRect(exhaust, plan.body);
    const opening = nearest(plan, 'exhaust', openings);
    page.paragraph(
      `Exhaust ends ${formatFixed(Math.abs(past))} mm ${past < 0 ? 'inside' : 'past'} the outline${opening ? `, ${formatFixed(opening.mm)} mm from ${opening.thing.name} (${outsideKinds[opening.thing.kind]})` : ''}.`,
    );
  }
  const apart = plan && apartMm(plan);
  if (apart != null) page.paragraph(`Intake and exhaust end ${formatFixed(apart)} mm apart.`);
  for (const path of ends) {
    const value = valueAt(build.sheets, path);
    const field = fieldAt(path);
    if (value !== null && field.kind === 'choice') page.paragraph(`${field.label}: ${field.options[value] ?? value}.`);
  }
  const heat = heatPicture(build);
  if (!('missing' in heat) && !build.assumed) {
    const [first, last] = [heat.spots[0], heat.spots[heat.spots.length - 1]];
    if (first && last)
      page.paragraph(
        `By the sum, at full on a warm day: gas ${formatFixed(first.gasC)} °C at the burner and ${formatFixed(last.gasC)} °C at the end; outside of the pipe ${formatFixed(first.surfaceC)} and ${formatFixed(last.surfaceC)} °C.`,
      );
  }
};
