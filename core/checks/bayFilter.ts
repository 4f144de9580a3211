import { stageIds, type StageId } from '../build/stages';

/** Which builds of the bay are wanted; all where nothing is said. */
export interface BayFilter {
  /** letters that stand in name, kind, place or serial */ find: string;
  /** those at which this person has entered something */ mine: boolean;
  /** those at stop */ stop: boolean;
  /** those with a look at a joint that is due now, or within seven days */ due: '' | 'now' | 'week';
  /** those that wait for this stage */ waits: '' | StageId;
}
const dues = ['', 'now', 'week'] as const;
export const findMax = 80;

/** A filter as an address has it, and what is wrong with it in one sentence each. @example readBayFilter(new URLSearchParams('stop=1')).filter.stop // true */
export function readBayFilter(search: URLSearchParams): { filter: BayFilter; errors: string[] } {
  const one = (name: string) => search.get(name) ?? '';
  const [due, waits] = [one('due'), one('waits')];
  const errors: string[] = [];
  if (!dues.some((known) => known === due)) errors.push(`due is “${due.slice(0, 40)}”; allowed is now or week.`);
  if (waits !== '' && !stageIds.some((id) => id === waits))
    errors.push(`waits is “${waits.slice(0, 40)}”; allowed is one of: ${stageIds.join(', ')}.`);
  return {
    filter: {
      find: one('find').slice(0, findMax),
      mine: one('mine') === '1',
      stop: one('stop') === '1',
      due: dues.find((known) => known === due) ?? '',
      waits: stageIds.find((id) => id === waits) ?? '',
    },
    errors,
  };
}

/** A filter as it stands in an address; nothing for what is not asked. @example bayQuery({ find: '', mine: true, stop: false, due: '', waits: '' }) // "mine=1" */
export function bayQuery({ find, mine, stop, due, waits }: BayFilter, from = ''): string {
  return new URLSearchParams({
    ...(find ? { find } : {}),
    ...(mine ? { mine: '1' } : {}),
    ...(stop ? { stop: '1' } : {}),
    ...(due ? { due } : {}),
    ...(waits ? { waits } : {}),
    ...(from ? { from } : {}),
  }).toString();
}
