import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { id, soundBuild } from '../../../tests/soundBuild';
import { showIn } from '../../../tests/showIn';
import type { Build } from '../../../core/build/Build';
import type { ListValues } from '../../../core/build/lists';
import { DuctsSection } from './DuctsSection';
import { LoopSection } from './LoopSection';
import { ReturnsSection } from './ReturnsSection';

const withLists = (build: Build, lists: ListValues): Build => ({ ...build, lists: { ...build.lists, ...lists } });
const sent = ({ outbox }: ReturnType<typeof showIn>) => outbox.state.waiting.map(({ command }) => command);
const end = (name: string) => screen.getByRole('slider', { name: new RegExp(`^Far end of ${name};`) });

test('the far end of a duct is moved by keys from where it is drawn', async () => {
  const shown = showIn(
    withLists(soundBuild(), {
      ducts: [
        {
          id: id(1),
          name: 'rear',
          lengthM: 1,
          boreMm: 75,
          wall: 'flexible',
          bends: 0,
          end: 'open',
          grille: 'free',
          runs: 'inside',
          xMm: 2000,
          yMm: 900,
        },
      ],
    }),
    <DuctsSection />,
  );
  act(() => end('rear').focus());
  await userEvent.keyboard('{Shift>}{ArrowRight}{/Shift}');
  expect(sent(shown)).toEqual([
    { kind: 'rows', changes: [{ list: 'ducts', row: id(1), action: 'set', column: 'xMm', from: 2000, to: 2100 }] },
  ]);
});

test('what would be if is told and sends nothing', async () => {
  const shown = showIn(soundBuild(), <DuctsSection />);
  const before = screen.getByRole('status').textContent;
  await userEvent.selectOptions(screen.getByLabelText('What if'), 'If half of the ways back are covered');
  expect(screen.getByRole('status').textContent).not.toBe(before);
  expect(sent(shown)).toEqual([]);
});

test('a duct can’t come from one that comes from it', () => {
  const row = { boreMm: 75, bends: 0, end: 'on' } as const;
  showIn(
    withLists(soundBuild(), {
      ducts: [
        { ...row, id: id(1), name: 'first' },
        { ...row, id: id(2), name: 'second', fromId: id(1) },
        { ...row, id: id(3), name: 'third', fromId: id(2) },
      ],
    }),
    <DuctsSection />,
  );
  const choices = [...screen.getByLabelText<HTMLSelectElement>('Comes from, second').options].map(({ text }) => text);
  expect(choices).toEqual(['the heater', 'first']);
});

test('a heater that warms coolant has no ducts to enter, and one that warms air no loop', () => {
  showIn(withLists(soundBuild({ 'warmth.way': 'loop' }), { ducts: [] }), <DuctsSection />);
  expect(screen.queryByRole('button', { name: 'Enter the first duct' })).toBeNull();
});

test('a loop begins with its parts and a hose after each, none of them measured', async () => {
  const shown = showIn(soundBuild({ 'warmth.way': 'loop' }), <LoopSection />);
  await userEvent.click(screen.getByRole('button', { name: /^Enter heater, hoses/ }));
  const [command] = sent(shown);
  const kinds =
    command?.kind === 'rows' ? command.changes.map((change) => (change.action === 'add' ? change.values.kind : '')) : [];
  expect(kinds).toEqual(['heater', 'hose', 'matrix', 'hose', 'tank', 'hose', 'pump', 'hose']);
});

test('a way back that is a hole is asked for its diameter, and not for length and width', () => {
  showIn(withLists(soundBuild(), { returns: [{ id: id(4), name: 'a', kind: 'hole' }] }), <ReturnsSection />);
  expect([screen.queryByLabelText(/^Across, a/) !== null, screen.queryByLabelText(/^Long, a/)]).toEqual([true, null]);
});

test('round the loop: heat and temperatures follow the moment that is asked for', async () => {
  const row = { boreMm: 18, riseMm: 0, bleed: 'no', arrow: 'with', insulated: 'yes' } as const;
  const hose = { ...row, kind: 'hose', lengthM: 1, bends: 0 } as const;
  const loop: ListValues['loop'] = [
    { ...row, id: id(1), kind: 'heater', name: 'heater' },
    { ...hose, id: id(2) },
    { ...row, id: id(3), kind: 'engine', name: 'engine' },
    { ...hose, id: id(4) },
    { ...row, id: id(5), kind: 'pump', name: 'pump' },
    { ...hose, id: id(6) },
  ];
  showIn(withLists(soundBuild({ 'warmth.way': 'loop' }), { loop }), <LoopSection />);
  await userEvent.click(screen.getByRole('button', { name: /^Round the loop/ }));
  const told = () => screen.getByText(/The heater gives|so it gives/).textContent;
  const warm = told();
  await userEvent.click(screen.getByRole('button', { name: 'while all is cold' }));
  expect([told() === warm, /kW to the engine/.test(told() ?? '')]).toEqual([false, true]);
});

test('a starved outlet is helped by a sentence that names which to close first', () => {
  const row = { wall: 'flexible', bends: 0, grille: 'free', runs: 'inside', end: 'closable', closedPercent: 0 } as const;
  const ducts: ListValues['ducts'] = [
    { ...row, id: id(1), name: 'wide', boreMm: 75, lengthM: 0.5, end: 'open' },
    { ...row, id: id(2), name: 'thin', boreMm: 45, lengthM: 6, bends: 4, bendDeg: 90 },
  ];
  showIn(withLists(soundBuild(), { ducts }), <DuctsSection />);
  expect(screen.getByText(/^For an even share, close first “wide” by \d+ %/)).not.toBeNull();
});
