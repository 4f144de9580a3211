import fc from 'fast-check';
import { BenchHeater } from '../../physics/bench/benchHeater';
import { usualBench } from '../../physics/bench/BenchFacts';
import { keptStart } from './keptStart';
import { liveStart } from './liveStart';
import { keptWithin, thinned } from './thinned';

/** The line through what is kept, at a time. */
function lineAt(kept: readonly { atS: number; value: number }[], s: number): number {
  const after = kept.findIndex(({ atS }) => atS >= s - 1e-9);
  const [a, b] = [kept[Math.max(0, after - 1)], kept[after === -1 ? kept.length - 1 : after]];
  if (!a || !b || b.atS === a.atS) return b?.value ?? NaN;
  return a.value + ((b.value - a.value) * (s - a.atS)) / (b.atS - a.atS);
}
test('the line through what is kept lies nowhere farther from what was read than is allowed', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 1, max: 30 }), fc.double({ min: -3, max: 3, noNaN: true })), {
        minLength: 1,
        maxLength: 200,
      }),
      (steps) => {
        let [at, level] = [0, 12];
        const volts = { s: [] as number[], value: [] as number[] };
        for (const [ds, change] of steps) {
          volts.s.push((at += ds / 10));
          volts.value.push((level = Math.min(40, Math.max(0, level + (Math.abs(change) > 2.5 ? change : change / 50)))));
        }
        const kept = thinned({ volts }, 0);
        volts.s.forEach((s, i) =>
          expect(Math.abs(lineAt(kept, Math.round(s * 1000) / 1000) - (volts.value[i] ?? 0))).toBeLessThanOrEqual(
            keptWithin.volts + 1e-3,
          ),
        );
      },
    ),
  );
});
test('a quarter of an hour at ten a second is kept in fewer than 600 readings, and tells the same start', () => {
  const heater = new BenchHeater(usualBench);
  heater.run(5);
  heater.press(true);
  const series: Record<string, { s: number[]; value: number[] }> = {};
  const events: { event: string; s: number }[] = [];
  for (let i = 0; i < 9000; i += 1) {
    if (i === 6000) heater.press(false);
    heater.step();
    for (const { kind } of heater.takeEvents()) events.push({ event: kind, s: heater.s });
    for (const quantity of ['volts', 'amps', 'hertz', 'outletC', 'returnC'] as const) {
      const one = (series[quantity] ??= { s: [], value: [] });
      one.s.push(heater.s);
      one.value.push(heater.readings[quantity]);
    }
  }
  const kept = thinned(series, 5);
  expect(kept.length).toBeLessThan(600);
  const at = (event: string) => Math.round(((events.find((one) => one.event === event)?.s ?? NaN) - 5) * 10) / 10;
  const told = keptStart({
    readings: kept,
    events: (['on', 'glow', 'pump', 'flame', 'full', 'off', 'end'] as const).map((event) => ({ event, atS: at(event) })),
  });
  const start = liveStart(told, null);
  expect(start?.events).toMatchObject({
    glow: expect.closeTo(at('glow') - at('on'), 1),
    end: expect.closeTo(at('end') - at('on'), 1),
  });
  expect(Math.min(...(told.series.volts?.value ?? []))).toBeCloseTo(Math.min(...(series.volts?.value ?? [])), 1);
});
test('of a log that says no more than its button, the readings tell the rest; a heater that tells is believed', () => {
  const s = Array.from({ length: 400 }, (_, i) => i);
  const series = {
    amps: { s, value: s.map((at) => (at < 30 ? 0.4 : at < 140 ? 10 : 1.4)) },
    hertz: { s, value: s.map((at) => (at < 90 ? 0 : 2)) },
  };
  const of = (events: { s: number; event: string }[]) => liveStart({ nowS: 399, series, events }, null)?.events;
  expect(of([{ s: 10, event: 'on' }])).toMatchObject({ glow: expect.closeTo(19.5, 1), pump: expect.closeTo(79.5, 1) });
  expect(
    of([
      { s: 10, event: 'on' },
      { s: 130, event: 'flame' },
    ]),
  ).toEqual({ glow: expect.closeTo(19.5, 1), flame: 120 });
});
