import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { soundBuild } from '../../../tests/soundBuild';
import { LevelScreen } from './LevelScreen';
import { LieScreen } from './LieScreen';

/** What the sensor of a phone tells: turned by so much about its short edge. */
const turn = (beta: number | null, gamma: number | null = 0) =>
  window.dispatchEvent(Object.assign(new Event('deviceorientation'), { alpha: 0, beta, gamma }));
const wait = (ms: number) => act(() => new Promise((resolve) => setTimeout(resolve, ms)));
const show = (onTake: (deg: number) => string[] = () => []) => {
  const left: string[] = [];
  showIn(soundBuild(), <LevelScreen title="Pump angle" how="Along the pump" onTake={onTake} onLeave={() => left.push('left')} />);
  return left;
};

test('the angle is taken whole, and the screen left', async () => {
  const taken: number[] = [];
  const left = show((deg) => (taken.push(deg), []));
  turn(24.4);
  await wait(250);
  expect(screen.getByText('24.4°')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Take 24°' }));
  expect([taken, left]).toEqual([[24], ['left']]);
});

test('what is not taken is told, and the screen stays', async () => {
  const left = show(() => ['This build is signed; a correction unlocks it.']);
  turn(10);
  await wait(250);
  await userEvent.click(screen.getByRole('button', { name: 'Take 10°' }));
  expect(screen.getByRole('alert').textContent).toBe('This build is signed; a correction unlocks it.');
  expect(left).toEqual([]);
});

test('from a zero of one’s own the angle is told over that, and true level comes back', async () => {
  show();
  turn(4);
  await wait(250);
  await userEvent.click(screen.getByRole('button', { name: 'Zero here' }));
  await wait(250);
  expect(screen.getByText('0.0°')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Back to true level' }));
  await wait(250);
  expect(screen.getByText('4.0°')).toBeTruthy();
});

test('a sensor that tells nothing is no level: it is said, and no key takes anything', async () => {
  show();
  turn(null, null);
  await wait(2900);
  expect(screen.getByRole('alert').textContent).toMatch(/^This device tells no angle\. Measure it with a protractor/);
  expect(screen.getByRole('button', { name: 'No angle yet' })).toHaveProperty('disabled', true);
});

const showLie = () => {
  const taken: string[] = [];
  showIn(soundBuild(), <LieScreen onTake={(lies) => (taken.push(lies), [])} onLeave={() => taken.push('left')} />);
  return taken;
};
test('on its side the heater’s inlet decides, and that a person says', async () => {
  const taken = showLie();
  turn(0, 88);
  await wait(250);
  expect(screen.getByText('On its side')).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'on its side, inlet or plug below' }));
  expect(taken).toEqual(['sideDown', 'left']);
});
test('a heater that leans is neither flat nor on a side: nothing can be taken of it', async () => {
  showLie();
  turn(45);
  await wait(250);
  expect(screen.getByText('It leans')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Nothing to take yet' })).toHaveProperty('disabled', true);
});
