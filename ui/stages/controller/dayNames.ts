import { controller as t } from '../../texts/en/controller';
import { weekday } from '../../texts/when';

/** Evenings of a week in words; all of them in one. @param days 0 for Monday */
export const dayNames = (days: readonly number[]): string => (days.length === 7 ? t.everyDay : days.map(weekday).join(', '));
