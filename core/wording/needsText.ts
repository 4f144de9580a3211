import type { Need } from '../reading/Reader';
import { upperFirst } from '../units/formatNumber';

const listed = (needs: readonly Need[]): string => {
  const names = [...new Set(needs.map(({ what, path }) => (path ? `“${what}”` : what)))];
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
};

/**
 * What a person has still to do: what to measure, what to choose, what else to do; all of it.
 * @example needsText([{ act: 'measure', what: 'Fuel stands at', path: 'fuel.fuelLevelMm' }]) // "Measure “Fuel stands at”."
 */
export function needsText(needs: readonly Need[]): string {
  const of = (act: Need['act']) => needs.filter((need) => need.act === act);
  const [measured, chosen] = [of('measure'), of('choose')];
  const done = [...new Set(of('do').map(({ what }) => what))];
  const parts = [
    ...(measured.length > 0 ? [`measure ${listed(measured)}`] : []),
    ...(chosen.length > 0 ? [`choose ${listed(chosen)}`] : []),
    ...done,
  ];
  return `${upperFirst(parts.join('; '))}.`;
}
