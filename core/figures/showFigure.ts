import { fieldAt, type FigurePath } from '../build/sheets';
import { formatShort } from '../units/formatNumber';
import { inUnit, type UnitPreferences } from '../units/inUnits';

/**
 * A figure's value for reading, in the unit that a person likes; a dash for none.
 * @param besideUnit the unit that stands beside it already: it is not said twice
 * @example showFigure('fuel.tankHeightMm', 254, { system: 'imperial', wire: 'mm2' }) // "10 in"
 */
export function showFigure(
  path: FigurePath,
  value: number | string | null,
  preferences: UnitPreferences,
  besideUnit = '',
): string {
  if (value === null) return '—';
  const field = fieldAt(path);
  if (field.kind === 'choice') return (field.options as Record<string, string>)[String(value)] ?? String(value);
  const shown = inUnit(Number(value), field.unit, preferences);
  const digits = formatShort(shown.value, shown.decimals ?? field.decimals);
  if (shown.unit === besideUnit) return digits;
  return field.unit === 'deg' ? `${digits}°` : `${digits} ${shown.unit}`;
}
