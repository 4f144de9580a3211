import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { soundBuild } from '../../../tests/soundBuild';
import type { UnitCard } from '../../../core/build/unit/UnitCard';
import { classCards } from '../../../core/usual/classes';
import { CardEditor } from './CardEditor';

const card = classCards[0] as UnitCard;
function show() {
  const kept: UnitCard[] = [];
  const onKeep = (one: UnitCard) => (kept.push(one), Promise.resolve([]));
  showIn(
    soundBuild(),
    <CardEditor card={{ ...card, figures: {}, course: [], holes: [], faults: [] }} mayChange onKeep={onKeep} />,
  );
  return kept;
}
const type = async (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, text);
};

test('a step of the start and a hole are added and kept with the card', async () => {
  const kept = show();
  await userEvent.click(screen.getByRole('button', { name: 'Add a step' }));
  await type('What happens, step 1', 'glow plug');
  await type('Begins, step 1', '5');
  await type('Ends, step 1', '90');
  await userEvent.click(screen.getByRole('button', { name: 'Add a hole' }));
  await type('Name, hole 1', 'exhaust');
  await type('Across the hole, hole 1', '25');
  await userEvent.click(screen.getByRole('button', { name: 'Keep this edition' }));
  expect(kept.map(({ course, holes }) => ({ course, holes }))).toEqual([
    { course: [{ event: 'glow plug', fromS: 5, toS: 90 }], holes: [{ name: 'exhaust', diameterMm: 25 }] },
  ]);
});
test('a step that ends before it begins is refused by its place, and nothing is kept', async () => {
  const kept = show();
  await userEvent.click(screen.getByRole('button', { name: 'Add a step' }));
  await type('What happens, step 1', 'glow plug');
  await type('Begins, step 1', '90');
  await userEvent.click(screen.getByRole('button', { name: 'Keep this edition' }));
  expect(screen.getByText(/course\[0\] must end no earlier than it begins/)).toBeTruthy();
  expect(kept).toEqual([]);
});
