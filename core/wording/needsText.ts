import type { Need } from '../reading/Reader';
import { upperFirst } from '../units/formatNumber';

const listed = (needs: readonly Need[]): string => {
  const names = [...new Set(needs.map(({ what, path }) => (path ? `“${what}”` : what)))];
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
};

/**
 * What a person has still to do: what to measure, to enter, to choose, and what else to do; all of it.
 * @example needsText([{ act: 'measure', what: 'Fuel stands at', path: 'fuel.fuelLevelMm' }]) // "Measure “Fuel stands at”."
 */
export function needsText(needs: readonly Need[]): string {
  const of = (act: Need['act']) => needs.filter((need) => need.act === act);
  const [measured, entered, chosen] = [of('measure'), of('enter'), of('choose')];
  const done = [...new Set(of('do').map(({ what }) => what))];
  const parts = [
    ...(measured.length > 0 ? [`measure ${listed(measured)}`] : []),
    ...(entered.length > 0 ? [`enter ${listed(entered)}`] : []),
    ...(chosen.length > 0 ? [`choose ${listed(chosen)}`] : []),
    ...done,
  ];
  return `${upperFirst(parts.join('; '))}.`;
}
