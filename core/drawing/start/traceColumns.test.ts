import fc from 'fast-check';
import { KeptTraces } from './KeptTraces';
import { traceColumns, valueAt } from './traceColumns';

const rising = fc
  .array(fc.tuple(fc.double({ min: 0.01, max: 5, noNaN: true }), fc.double({ min: -50, max: 50, noNaN: true })), {
    minLength: 1,
    maxLength: 400,
  })
  .map((steps) => {
    let at = 0;
    return { s: steps.map(([step]) => (at += step)), value: steps.map(([, value]) => value) };
  });
test('no spike is lost and none is made up, however many readings fall into a column', () => {
  fc.assert(
    fc.property(rising, fc.integer({ min: 1, max: 300 }), (series, width) => {
      const columns = traceColumns(series, series.s[0] ?? 0, series.s.at(-1) ?? 1, width);
      expect(Math.max(...columns.map(({ high }) => high))).toBe(Math.max(...series.value));
      expect(Math.min(...columns.map(({ low }) => low))).toBe(Math.min(...series.value));
      expect(columns.length).toBeLessThanOrEqual(width + 1);
      expect(columns.every(({ x }, i) => i === 0 || x > (columns[i - 1]?.x ?? 0))).toBe(true);
    }),
  );
});
test('a trace that grows, is cut or is looked at otherwise is drawn as if it were drawn anew', () => {
  fc.assert(
    fc.property(
      rising,
      fc.array(fc.tuple(fc.integer({ min: 0, max: 80 }), fc.integer({ min: 1, max: 200 }), fc.boolean()), {
        minLength: 1,
        maxLength: 12,
      }),
      (whole, looks) => {
        const kept = new KeptTraces();
        const series = { s: [] as number[], value: [] as number[] };
        let taken = 0;
        for (const [more, width, cut] of looks) {
          series.s.push(...whole.s.slice(taken, taken + more));
          series.value.push(...whole.value.slice(taken, taken + more));
          taken += more;
          if (cut) [series.s, series.value].forEach((all) => all.splice(0, 5));
          const [from, to] = [whole.s[0] ?? 0, whole.s.at(-1) ?? 1];
          expect(kept.columns(series, from, to, width)).toEqual(traceColumns(series, from, to, width));
          expect(kept.range(series, from)).toEqual(
            series.value.length > 0 ? [Math.min(...series.value), Math.max(...series.value)] : null,
          );
        }
      },
    ),
  );
});
test('the value at a time is the last reading not after it', () => {
  const series = { s: [1, 2, 3], value: [10, 20, 30] };
  expect([valueAt(series, 0.5), valueAt(series, 2), valueAt(series, 2.9), valueAt(series, 99)]).toEqual([null, 20, 20, 30]);
});
test('72,000 readings make a picture of 1000 columns in less than 20 ms, the best of five', () => {
  const s = Array.from({ length: 72_000 }, (_, i) => i / 10);
  const value = s.map((at) => Math.sin(at));
  const took = Array.from({ length: 5 }, () => {
    const began = performance.now();
    traceColumns({ s, value }, 0, 7200, 1000);
    return performance.now() - began;
  });
  expect(Math.min(...took)).toBeLessThan(20);
});
