import { id, soundBuild, soundStart } from '../../../tests/soundBuild';
import type { Build, StartRun } from '../../build/Build';
import { planSteps, testPlan, type PlanStep } from './testPlan';

const by = (steps: readonly PlanStep[], state: PlanStep['state']) =>
  steps.filter((step) => step.state === state).map(({ id: step }) => step);
const bare = (): Build => {
  const { sights: _sights, noises: _noises, hotLooks: _hot, ...rest } = soundBuild();
  return rest;
};
const underway = (...events: [number, StartRun['events'][number]['event']][]): StartRun =>
  soundStart({ events: events.map(([atS, event]) => ({ atS, event })), readings: [] });

test('before the button the volts at rest are read, and nothing that hangs on the flame is due', () =>
  expect(by(testPlan(bare(), underway(), 2), 'now')).toEqual(['restV', 'on']));
test('under glow volts and amps are read once the plug is warm', () => {
  const run = underway([5, 'on'], [20, 'glow']);
  expect(by(testPlan(bare(), run, 30), 'now')).not.toContain('glowV');
  expect(by(testPlan(bare(), run, 41), 'now')).toEqual(['glowV', 'glowA', 'flame']);
  expect(by(testPlan(bare(), run, 41), 'missed')).toEqual(['restV']);
});
test('at full output each reading is due at its time: line at once, exhaust after six minutes of flame, surfaces after 15, lowest after 20', () => {
  const run = underway([5, 'on'], [20, 'glow'], [120, 'flame'], [260, 'full']);
  const now = (s: number) => by(testPlan(bare(), run, s), 'now');
  expect(now(261)).toEqual(['line']);
  expect(now(480)).toEqual(['exhaust', 'line']);
  expect(now(561)).toEqual(['fullV', 'fullA', 'outlet', 'return', 'exhaust', 'line']);
  expect(now(1161)).toContain('hot');
  expect(now(1459)).not.toContain('low');
  expect(now(1461)).toEqual(expect.arrayContaining(['low', 'off']));
});
test('a start that is over tells what it lacks', () =>
  expect(by(testPlan(soundBuild(), soundStart(), Infinity), 'missed')).toEqual(['fullV', 'return', 'low']));
test('all of it read, nothing is left', () => {
  const run = soundStart({
    id: id(2),
    events: [...soundStart().events, { atS: 1470, event: 'low' }],
    readings: [
      ...soundStart().readings,
      { atS: 600, quantity: 'volts', value: 12.5 },
      { atS: 600, quantity: 'returnC', value: 12 },
    ],
  });
  expect(by(testPlan(soundBuild(), run, Infinity), 'done')).toEqual([...planSteps]);
});
