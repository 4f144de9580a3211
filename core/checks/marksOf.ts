import { countedLevel, levels, type Finding, type Level } from './Finding';

export interface LevelCount {
  level: Level;
  n: number;
}
const told: readonly Level[] = ['stop', 'fix', 'open'];

/** How many findings stand at each level that work waits for, worst first; waived ones don't. */
export function marksOf(findings: readonly Finding[]): LevelCount[] {
  const counted = findings.map(countedLevel);
  return levels
    .filter((level) => told.includes(level))
    .map((level) => ({ level, n: counted.filter((one) => one === level).length }))
    .filter(({ n }) => n > 0);
}
