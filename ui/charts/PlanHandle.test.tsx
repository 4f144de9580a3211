import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PlanHandle } from './PlanHandle';

function shown() {
  const moves: [number, number][] = [];
  const picked: string[] = [];
  render(
    <svg>
      <PlanHandle
        x={40}
        y={50}
        name="far end"
        told="rear bench: 34 m³/h"
        atMm={1200}
        data={{ 'data-duct': 'd1' }}
        onMove={(dx, dy) => moves.push([dx, dy])}
        onPick={() => picked.push('picked')}
      />
    </svg>,
  );
  return { moves, picked, handle: screen.getByRole('slider', { name: 'far end' }) };
}

test('arrow keys move an end by a centimetre, with shift by ten: to the rear, to the front, to the right, to the left', async () => {
  const { handle, moves } = shown();
  handle.focus();
  await userEvent.keyboard('{ArrowRight}{ArrowLeft}{ArrowUp}{ArrowDown}{Shift>}{ArrowRight}{ArrowDown}{/Shift}');
  expect(moves).toEqual([
    [10, 0],
    [-10, 0],
    [0, 10],
    [0, -10],
    [100, 0],
    [0, -100],
  ]);
});

test('other keys are left to the page', async () => {
  const { handle, moves } = shown();
  handle.focus();
  await userEvent.keyboard('n{Enter}x');
  expect(moves).toEqual([]);
});

test('it is picked by a touch and by the keyboard, tells where it stands, and is found when it is dragged', async () => {
  const { handle, picked } = shown();
  await userEvent.click(handle);
  expect(picked.length).toBeGreaterThan(0);
  expect([handle.getAttribute('aria-valuenow'), handle.getAttribute('aria-valuetext'), handle.dataset.duct]).toEqual([
    '1200',
    'rear bench: 34 m³/h',
    'd1',
  ]);
});
