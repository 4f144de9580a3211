import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { demoBuild } from '../../../tests/demoBuild';
import { showIn } from '../../../tests/showIn';
import { soundBuild } from '../../../tests/soundBuild';
import { LoomSection } from './LoomSection';

const sent = ({ outbox }: ReturnType<typeof showIn>) => outbox.state.waiting.map(({ command }) => command);
const changesOf = (shown: ReturnType<typeof showIn>) =>
  sent(shown).flatMap((command) => (command.kind === 'rows' ? command.changes : []));
const thimble = demoBuild('Thimble Theatre');
const rowOf = (name: string) => thimble.lists?.loomParts?.find((row) => row.name === name);

test('a build without a loom shows the feed as one cable, and one touch begins the loom', async () => {
  const shown = showIn(soundBuild(), <LoomSection />);
  expect(screen.queryByLabelText(/^Cable, as fitted/)).not.toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Enter battery, fuse, plug, heater and wires' }));
  expect(changesOf(shown).map(({ list }) => list)).toEqual([...Array(4).fill('loomParts'), ...Array(5).fill('cables')]);
});
test('a part is moved by keys from where it is drawn', async () => {
  const shown = showIn(thimble, <LoomSection />);
  act(() => screen.getByRole('button', { name: /^isolator, .*arrow keys/ }).focus());
  await userEvent.keyboard('{ArrowRight}');
  expect(changesOf(shown)).toMatchObject([
    { list: 'loomParts', column: 'xPx', from: null },
    { list: 'loomParts', column: 'yPx', from: null },
  ]);
});
test('what the heater gets is told for each moment, and all at once only where something else draws', async () => {
  showIn(thimble, <LoomSection />);
  const told = () =>
    screen
      .getAllByRole('status')
      .map(({ textContent }) => textContent)
      .join(' ');
  expect(told()).toContain('Heater gets 10.60 V');
  await userEvent.click(screen.getByRole('button', { name: 'running' }));
  expect(told()).toMatch(/Heater gets 12\.4\d V/);
  expect(screen.queryByRole('button', { name: 'all at once' })).toBeNull();
});
test('a reading that is typed beside what it should be is kept in its part', async () => {
  const shown = showIn(thimble, <LoomSection />);
  await userEvent.click(screen.getByRole('button', { name: /^With the meter/ }));
  await userEvent.type(screen.getByLabelText(/^By meter under glow, isolator/), '11.9{Enter}');
  expect(changesOf(shown)).toEqual([
    { list: 'loomParts', row: rowOf('isolator')?.id, action: 'set', column: 'glowV', from: null, to: 11.9 },
  ]);
});
test('a touch on a part offers to add one behind it, and adds it with its wire', async () => {
  const shown = showIn(thimble, <LoomSection />);
  const drawing = within(screen.getByRole('group', { name: /^Loom\./ }));
  act(() => drawing.getByRole('button', { name: /^fuse, / }).focus());
  await userEvent.keyboard('{Enter}');
  await userEvent.selectOptions(screen.getByLabelText('Add behind “fuse”'), 'joint');
  expect(changesOf(shown)).toMatchObject([
    { list: 'loomParts', action: 'add', values: { kind: 'joint' } },
    { list: 'cables', action: 'add', values: { wire: 'plus' } },
  ]);
});
