import type { SheetId } from '../../core/build/sections';
import { stages } from '../../core/build/stages';
import { workspace as t } from '../texts/en/workspace';

/** A sheet as it is called on the screen. */
export const sheetName = (sheet: SheetId): string =>
  sheet === 'heater' ? t.heaterAndConditions : sheet === 'measure' ? t.toMeasure : stages[sheet];
