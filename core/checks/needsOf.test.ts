import { emptyBuild } from '../build/emptyBuild';
import { soundBuild } from '../../tests/soundBuild';
import { assess } from './assess';
import { needsOf } from './needsOf';

const findings = assess(emptyBuild(soundBuild().id, soundBuild().identity));
const wanted = needsOf(findings);
const keyOf = ({ path, what }: { path?: string; what: string }) => path ?? what;

test('what several checks wait for is asked once', () => {
  const keys = wanted.map(({ need }) => keyOf(need));
  expect(new Set(keys).size).toBe(keys.length);
});

test('no need of an open finding is left out', () => {
  const keys = new Set(wanted.map(({ need }) => keyOf(need)));
  const lacking = findings
    .filter(({ level }) => level === 'open')
    .flatMap(({ needs }) => needs.filter((need) => !keys.has(keyOf(need))));
  expect(lacking).toEqual([]);
  expect(keys.size).toBeGreaterThan(50);
});

test('what decides the most comes first', () => {
  const counts = wanted.map(({ checks }) => checks.length);
  expect(counts).toEqual([...counts].sort((a, b) => b - a));
  expect(counts[0]).toBeGreaterThan(2);
});
