import { lists } from '../build/lists';
import { fieldAt } from '../build/sheets';
import { levelWords } from '../checks/Finding';
import { messageOf } from '../checks/findingText';
import { showFigure } from '../figures/showFigure';
import type { UnitPreferences } from '../units/inUnits';
import type { NextMeasurement } from './nextMeasurements';

/** What a measurement is called. */
export const nameOf = ({ at }: NextMeasurement): string => ('path' in at ? fieldAt(at.path).label : lists[at.list].label);

/** The worst that it may turn out to be, as a sentence: at which value, and what is found then; null where it turns nothing. */
export function whyText({ at, turns }: NextMeasurement, units: UnitPreferences): string | null {
  const [worst] = turns;
  if (!worst || !('path' in at)) return null;
  const { told, value, together } = worst;
  const and = together ? `, and “${fieldAt(together.path).label}” were ${showFigure(together.path, together.value, units)}` : '';
  return `Were it ${showFigure(at.path, value, units)}${and}: ${levelWords[told.level]}. ${messageOf(told, units)}`;
}

/** The range in which it is met, or its usual answers; null where nothing is assumed. */
export function rangeText({ at, assumed }: NextMeasurement, units: UnitPreferences): string | null {
  if (!assumed || !('path' in at)) return null;
  const show = (value: number | string) => showFigure(at.path, value, units);
  return assumed.low === undefined || assumed.high === undefined
    ? (assumed.among ?? []).map(show).join(', ')
    : `${show(assumed.low)} to ${show(assumed.high)}`;
}
