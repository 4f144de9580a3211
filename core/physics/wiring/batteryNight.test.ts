import fc from 'fast-check';
import { sampleOf } from '../../../tests/seed';
import { restVAt } from './battery';
import { batteryNight, type NightBattery, type NightLoad } from './batteryNight';
import { nightAh } from './nightAh';

const load: NightLoad = { startA: 10, startMinutes: 2, runA: 1.4, othersA: 0, chargeA: 0, starts: 4, nightHours: 9 };
const battery: NightBattery = { kind: 'agm', nominalV: 12, coldAh: 70, fromShare: 0.95, ohm: 0.05 };
const last = <T>(all: readonly T[]): T => all[all.length - 1] as T;
const anyNight = fc.record({
  load: fc.record({
    startA: fc.integer({ min: 5, max: 18 }),
    startMinutes: fc.integer({ min: 1, max: 3 }),
    runA: fc.integer({ min: 5, max: 30 }).map((a) => a / 10),
    othersA: fc.integer({ min: 0, max: 40 }).map((a) => a / 10),
    chargeA: fc.integer({ min: 0, max: 60 }).map((a) => a / 10),
    starts: fc.constantFrom(1, 2, 3, 4, 6),
    nightHours: fc.constantFrom(6, 8, 10, 12),
  }),
  battery: fc.record({
    kind: fc.constantFrom('agm' as const, 'flooded' as const, 'lithium' as const),
    nominalV: fc.constantFrom(12, 24),
    coldAh: fc.integer({ min: 15, max: 200 }),
    fromShare: fc.integer({ min: 0, max: 100 }).map((p) => p / 100),
    ohm: fc.integer({ min: 5, max: 200 }).map((m) => m / 1000),
  }),
});

test('what it has lost by the morning is the charge that the night takes, by the sum', () => {
  const night = batteryNight(load, battery);
  expect(night).toHaveLength(9 * 60 + 1);
  expect((battery.fromShare - last(night).share) * battery.coldAh).toBeCloseTo(
    nightAh({ startCurrentA: 10, startMinutes: 2, runCurrentA: 1.4, nightHours: 9, starts: 4 }),
    9,
  );
});
test('against the same night in steps of a second, written apart: charge within 0.1 %, volts within 10 mV, over generated nights', () => {
  fc.assert(
    fc.property(anyNight, ({ load: l, battery: b }) => {
      const night = batteryNight(l, b);
      const spellS = (l.nightHours * 3600) / l.starts;
      let heldAh = b.fromShare * b.coldAh;
      for (let s = 0; s < l.nightHours * 3600; s += 1) {
        const intoS = s % spellS;
        const glow = intoS < l.startMinutes * 60 || intoS >= spellS - l.startMinutes * 60;
        if (s % 60 === 0) {
          const point = night[s / 60];
          expect(Math.abs((point?.share ?? NaN) - heldAh / b.coldAh)).toBeLessThan(0.001);
          const volts = (restVAt(heldAh / b.coldAh, b.kind) * b.nominalV) / 12 - ((glow ? l.startA : l.runA) + l.othersA) * b.ohm;
          expect(Math.abs((point?.volts ?? NaN) - volts)).toBeLessThan(0.01);
        }
        const amps = l.runA + l.othersA + (glow ? l.startA : 0) - l.chargeA;
        heldAh = Math.min(b.coldAh, Math.max(0, heldAh - amps / 3600));
      }
    }),
    { numRuns: sampleOf(60, 12) },
  );
}, 60_000);
test('it is never emptier than empty nor fuller than full, and the last point is one more start', () => {
  fc.assert(
    fc.property(anyNight, ({ load: l, battery: b }) => {
      const night = batteryNight(l, b);
      expect(night.every(({ share }) => share >= 0 && share <= 1)).toBe(true);
      expect(last(night)).toMatchObject({ min: l.nightHours * 60, glow: true });
    }),
    { numRuns: sampleOf(300, 60) },
  );
});
test('a charger that gives what is drawn leaves the battery as it was', () => {
  const even = { ...load, startA: 0, chargeA: 1.4 };
  expect(last(batteryNight(even, battery)).share).toBeCloseTo(0.95, 12);
});
