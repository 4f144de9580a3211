import { coolantAt, freezingC, massPercent, swells, type Glycol } from './coolantAt';

// ASHRAE Fundamentals, from memory.
test.each([
  ['ethylene', 10, -3.2],
  ['ethylene', 20, -7.8],
  ['ethylene', 30, -14.1],
  ['ethylene', 40, -22.3],
  ['ethylene', 50, -33.8],
  ['propylene', 10, -3.3],
  ['propylene', 20, -7.1],
  ['propylene', 30, -12.7],
  ['propylene', 40, -21.1],
  ['propylene', 50, -33.5],
] as [Glycol, number, number][])('%s glycol, %d %% by mass, freezes at %d °C (ASHRAE)', (glycol, byMass, c) => {
  expect(freezingC(glycol, byMass)).toBeCloseTo(c, 6);
});
test('half and half of ethylene glycol has the density, viscosity and heat of the handbook (ASHRAE, order of magnitude)', () => {
  const [cold, hot] = [coolantAt('ethylene', 50, 20), coolantAt('ethylene', 50, 80)];
  expect([cold.densityKgM3, hot.densityKgM3]).toEqual([expect.closeTo(1075, 0), expect.closeTo(1040, 0)]);
  expect(cold.viscosityPaS * 1000).toBeCloseTo(4.5, 0);
  expect(hot.viscosityPaS * 1000).toBeCloseTo(1, 1);
  expect(cold.cp).toBeGreaterThanOrEqual(3300);
  expect(cold.cp).toBeLessThanOrEqual(3500);
});
test('half and half swells by about 6 % from −10 to 90 °C (ASHRAE, order of magnitude)', () => {
  expect(swells('ethylene', 50, -10, 90)).toBeGreaterThan(0.05);
  expect(swells('ethylene', 50, -10, 90)).toBeLessThan(0.07);
});
// Steam tables, from memory: 998.2 and 971.8 kg/m³, 1.002 and 0.354 mPa s at 20 and 80 °C.
test('without glycol it is water', () => {
  const [cold, hot] = [coolantAt('ethylene', 0, 20), coolantAt('ethylene', 0, 80)];
  expect([cold.densityKgM3, hot.densityKgM3]).toEqual([expect.closeTo(998.2, 0), expect.closeTo(971.8, 0)]);
  expect(cold.viscosityPaS / 1.002e-3).toBeCloseTo(1, 1);
  expect(hot.viscosityPaS / 0.354e-3).toBeCloseTo(1, 1);
});
test('a share by volume is one by mass by the densities, by hand', () => {
  // 1.113 of glycol on 1 of water.
  expect(massPercent('ethylene', 50)).toBeCloseTo((100 * 1.113) / 2.113, 6);
});
