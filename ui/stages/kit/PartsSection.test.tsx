import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { soundBuild } from '../../../tests/soundBuild';
import type { RowOf } from '../../../core/build/lists';
import { PartsSection } from './PartsSection';

const part = (n: number, more: Partial<RowOf<'parts'>>): RowOf<'parts'> => ({
  id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
  needed: 1,
  kind: 'other',
  ...more,
});
const kit = (...parts: RowOf<'parts'>[]) => ({
  ...soundBuild({ 'people.markWanted': 'no' }),
  lists: { ...soundBuild().lists, parts },
});
const shownNames = () => screen.getAllByRole('group').map((group) => group.getAttribute('aria-label'));

test('what is missing, poor, weak or not looked at stands open; what is as it should be is folded and counted', async () => {
  showIn(
    kit(
      part(1, { name: 'tank', state: 'present' }),
      part(2, { name: 'clamp', state: 'replaced', weak: 'burnerClamp' }),
      part(3, { name: 'alarm', state: 'missing' }),
      part(4, { name: 'duct', state: 'poor' }),
      part(5, { name: 'filter', state: 'present', weak: 'thinFilter' }),
      part(6, { name: 'pump' }),
    ),
    <PartsSection />,
  );
  expect(screen.getByText(/5 of 6 looked at/)).toBeTruthy();
  expect(shownNames()).toEqual(['State of alarm', 'State of duct', 'State of filter', 'State of pump']);
  await userEvent.click(screen.getByRole('button', { name: /^Looked at, and as it should be\s*2 parts/ }));
  expect(shownNames()).toEqual(expect.arrayContaining(['State of tank', 'State of clamp']));
  // Rows are added in one place.
  expect(screen.getAllByRole('button', { name: 'One part more' })).toHaveLength(1);
});

test('a part that is looked at now stays where the hand is', async () => {
  const { outbox } = showIn(kit(part(1, { name: 'pump' }), part(2, { name: 'tank' })), <PartsSection />);
  await userEvent.click(within(screen.getByRole('group', { name: 'State of pump' })).getByRole('button', { name: 'present' }));
  expect(outbox.state.waiting.map(({ command }) => command)).toMatchObject([
    { kind: 'rows', changes: [{ list: 'parts', column: 'state', from: null, to: 'present' }] },
  ]);
  expect(shownNames()).toEqual(['State of pump', 'State of tank']);
  expect(screen.queryByText(/as it should be/)).toBeNull();
});

test('what the ducts take is put on the list by one key', async () => {
  const build = kit();
  const ducts = [{ id: part(8, {}).id, boreMm: 75, lengthM: 0.8, end: 'open' as const }];
  const { outbox } = showIn({ ...build, lists: { ...build.lists, ducts, pipes: [], loop: [] } }, <PartsSection />);
  await userEvent.click(screen.getByRole('button', { name: /^What pipes, ducts and hoses take/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Put 2 of them on the list' }));
  const [command] = outbox.state.waiting.map((one) => one.command);
  expect(command).toMatchObject({
    kind: 'rows',
    changes: [{ values: { name: 'warm-air duct, 75 mm', kind: 'duct' } }, { values: { name: 'outlet', needed: 1 } }],
  });
});
