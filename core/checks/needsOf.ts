import type { Need } from '../reading/Reader';
import type { Finding } from './Finding';

/** Something that is still to do, and the checks that wait for it. */
export interface WantedNeed {
  need: Need;
  checks: readonly string[];
}

/** What findings wait for, each once, what decides the most of them first. */
export function needsOf(findings: readonly Finding[]): WantedNeed[] {
  const wanted = new Map<string, { need: Need; checks: string[] }>();
  for (const { id, level, needs } of findings) {
    if (level !== 'open') continue;
    for (const need of needs) {
      const key = need.path ?? need.what;
      const known = wanted.get(key) ?? { need, checks: [] };
      if (!known.checks.includes(id)) known.checks.push(id);
      wanted.set(key, known);
    }
  }
  return [...wanted.values()].sort((a, b) => b.checks.length - a.checks.length);
}
