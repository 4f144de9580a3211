import { fieldAt, figureAt, figurePaths, sheetIds, type FigurePath } from '../../core/build/sheets';
import { stages } from '../../core/build/stages';
import { originAt, originKey } from '../../core/record/Origin';
import { formatShort } from '../../core/units/formatNumber';
import { soft } from './CertificatePage';
import type { Section } from './Section';

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

/** Who entered most of them, and on which day: told once, not at each. */
function usualOrigin(texts: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const text of texts) counts.set(text, (counts.get(text) ?? 0) + 1);
  return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0] ?? '';
}

/** Every figure that is known, as fitted, or as planned where that is all there is, with who entered it. */
export const figures: Section = (page, { build, origins }) => {
  page.heading('Figures');
  const whence = (path: FigurePath): string => {
    const from = originAt(
      origins,
      originKey.figure(path, fieldAt(path).given || figureAt(build.sheets, path).fitted === null ? 'planned' : 'fitted'),
    );
    return from ? `${from.by}, ${from.at.slice(0, 10)}${from.file ? ' (file)' : ''}` : '';
  };
  const known = figurePaths.filter((path) => Object.values(figureAt(build.sheets, path)).some((v) => v !== null));
  const usual = usualOrigin(known.map(whence));
  if (usual !== '') page.paragraph(`Entered by ${usual}, where nothing else is said.`, { size: 8.5, colour: soft });
  for (const sheet of sheetIds) {
    const paths = known.filter((path) => path.startsWith(`${sheet}.`));
    if (paths.length === 0) continue;
    page.room(40);
    page.row([{ text: sheetTitles[sheet] ?? sheet, share: 1, bold: true }]);
    for (const path of paths) {
      const { planned, fitted } = figureAt(build.sheets, path);
      const { label, given } = fieldAt(path);
      const text = valueText(path, given ? planned : (fitted ?? planned));
      const notes = [
        given
          ? ''
          : fitted === null
            ? 'planned'
            : planned !== null && planned !== fitted
              ? `planned ${valueText(path, planned)}`
              : '',
        whence(path) === usual ? '' : whence(path),
      ].filter(Boolean);
      page.row([
        { text: notes.length > 0 ? `${label} (${notes.join('; ')})` : label, share: 0.6 },
        { text, share: 0.4, right: true, bold: true },
      ]);
    }
  }
};
