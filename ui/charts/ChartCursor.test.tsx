import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ChartCursor } from './ChartCursor';

const plot = { left: 40, right: 240, top: 10, bottom: 110 };
const shown = () => screen.getByRole('slider', { name: 'Volts' });
beforeEach(() => {
  render(<ChartCursor label="Volts" plot={plot} xs={[40, 100, 200]} tell={(at) => [`${at} s`, `${12 + at} V`]} />);
});

test('arrow keys tell the figures from the first to the last, and stay there', async () => {
  shown().focus();
  expect(shown().getAttribute('aria-valuetext')).toBe('arrow keys tell the figures');
  const told: (string | null)[] = [];
  for (const key of ['ArrowRight', 'ArrowRight', 'End', 'ArrowRight', 'Home', 'ArrowLeft']) {
    await userEvent.keyboard(`{${key}}`);
    told.push(shown().getAttribute('aria-valuetext'));
  }
  expect(told).toEqual(['0 s, 12 V', '1 s, 13 V', '2 s, 14 V', '2 s, 14 V', '0 s, 12 V', '0 s, 12 V']);
});

test('a hand is told the figures nearest to it, and nothing once it has left', () => {
  // 70 px into the window is 110 px of the frame: nearest is what stands at 100.
  // A pointer's event, which this DOM doesn't know, is a mouse's with a kind.
  const pointer = (kind: string, at = {}) =>
    fireEvent(shown(), Object.assign(new MouseEvent(kind, { bubbles: true, ...at }), { pointerType: 'mouse' }));
  pointer('pointermove', { clientX: 70 });
  expect(screen.getByText('13 V')).toBeTruthy();
  pointer('pointerout');
  expect(screen.queryByText('13 V')).toBeNull();
});
