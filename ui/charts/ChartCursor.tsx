'use client';
import { Box } from '@mui/material';
import { bisectCenter } from 'd3';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Plot } from './ChartAxes';
import { charts as t } from '../texts/en/charts';

/** What a hand or a key does with the cursor, as a step. */
const steps: Readonly<Record<string, (at: number, last: number) => number>> = {
  ArrowRight: (at) => at + 1,
  ArrowLeft: (at) => at - 1,
  PageUp: (at) => at + 10,
  PageDown: (at) => at - 10,
  Home: () => 0,
  End: (_at, last) => last,
};

/**
 * A line across a chart that follows hand, finger or arrow keys, with what stands there in figures.
 * @param xs where there is something to tell, px, rising @param tell what is told at each: first where, then what
 */
export function ChartCursor({
  label,
  plot,
  xs,
  tell,
}: {
  label: string;
  plot: Plot;
  xs: readonly number[];
  tell: (at: number) => readonly string[];
}) {
  const [at, setAt] = useState<number | null>(null);
  const last = xs.length - 1;
  if (last < 0) return null;
  const shown = at === null ? null : Math.min(at, last);
  const follow = ({ clientX, currentTarget }: PointerEvent<HTMLElement>) =>
    setAt(bisectCenter([...xs], clientX - currentTarget.getBoundingClientRect().left + plot.left));
  const press = (event: KeyboardEvent) => {
    const step = steps[event.key];
    if (!step) return;
    event.preventDefault();
    setAt(Math.max(0, Math.min(last, step(shown ?? -1, last))));
  };
  const x = shown === null ? 0 : (xs[shown] ?? 0) - plot.left;
  const width = Math.max(1, plot.right - plot.left);
  return (
    <Box
      className="chart-cursor"
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={last}
      aria-valuenow={shown ?? 0}
      aria-valuetext={shown === null ? t.arrowKeysTellTheFigures : tell(shown).join(', ')}
      onPointerMove={follow}
      onPointerDown={follow}
      onPointerLeave={({ pointerType }) => pointerType === 'mouse' && setAt(null)}
      onBlur={() => setAt(null)}
      onKeyDown={press}
      sx={{ left: plot.left, top: plot.top, width, height: Math.max(1, plot.bottom - plot.top) }}
    >
      {shown !== null && (
        <Box className={`chart-cursor-at${x > width / 2 ? ' to-left' : ''}`} sx={{ left: x }}>
          <span className="mono">
            {tell(shown).map((line, i) => (
              <span key={i}>{line}</span>
            ))}
          </span>
        </Box>
      )}
    </Box>
  );
}
