import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../tests/showIn';
import { soundBuild } from '../../tests/soundBuild';
import { ReleaseDialog } from './ReleaseDialog';

test('a stop before the step leaves nothing to release it by', () => {
  showIn(soundBuild({ 'air.intakeFrom': 'cabin' }), <ReleaseDialog holdPoint="bolting" onClose={() => undefined} />);
  expect(screen.getByText('Held. Nobody releases it while this stands:')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /^Release/ })).toBeNull();
});

test('where everything holds it is released by one key, and the dialog closes', async () => {
  const closed: string[] = [];
  const { outbox } = showIn(soundBuild(), <ReleaseDialog holdPoint="closing" onClose={() => closed.push('closed')} />);
  await userEvent.click(screen.getByRole('button', { name: 'Release: the tank goes back up' }));
  expect(outbox.state.waiting.map(({ command }) => command)).toEqual([
    { kind: 'holdPoint', holdPoint: 'closing', action: 'release' },
  ]);
  expect(closed).toEqual(['closed']);
});

test('Escape releases nothing', async () => {
  const closed: string[] = [];
  const { outbox } = showIn(soundBuild(), <ReleaseDialog holdPoint="closing" onClose={() => closed.push('closed')} />);
  await userEvent.keyboard('{Escape}');
  expect([closed, outbox.state.waiting]).toEqual([['closed'], []]);
});
