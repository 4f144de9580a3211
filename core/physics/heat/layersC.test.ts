import fc from 'fast-check';
import { limits } from '../../practices/limits';
import { layersC } from './layersC';

const van = { lossWK: 42, floorM2: 4, stillWM2K: limits.stillAirWM2K.value, airWK: 0, insideC: 14, outsideC: -10 };

// Common practice, no source: as plausibility only.
test('a small van without a blower comes to about 24 °C under the roof and 4 °C by the floor', () => {
  const { floorC, roofC } = layersC(van);
  expect(Math.abs(floorC - 4)).toBeLessThan(2.5);
  expect(Math.abs(roofC - 24)).toBeLessThan(2.5);
});
test('both layers are in balance: what comes down is what is lost below', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(number(1, 400), number(1, 80), number(0, 200), number(-40, 10), (lossWK, floorM2, airWK, outsideC) => {
      const { floorC, roofC } = layersC({ ...van, lossWK, floorM2, airWK, outsideC });
      expect((airWK + van.stillWM2K * floorM2) * (roofC - floorC)).toBeCloseTo((lossWK / 2) * (floorC - outsideC), 6);
      expect((floorC + roofC) / 2).toBeCloseTo(van.insideC, 9);
      // A blower only ever brings them closer.
      expect(roofC - floorC).toBeLessThanOrEqual(layersC({ ...van, lossWK, floorM2, outsideC }).roofC - layersC({ ...van, lossWK, floorM2, outsideC }).floorC + 1e-9); // prettier-ignore
    }),
  );
});
