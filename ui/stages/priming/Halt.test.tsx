import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { soundBuild } from '../../../tests/soundBuild';
import { Halt } from './Halt';

test('the halt is left by its one button and by nothing else', async () => {
  const stopped: string[] = [];
  showIn(soundBuild(), <Halt strokes={716} high={716} name="" onStopped={() => stopped.push('stopped')} />);
  await userEvent.keyboard('{Escape}');
  await userEvent.click(document.body);
  expect([screen.getByRole('alertdialog').textContent, stopped]).toEqual([expect.stringContaining('STOP THE PUMP'), []]);
  await userEvent.click(screen.getByRole('button', { name: 'The pump is stopped' }));
  expect(stopped).toEqual(['stopped']);
});

test('the halt shakes the phone at once', () => {
  const shaken: unknown[] = [];
  Object.defineProperty(navigator, 'vibrate', { configurable: true, value: (pattern: unknown) => shaken.push(pattern) });
  showIn(soundBuild(), <Halt strokes={716} high={716} name="Soup Cart" onStopped={() => undefined} />);
  expect(shaken).toHaveLength(1);
  expect(screen.getByRole('alertdialog').textContent).toContain('716 strokes on Soup Cart');
});
