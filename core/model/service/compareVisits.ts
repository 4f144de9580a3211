import type { Build, Visit } from '../../build/Build';
import { startFacts } from '../../build/startFacts';
import { provingStarts } from '../startup/fittedStarts';

/** What is read again at a visit, and how much worse than at the first start is worth a look. Lorbet's own choice, no source. */
const readAgain = {
  glowV: { label: 'Volts under glow', unit: 'V', decimals: 2, worse: (first: number, now: number) => first - now >= 0.5 },
  runA: { label: 'Amps at full', unit: 'A', decimals: 2, worse: (first: number, now: number) => now >= first * 1.3 + 0.2 },
  outletC: { label: 'Warm air out', unit: '°C', decimals: 0, worse: (first: number, now: number) => Math.abs(now - first) >= 15 },
} as const;
export type ReadAgain = keyof typeof readAgain;
export interface Compared {
  quantity: ReadAgain;
  label: string;
  unit: string;
  decimals: number;
  /** at the first start of this heater on this battery; null where there was none, or nothing was read */ first: number | null;
  now: number;
  worse: boolean;
}

/** The first start that reached full output since heater or battery was last worked on. */
function firstReadings(build: Build): Record<ReadAgain, number | null> {
  const times = [build.worked?.heater, build.worked?.battery].filter((at) => at !== undefined);
  const fromMs = Math.max(-Infinity, ...times.map((at) => Date.parse(at)));
  const first = provingStarts(build).find(({ beganMs }) => beganMs >= fromMs);
  const facts = first && startFacts(first.run);
  return { glowV: facts?.lowestStartV ?? null, runA: facts?.runningA ?? null, outletC: facts?.fullOutletC ?? null };
}

/** What was read at a visit beside the first start. */
export function compareVisit(build: Build, visit: Pick<Visit, ReadAgain>): Compared[] {
  const firsts = firstReadings(build);
  return (Object.keys(readAgain) as ReadAgain[]).flatMap((quantity) => {
    const now = visit[quantity];
    if (now === undefined) return [];
    const { label, unit, decimals, worse } = readAgain[quantity];
    const first = firsts[quantity];
    return [{ quantity, label, unit, decimals, first, now, worse: first !== null && worse(first, now) }];
  });
}

/** What was last read of each quantity, beside the first start: a visit that read nothing of it leaves it as it was. */
export function compareLast(build: Build): Compared[] {
  const last: Pick<Visit, ReadAgain> = {};
  for (const visit of build.visits ?? [])
    for (const quantity of Object.keys(readAgain) as ReadAgain[])
      if (visit[quantity] !== undefined) last[quantity] = visit[quantity];
  return compareVisit(build, last);
}

/**
 * The last visit that found something so, and that no later one answered: a later one answers it that went through all the same work
 * and found it better.
 */
export function unansweredVisit(visits: readonly Visit[], found: 'bad' | 'watch'): Visit | null {
  const better = found === 'bad' ? ['watch', 'sound'] : ['sound'];
  return (
    visits.findLast(
      (visit, i) =>
        visit.found === found &&
        !visits.slice(i + 1).some((later) => better.includes(later.found) && visit.did.every((work) => later.did.includes(work))),
    ) ?? null
  );
}
