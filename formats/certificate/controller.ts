import { rowsOf } from '../../core/build/lists';
import { fieldAt, figureAt, valueAt, type FigurePath } from '../../core/build/sheets';
import { settingKeys } from '../../core/build/sheetTables/controller';
import { nightPicture, type NightEvent } from '../../core/drawing/controller/nightPicture';
import { formatFixed, formatShort } from '../../core/units/formatNumber';
import type { Section } from './Section';

const words: Record<NightEvent['kind'], string> = {
  lit: 'lit',
  ends: 'ends by itself',
  off: 'switched off',
  coldest: 'coldest',
  up: 'people get up',
};

/** The controller: its settings as found and as left, why they were changed, and the nights that they make. */
export const controller: Section = (page, { build }) => {
  const notes = rowsOf(build.lists, 'settings');
  const shown = (path: FigurePath): string => {
    const field = fieldAt(path);
    const value = figureAt(build.sheets, path).fitted;
    if (value === null) return '';
    if (field.kind === 'choice') return (field.options as Record<string, string>)[String(value)] ?? String(value);
    return `${formatShort(Number(value), 3)}${field.unit === 'pieces' ? '' : ` ${field.unit}`}`;
  };
  const read = settingKeys.filter((key) => shown(`controller.${key}`) !== '' || shown(`found.${key}`) !== '');
  const own = notes.filter(({ setting }) => setting === undefined || setting === 'other');
  const timers = rowsOf(build.lists, 'timers');
  if (read.length + own.length + timers.length === 0) return;
  page.heading('Controller');
  const shares = [0.3, 0.2, 0.2, 0.3] as const;
  const line = (text: readonly string[], bold = false) =>
    page.row(text.map((t, i) => ({ text: t, share: shares[i] ?? 0.1, bold: bold || i === 0 })));
  line(['setting', 'as found', 'as left', 'why it was changed'], true);
  for (const key of read)
    line([
      fieldAt(`controller.${key}`).label,
      shown(`found.${key}`),
      shown(`controller.${key}`) || 'as found',
      notes.find(({ setting }) => setting === key)?.why ?? '',
    ]);
  for (const { name, found, left, why } of own) line([name ?? 'another', found ?? '', left ?? '', why ?? '']);
  if (timers.length > 0)
    page.paragraph(
      `Starts: ${timers
        .map(({ name, startAt, runForH }) =>
          [name, startAt, runForH === undefined ? 'until it is switched off' : `for ${formatShort(runForH, 1)} h`]
            .filter((part) => part !== undefined)
            .join(', '),
        )
        .join('; ')}.`,
    );
  for (const kind of ['usual', 'coldest'] as const) {
    // A certificate tells of nothing that is only assumed.
    const picture = nightPicture(build, { kind, change: 'none' });
    if ('missing' in picture || picture.assumed) continue;
    const outside = valueAt(build.sheets, kind === 'usual' ? 'survey.usualNightC' : 'survey.coldestC');
    page.paragraph(
      `By the sum, not measured, a ${kind === 'usual' ? 'usual night' : 'night as cold as they get'}, ${formatFixed(outside ?? 0)} °C outside at its coldest: ${picture.events
        .map((event) => `${event.time} ${words[event.kind]}, ${formatFixed(event.airC)} °C inside`)
        .join('; ')}. Fuel ${formatFixed(picture.night.fuelL, 1)} L, from the battery ${formatFixed(picture.night.ampHours)} Ah.`,
    );
  }
};
