import { fieldAt, type FigurePath } from '../build/sheets';
import { formatShort } from '../units/formatNumber';
import { inUnit, type UnitPreferences } from '../units/inUnits';

/**
 * A figure's value for reading, in the unit that a person likes; a dash for none.
 * @example showFigure('fuel.tankHeightMm', 254, { system: 'imperial', wire: 'mm2' }) // "10 in"
 */
export function showFigure(path: FigurePath, value: number | string | null, preferences: UnitPreferences): string {
  if (value === null) return '—';
  const field = fieldAt(path);
  if (field.kind === 'choice') return (field.options as Record<string, string>)[String(value)] ?? String(value);
  const shown = inUnit(Number(value), field.unit, preferences);
  const digits = formatShort(shown.value, shown.decimals ?? field.decimals);
  return field.unit === 'deg' ? `${digits}°` : `${digits} ${shown.unit}`;
}
