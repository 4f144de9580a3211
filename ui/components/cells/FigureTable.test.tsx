import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { soundBuild } from '../../../tests/soundBuild';
import { FigureTable } from './FigureTable';

const angle = () => screen.getByLabelText(/^Pump angle, outlet up, as fitted/);
const sent = ({ outbox }: ReturnType<typeof showIn>) => outbox.state.waiting.map(({ command }) => command);
const table = <FigureTable paths={['fuel.pumpAngleDeg', 'fuel.fuelLevelMm', 'tank.way']} caption="Three figures" />;

test('Enter sends what was typed, with what stood there before', async () => {
  const shown = showIn(soundBuild(), table);
  await userEvent.clear(angle());
  await userEvent.type(angle(), '24{Enter}');
  expect(sent(shown)).toEqual([{ kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 25, to: 24 }] }]);
});

test('what can’t stand is told in one sentence and sent nowhere', async () => {
  const shown = showIn(soundBuild(), table);
  await userEvent.clear(angle());
  await userEvent.type(angle(), '240{Enter}');
  expect(screen.getByRole('alert').textContent).toBe('Pump angle, outlet up is 240 deg; allowed is -90 to 90 deg.');
  expect([angle().getAttribute('aria-invalid'), sent(shown)]).toEqual(['true', []]);
});

test('Escape puts back what was there', async () => {
  const shown = showIn(soundBuild(), table);
  await userEvent.type(angle(), '7{Escape}');
  expect([(angle() as HTMLInputElement).value, sent(shown)]).toEqual(['25', []]);
});

test('findings follow a figure while it is typed', async () => {
  const { workspace } = showIn(soundBuild(), table);
  const level = () => workspace.getState().findings.find(({ id }) => id === 'fuel.pump.angle')?.level;
  expect(level()).toBe('sound');
  await userEvent.clear(angle());
  await userEvent.type(angle(), '4');
  expect(level()).toBe('fix');
});

test('what is only found has no plan beside it', () => {
  showIn(soundBuild(), table);
  expect(screen.queryByLabelText(/^Fuel standing in it, planned/)).toBeNull();
  expect(screen.getByLabelText(/^Pump angle, outlet up, planned/)).toBeTruthy();
});

test('whoever may only look types nothing', () => {
  showIn(soundBuild(), table, 'viewer');
  expect([angle().hasAttribute('readonly'), screen.getByLabelText(/^Fuel comes from, given/).hasAttribute('disabled')]).toEqual([
    true,
    true,
  ]);
});
