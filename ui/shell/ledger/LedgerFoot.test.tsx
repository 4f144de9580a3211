import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { soundBuild } from '../../../tests/soundBuild';
import { LedgerFoot } from './LedgerFoot';

const open = () => userEvent.click(screen.getByRole('button', { name: 'Open the ledger' }));
const quick = () => screen.getByLabelText('Quick entry');

test('the foot tells the last line, and the roll opens as a drawer', async () => {
  showIn(soundBuild(), <LedgerFoot />);
  expect(screen.getByText('build begun', { exact: false })).toBeTruthy();
  expect(screen.queryByRole('log')).toBeNull();
  await open();
  expect(within(await screen.findByRole('log')).getAllByRole('listitem')).toHaveLength(1);
  await userEvent.click(screen.getByRole('button', { name: 'Close the ledger' }));
});

test('a line that is understood waits at the foot until it is sent', async () => {
  const { container } = showIn(soundBuild(), <LedgerFoot />);
  await userEvent.type(quick(), 'pump 24 deg{Enter}');
  expect(container.querySelector('[data-waiting]')?.textContent).toContain('Pump angle, outlet up: 24 deg');
  expect((quick() as HTMLInputElement).value).toBe('');
});

test('a line that could mean two things is asked back and stays', async () => {
  const { outbox } = showIn(soundBuild(), <LedgerFoot />);
  await userEvent.type(quick(), '12.4 V{Enter}');
  expect(screen.getByText('Which is “12.4 V”?')).toBeTruthy();
  expect([(quick() as HTMLInputElement).value, outbox.state.waiting]).toEqual(['12.4 V', []]);
});
