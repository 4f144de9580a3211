import fc from 'fast-check';
import { parseQuantity } from './parseQuantity';
import { formatFixed, formatShort } from './formatNumber';
import type { UnitId } from './units';

test.each<[string, UnitId, number]>([
  ['24', 'mm', 24],
  [' 0,62 ', 'm', 0.62],
  ['24 in', 'mm', 609.6],
  ['2"', 'mm', 50.8],
  ['10 °F', '°C', -12.2222222222],
  ['−12', '°C', -12],
  ['–12 °C', '°C', -12],
  ['12 AWG', 'mm²', 3.309],
  ['awg 14', 'mm²', 2.081],
  ['4 mm²', 'mm²', 4],
  ['4 mm2', 'mm²', 4],
  ['250 mA', 'A', 0.25],
  ['90 s', 'min', 1.5],
  ['2.50', 'V', 2.5],
  ['.5', 'mL', 0.5],
  ['1,5 mL', 'mL', 1.5],
  ['0,022', 'mL', 0.022],
  ['620 mm', 'm', 0.62],
  ['12.4V', 'V', 12.4],
  // US gallon 231 in³, imperial gallon 4.54609 L: both by definition
  ['2 US gal', 'L', 7.5708],
  ['2 imp gal', 'L', 9.0922],
])('%j as %s is %d', (text, unit, value) => {
  const parsed = parseQuantity(text, unit);
  expect(parsed.ok && parsed.value).toBeCloseTo(value, 3);
});

test.each<[string, UnitId, RegExp]>([
  ['', 'mm', /empty/],
  ['   ', 'mm', /empty/],
  ['abc', 'mm', /not a number/],
  ['24 V', 'mm', /does not fit a figure in mm/],
  ['2 gal', 'L', /in gallons, of which there are two; write US gal or imp gal/],
  ['2 gallons', 'L', /of which there are two/],
  ['24 furlongs', 'mm', /not a unit/],
  ['1,250', 'mm', /two ways/],
  ['1.250,5', 'mm', /two ways/],
  ['1 250', 'mm', /two ways/],
  ['2..5', 'mm', /not a number/],
  ['1e400', 'mm', /not a unit/],
  ['Infinity', 'mm', /not a number/],
  ['12 AWG', 'mm', /AWG/],
  ['=1+1', 'mm', /not a number/],
  ['5 constructor', 'mm', /not a unit/],
  ['5 __proto__', 'mm', /not a unit/],
])('%j as %s is refused', (text, unit, reason) => {
  const parsed = parseQuantity(text, unit);
  expect(parsed.ok ? '' : parsed.reason).toMatch(reason);
});

test('any text gives a finite number or a reason, never a throw', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 80 }), (text) => {
      const parsed = parseQuantity(text, 'mm');
      return parsed.ok ? Number.isFinite(parsed.value) : parsed.reason.length > 5;
    }),
    { numRuns: 2000 },
  );
});
test('what is shown reads back', () => {
  fc.assert(
    fc.property(fc.integer({ min: -99999, max: 99999 }), (n) => {
      const parsed = parseQuantity(formatShort(n / 100).replace('\u2009', ''), 'mm');
      return parsed.ok && Math.abs(parsed.value - n / 100) < 1e-9;
    }),
  );
  expect([formatFixed(-12.345, 1), formatFixed(-0.01, 1), formatFixed(12345.6, 0), formatShort(2.5), formatShort(10)]).toEqual([
    '−12.3',
    '0.0',
    '12\u2009346',
    '2.5',
    '10',
  ]);
});
