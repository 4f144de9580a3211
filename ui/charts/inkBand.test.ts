import fc from 'fast-check';
import { traceColumns } from '../../core/drawing/start/traceColumns';
import { areDense, inkBand } from './inkBand';

const noisy = (n: number) => ({
  s: Array.from({ length: n }, (_, i) => i),
  value: Array.from({ length: n }, (_, i) => (i % 3) - 1),
});
test('the outline of a dense trace holds every reading, and has no gap between columns', () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { minLength: 300, maxLength: 900 }), (value) => {
      const series = { s: value.map((_, i) => i), value };
      const columns = traceColumns(series, 0, value.length, 120);
      const points: [number, number][] = [];
      inkBand({ lineTo: (x, y) => void points.push([x, y]), closePath: () => undefined }, columns, 40, (v) => 200 - v, 2);
      expect(points.length).toBe(2 * columns.length);
      const upper = points.slice(0, columns.length);
      const lower = points.slice(columns.length).reverse();
      for (const [i, { x, low, high }] of columns.entries()) {
        expect(upper[i]?.[0]).toBe(40 + x);
        expect(lower[i]?.[0]).toBe(40 + x);
        expect(upper[i]?.[1]).toBeLessThanOrEqual(200 - high);
        expect(lower[i]?.[1]).toBeGreaterThanOrEqual(200 - low);
        // Neighbours overlap: what is filled hangs together.
        if (i > 0) expect(upper[i]?.[1] ?? 0).toBeLessThan(lower[i - 1]?.[1] ?? 0);
        if (i > 0) expect(lower[i]?.[1] ?? 0).toBeGreaterThan(upper[i - 1]?.[1] ?? 0);
      }
    }),
    { numRuns: 30 },
  );
});
test.each([
  ['a few readings', traceColumns(noisy(50), 0, 50, 600), false],
  ['a reading at every third point', traceColumns(noisy(300), 0, 300, 900), false],
  ['ten readings at each point', traceColumns(noisy(6000), 0, 6000, 600), true],
])('%s: dense or not', (_, columns, dense) => expect(areDense(columns)).toBe(dense));
