import type { SheetId } from '../../core/build/sections';
import { stages } from '../../core/build/stages';

/** A sheet as it is called on the screen. */
export const sheetName = (sheet: SheetId): string => (sheet === 'heater' ? 'Heater and conditions' : stages[sheet]);
