import type { Build } from '../../build/Build';
import type { FaultCode } from '../../build/faults';
import type { CodeKind, UnitCard } from '../../build/unit/UnitCard';

export interface CodeMeaning {
  meaning?: string;
  tells?: CodeKind;
}
const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();

/** What a code means by a card’s own table: of the controller named, else of any; null where it does not stand there. */
export function codeOnCard(card: Pick<UnitCard, 'faults'> | undefined, shown: string, controller = ''): CodeMeaning | null {
  const all = (card?.faults ?? []).filter(({ code }) => same(code, shown));
  return all.find((one) => same(one.controller ?? '', controller)) ?? all[0] ?? null;
}
/**
 * What a code means: by the unit’s card; else by what somebody read in the manual before, at this build or at another with the same card.
 * @param elsewhere codes that were explained at other builds; null where nobody has said
 */
export function codeMeaning(
  build: Pick<Build, 'unitCard' | 'faults'>,
  elsewhere: readonly FaultCode[],
  shown: string,
  controller = '',
): CodeMeaning | null {
  const own = (build.faults ?? []).flatMap(({ code }) => (code ? [code] : []));
  const told = [...own, ...elsewhere].find((one) => same(one.shown, shown) && (one.meaning ?? one.tells) !== undefined);
  return codeOnCard(build.unitCard, shown, controller) ?? told ?? null;
}
