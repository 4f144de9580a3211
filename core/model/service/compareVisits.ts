import type { Build, Visit } from '../../build/Build';
import { startFacts } from '../../build/startFacts';
import { provingStart } from '../startup/fittedStarts';

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
  /** at the start that proved it */ first: number | null;
  now: number;
  worse: boolean;
}

/** What was read at a visit beside the start that proved the build. */
export function compareVisit(build: Build, visit: Visit): Compared[] {
  const proven = provingStart(build);
  const facts = proven && startFacts(proven.run);
  const firsts: Record<ReadAgain, number | null> = {
    glowV: facts?.lowestStartV ?? null,
    runA: facts?.runningA ?? null,
    outletC: facts?.fullOutletC ?? null,
  };
  return (Object.keys(readAgain) as ReadAgain[]).flatMap((quantity) => {
    const now = visit[quantity];
    if (now === undefined) return [];
    const { label, unit, decimals, worse } = readAgain[quantity];
    const first = firsts[quantity];
    return [{ quantity, label, unit, decimals, first, now, worse: first !== null && worse(first, now) }];
  });
}
