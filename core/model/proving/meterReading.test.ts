import fc from 'fast-check';
import { meterLooksBackS, meterReading } from './meterReading';

const everySecond = (value: number[]) => ({ s: value.map((_, i) => i), value });
const shown = fc.array(fc.integer({ min: 0, max: 2000 }), { minLength: 1, maxLength: 120 });

test('a meter that has shown nothing gives no reading', () => {
  expect(meterReading({ s: [], value: [] })).toBeNull();
});
test('what is kept is never less than anything it showed within the last half minute, and nothing older counts', () => {
  fc.assert(
    fc.property(shown, (value) => {
      const lately = value.slice(-meterLooksBackS - 1);
      expect(meterReading(everySecond(value))?.ppm).toBe(Math.max(...lately));
    }),
  );
});
test('a meter that still climbs is not steady, nor is one that was only just begun', () => {
  const climbs = everySecond(Array.from({ length: 60 }, (_, i) => i));
  const begun = everySecond(Array.from({ length: 20 }, () => 12));
  const rests = everySecond([...Array.from({ length: 30 }, (_, i) => i), ...Array.from({ length: 40 }, (_, i) => 30 + (i % 3))]);
  expect([climbs, begun, rests].map((one) => meterReading(one)?.steady)).toEqual([false, false, true]);
});
test('at a low level a step of the meter is no movement; at a high one a tenth is none', () => {
  const around = (low: number, high: number) =>
    meterReading(everySecond(Array.from({ length: 40 }, (_, i) => (i % 2 ? high : low))));
  expect([around(0, 2), around(0, 3), around(180, 200), around(179, 200)].map((one) => one?.steady)).toEqual([
    true,
    false,
    true,
    false,
  ]);
});
