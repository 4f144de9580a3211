import { fieldAt, figureAt, figurePaths, sheetIds, type FigurePath } from '../../core/build/sheets';
import { stages } from '../../core/build/stages';
import { originAt, originKey } from '../../core/record/Origin';
import { formatShort } from '../../core/units/formatNumber';
import { soft } from './CertificatePage';
import { day, type Section } from './Section';

const sheetTitles: Record<string, string> = {
  heater: 'Heater and conditions',
  people: 'People and inspection',
  uncertainties: 'How well things are known',
  tank: 'Tank and source',
  line: 'Line and pump mount',
  ...stages,
};

function valueText(path: FigurePath, value: number | string | null): string {
  if (value === null) return '—';
  const field = fieldAt(path);
  return field.kind === 'choice'
    ? ((field.options as Record<string, string>)[value] ?? String(value))
    : `${formatShort(Number(value), 3)} ${field.unit === 'deg' ? '°' : field.unit}`;
}

/** Every figure that is known, planned and as fitted, with who entered it. */
export const figures: Section = (page, { build, origins }) => {
  page.heading('Figures');
  for (const sheet of sheetIds) {
    const paths = figurePaths.filter(
      (path) => path.startsWith(`${sheet}.`) && Object.values(figureAt(build.sheets, path)).some((v) => v !== null),
    );
    if (paths.length === 0) continue;
    page.room(50);
    page.row([
      { text: sheetTitles[sheet] ?? sheet, share: 0.34, bold: true },
      { text: 'planned', share: 0.17, colour: soft, right: true },
      { text: fieldAt(paths[0] as FigurePath).given ? 'given' : 'as fitted', share: 0.17, colour: soft, right: true },
      { text: '   entered by', share: 0.32, colour: soft },
    ]);
    for (const path of paths) {
      const { planned, fitted } = figureAt(build.sheets, path);
      const { label, given } = fieldAt(path);
      const from = originAt(origins, originKey.figure(path, given || fitted === null ? 'planned' : 'fitted'));
      page.row([
        { text: label, share: 0.34 },
        { text: given ? '' : valueText(path, planned), share: 0.17, right: true, colour: soft },
        { text: valueText(path, given ? planned : fitted), share: 0.17, right: true, bold: true },
        { text: from ? `   ${from.by}, ${day(from.at)}${from.file ? ' (file)' : ''}` : '', share: 0.32, colour: soft },
      ]);
    }
  }
};
