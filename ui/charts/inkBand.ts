import type { TraceColumn } from '../../core/drawing/start/traceColumns';

/** Whether so many readings lie side by side that a line through them would be drawn up and down at each point of the screen. */
export function areDense(columns: readonly TraceColumn[]): boolean {
  const [first, last] = [columns[0], columns.at(-1)];
  if (!first || !last || columns.length < 100 || columns.length < 0.9 * (last.x - first.x)) return false;
  return columns.filter(({ low, high }) => low !== high).length > columns.length / 2;
}

/** The outline of a dense trace, to be filled: a fill of it takes a fraction of the time that a stroke up and down takes. */
export function inkBand(
  pen: Pick<CanvasRenderingContext2D, 'lineTo' | 'closePath'>,
  columns: readonly TraceColumn[],
  left: number,
  px: (value: number) => number,
  wide: number,
): void {
  const lower: [number, number][] = [];
  let before = columns[0]?.first ?? 0;
  for (const { x, low, high, last } of columns) {
    // From where the column before it ended, so that there is no gap between them.
    const [a, b] = [px(Math.min(low, before)), px(Math.max(high, before))];
    pen.lineTo(left + x, Math.min(a, b) - wide / 2);
    lower.push([left + x, Math.max(a, b) + wide / 2]);
    before = last;
  }
  for (const [x, y] of lower.reverse()) pen.lineTo(x, y);
  pen.closePath();
}
