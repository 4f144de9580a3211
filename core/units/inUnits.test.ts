import fc from 'fast-check';
import { inUnit, inUnits, nearGauge, type UnitPreferences } from './inUnits';
import { parseQuantity } from './parseQuantity';
import { cellUnit, parseTyped } from './parseTyped';
import type { UnitId } from './units';

const imperial: UnitPreferences = { system: 'imperial', wire: 'awg' };
const metric: UnitPreferences = { system: 'metric', wire: 'mm2' };

// Yard, pound and pound-force by definition (1959); °F by definition; gauges ASTM B258 (from memory).
test.each([
  ['Fuel stands at 36 mm, the pickup at 42 mm.', 'Fuel stands at 1.42 in, the pickup at 1.65 in.'],
  ['At −12 °C the pressure falls to 89.3 kPa absolute.', 'At 10 °F the pressure falls to 12.95 psi absolute.'],
  ['Suction line is 2.6 m; at most 2 m is allowed here.', 'Suction line is 8.53 ft; at most 6.56 ft is allowed here.'],
  ['allowed is 50 to 2000 mm.', 'allowed is 1.97 to 78.74 in.'],
  ['Cable of 3.309 mm² may carry 30 A', 'Cable of 12 AWG may carry 30 A'],
  ['Cable of 7 mm² may carry 50 A', 'Cable of 7 mm² may carry 50 A'],
  ['viscosity 4.69 mm²/s, 0.832 kg/L, 5 mΩ, 120 ms, 3 minutes', 'viscosity 4.69 mm²/s, 0.832 kg/L, 5 mΩ, 120 ms, 3 minutes'],
  ['A tank of 408 by 188 by 258 mm.', 'A tank of 16.06 by 7.4 by 10.16 in.'],
  ['It holds 8 L and burns 0.2 L/h.', 'It holds 2.11 US gal and burns 0.053 US gal/h.'],
  ['Ways back are open by 47.5 cm².', 'Ways back are open by 7.4 in².'],
  ['rear bench: 34 m³/h, 101 °C', 'rear bench: 20 cfm, 214 °F'],
  // A difference has no zero of its own: 15 K are 27 °F, not 59.
  ['The coolant leaves 15 K hotter; 15.3 L/min pass it.', 'The coolant leaves 27 °F hotter; 4 US gal/min pass it.'],
  ['squares of 12\u2009500 mm', 'squares of 492.13 in'],
])('%s', (kept, shown) => {
  expect([inUnits(kept, imperial), inUnits(kept, metric)]).toEqual([shown, kept]);
});

test('what a cell shows reads back to what is kept, whatever a person likes', () => {
  const units: UnitId[] = ['mm', 'm', '°C', 'kW', 'V', 'mL', 'mm²', 'm³/h', 'L/min', 'kPa'];
  fc.assert(
    fc.property(
      fc.constantFrom(...units),
      fc.integer({ min: 1, max: 200000 }).map((n) => n / 100),
      fc.constantFrom(metric, imperial, { system: 'imperial', wire: 'mm2' } as const),
      (unit, kept, unitPreferences) => {
        const shown = inUnit(kept, unit, unitPreferences);
        const typed = parseTyped(shown.value.toFixed(9), unit, shown.unit);
        // A gauge stands for the area next to it, within 3 %.
        const within = shown.unit === 'AWG' ? 0.03 : 1e-6;
        if (shown.unit !== 'AWG') expect(typed.ok && Math.abs(typed.value / kept - 1)).toBeLessThan(within);
        const own = parseQuantity(`${kept} ${unit === 'mm²' ? 'mm2' : unit}`, unit);
        expect(own.ok && own.value).toBeCloseTo(kept, 6);
      },
    ),
  );
  expect([nearGauge(2.081), nearGauge(5.261), nearGauge(4)]).toEqual([14, 10, null]);
  expect([cellUnit(null, 'mm²', imperial), cellUnit(4, 'mm²', imperial), cellUnit(2.081, 'mm²', imperial)]).toEqual([
    'AWG',
    'mm²',
    'AWG',
  ]);
  const gauge = parseTyped('12', 'mm²', 'AWG');
  expect(gauge.ok && gauge.value).toBeCloseTo(3.309, 3);
});
