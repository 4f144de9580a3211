import { fireEvent, render, screen } from '@testing-library/react';
import { BayFilterBar } from './BayFilterBar';
import type { BayFilter } from '../../core/checks/bayFilter';

const all: BayFilter = { find: '', mine: false, stop: false, due: '', waits: '' };

it('keeps a press that comes before the address has followed the press before it', () => {
  const asked: BayFilter[] = [];
  render(<BayFilterBar filter={all} dueCount={0} onFilter={(next) => asked.push(next)} />);
  fireEvent.change(screen.getByLabelText('Find a build'), { target: { value: 'Otter' } });
  fireEvent.click(screen.getByRole('button', { name: 'mine' }));
  fireEvent.click(screen.getByRole('button', { name: 'at stop' }));
  expect(asked.at(-1)).toEqual({ ...all, find: 'Otter', mine: true, stop: true });
});
