import type { Origin } from '../record/Origin';
import { limits, type LimitKey } from './limits';
import { practiceIds, practiceOption, practices, type PracticeId, type Practices } from './practices';

export interface Rule {
  key: LimitKey;
  label: string;
  value: number;
  unit: string;
  origin: 'maker' | 'practice' | 'default';
  source: string;
  /** Who entered a maker's figure, and when, where it is known. */
  from?: Origin;
}

/** Which practices can set a limit: most limits none, and limits are asked for by the thousand. */
const setters = new Map<string, PracticeId[]>();
for (const id of practiceIds)
  for (const { sets } of Object.values(practices[id].options) as { sets: object }[])
    for (const key of Object.keys(sets)) setters.set(key, [...new Set([...(setters.get(key) ?? []), id])]);

/** The figure to check by: the maker's where given, else the workshop's practice, else the default; and which of them it was. */
export function ruleFor(key: LimitKey, chosen: Practices, maker: Partial<Record<LimitKey, number>>): Rule {
  const { label, unit, value, source } = limits[key];
  const given = maker[key];
  if (given !== undefined) return { key, label, unit, value: given, origin: 'maker', source: 'maker’s figure for this unit' };
  for (const id of setters.get(key) ?? []) {
    const option = practiceOption(chosen, id);
    const set = option.sets[key];
    if (set !== undefined)
      return {
        key,
        label,
        unit,
        value: set,
        origin: 'practice',
        source: `workshop’s practice, ${practices[id].label.toLowerCase()}: ${option.label} (${source})`,
      };
  }
  return { key, label, unit, value, origin: 'default', source };
}
