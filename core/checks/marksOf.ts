import { countedLevel, levels, type Finding, type Level } from './Finding';

export interface LevelCount {
  level: Level;
  n: number;
  /** every one of them is told on assumed figures */ assumed: boolean;
}
const told: readonly Level[] = ['stop', 'fix', 'open'];

/** How many findings stand at each level that work waits for, worst first; waived ones don't. */
export function marksOf(findings: readonly Finding[]): LevelCount[] {
  return levels
    .filter((level) => told.includes(level))
    .map((level) => {
      const at = findings.filter((finding) => countedLevel(finding) === level);
      return { level, n: at.length, assumed: level !== 'open' && at.every(({ assumed }) => assumed !== undefined) };
    })
    .filter(({ n }) => n > 0);
}
