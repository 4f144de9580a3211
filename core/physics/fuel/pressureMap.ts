import { ambientPa } from '../air/ambientPa';
import { densityKgM3 } from './densityKgM3';
import type { Fuel } from './fuels';
import { gasOfStroke } from './gasShare';
import { lowestSuctionPa, type FuelState, type RunFacts } from './pressureAlong';
import { gravityMS2 } from './gravityMS2';
import { viscosityMm2S } from './viscosityMm2S';

/** A fuel as it flows at a temperature, °C. */
export const fuelState = (fuel: Fuel, temperatureC: number): FuelState => ({
  viscosityMm2S: viscosityMm2S(
    [
      [40, fuel.viscosityMm2SAt40C],
      [100, fuel.viscosityMm2SAt100C],
    ],
    temperatureC,
  ),
  densityKgM3: densityKgM3(fuel.densityKgM3At15C, temperatureC),
});

export interface MapFacts extends Omit<RunFacts, 'fuel' | 'ambientPa' | 'levelMm'> {
  fuel: Fuel;
  altitudeM: number;
  /** highest level that the map shows, mm */ fullMm: number;
  /** lowest and highest temperature, °C */ fromC: number;
  toC: number;
  /** gas in each stroke from which on it does not work, % */ limitPercent: number;
}
export interface PressureMap {
  temperaturesC: number[];
  levelsMm: number[];
  /** Gas in each stroke, %, by level and then by temperature. */
  gasPercent: Float64Array;
  /** Coldest at which it works, at each level, °C; null where it does not within the map. */
  borderC: (number | null)[];
}

/** Gas in each stroke, % of it, at a temperature and a level. */
export function gasPercentAt(facts: MapFacts, temperatureC: number, levelMm: number): number {
  const air = ambientPa(facts.altitudeM);
  return (
    100 * gasOfStroke(air, lowestSuctionPa({ ...facts, fuel: fuelState(facts.fuel, temperatureC), ambientPa: air, levelMm }))
  );
}

/** The coldest at which the gas stays within the limit and the filter is not plugged, °C; null where there is none within the bounds. */
export function goodDownToC(facts: MapFacts, levelMm: number): number | null {
  const min = Math.max(facts.fromC, facts.fuel.cfppC ?? -Infinity);
  const works = (temperatureC: number) =>
    levelMm > facts.pickupMm && gasPercentAt(facts, temperatureC, levelMm) <= facts.limitPercent;
  if (min > facts.toC || !works(facts.toC)) return null;
  if (works(min)) return min;
  let [cold, warm] = [min, facts.toC];
  while (warm - cold > 0.05) {
    const middle = (cold + warm) / 2;
    if (works(middle)) warm = middle;
    else cold = middle;
  }
  return warm;
}

/**
 * Temperature against level: how much gas there is in each stroke, and where the run stops working.
 * @param size cells each way, 2 to 200
 * @source pressures: see `pressureAlong`; the limit is Lorbet's own choice
 */
export function pressureMap(facts: MapFacts, size = 60): PressureMap {
  const steps = (from: number, to: number) => Array.from({ length: size }, (_, i) => from + ((to - from) * i) / (size - 1));
  const temperaturesC = steps(facts.fromC, facts.toC);
  const levelsMm = steps(0, facts.fullMm);
  const gasPercent = new Float64Array(size * size);
  const air = ambientPa(facts.altitudeM);
  temperaturesC.forEach((temperature, column) => {
    // A level higher by so much adds the same head everywhere, so each temperature is worked out once.
    const fuel = fuelState(facts.fuel, temperature);
    const empty = lowestSuctionPa({ ...facts, fuel, ambientPa: air, levelMm: 0 });
    levelsMm.forEach((level, row) => {
      const suction = empty + (fuel.densityKgM3 * gravityMS2 * level) / 1000;
      gasPercent[row * size + column] = level <= facts.pickupMm ? Infinity : 100 * gasOfStroke(air, suction);
    });
  });
  return { temperaturesC, levelsMm, gasPercent, borderC: levelsMm.map((level) => goodDownToC(facts, level)) };
}
