import { within } from '../within';
/** Flexible (class 5) copper, Ω/km at 20 °C by mm². Source: IEC 60228 (from memory). */
const class5: readonly (readonly [number, number])[] = [
  [0.75, 26.0],
  [1, 19.5],
  [1.5, 13.3],
  [2.5, 7.98],
  [4, 4.95],
  [6, 3.3],
  [10, 1.91],
  [16, 1.21],
  [25, 0.78],
  [35, 0.554],
  [50, 0.386],
  [70, 0.272],
];

/**
 * Resistance of a flexible copper conductor.
 * A size of the table is looked up; one between (an American gauge, say) is taken from the nearest size, scaled by area.
 * @param areaMm2 0.2 to 70 mm²
 * @param temperatureC of the copper, °C
 * @returns Ω/km
 * @throws RangeError naming quantity, value and bounds
 * @example copperOhmPerKm(2.5, 20) // 7.98
 * @source IEC 60228 class 5; IEC 60028 for 0.00393 /K (from memory)
 */
export function copperOhmPerKm(areaMm2: number, temperatureC: number): number {
  within('area', areaMm2, 'mm²', { above: 0 });
  within('temperature of the copper', temperatureC, '°C', { min: -100, max: 400 });
  const [area, ohm] = class5.reduce((best, row) =>
    Math.abs(Math.log(row[0] / areaMm2)) < Math.abs(Math.log(best[0] / areaMm2)) ? row : best,
  );
  return ((ohm * area) / areaMm2) * (1 + 0.00393 * (temperatureC - 20));
}
