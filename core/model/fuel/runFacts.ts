import type { Reader } from '../../reading/Reader';
import { ambientPa } from '../../physics/air/ambientPa';
import { blendFuels } from '../../physics/fuel/blendFuels';
import { fuels, type Fuel } from '../../physics/fuel/fuels';
import type { RunFacts } from '../../physics/fuel/pressureAlong';
import { strokeSeconds } from '../../physics/fuel/peakFlowMlS';
import { fuelState, type MapFacts } from '../../physics/fuel/pressureMap';
import { pickupEndMm, pickupTopMm, routeOf } from './routeOf';

/** The fuel of a build, blended where it is. */
export const fuelOf = (read: Reader): Fuel => read.shared('fuel', readFuel);

function readFuel(read: Reader): Fuel {
  const fuel = fuels[read.all({ grade: 'heater.fuelGrade' }).grade];
  const share = read.maybe('tank.blendPercent') ?? 0;
  const other = share > 0 ? read.maybe('tank.blendFuel') : null;
  return other ? blendFuels(fuel, fuels[other], share / 100) : fuel;
}

/** A tank that stands here follows the air of the night; one inside keeps warmer. */
const warmPlaces: readonly string[] = ['living', 'heaterBay'];

/**
 * The coldest that the fuel gets, °C: as given, but outside never warmer than the coldest night.
 * @source the fuel follows the air in a long night: common practice, no source
 */
export function coldestFuelC(read: Reader): number {
  const { given } = read.all({ given: 'heater.coldestFuelC' });
  const [night, place] = [read.maybe('survey.coldestC'), read.maybe('tank.place')];
  return night === null || (place !== null && warmPlaces.includes(place)) ? given : Math.min(given, night);
}

/** What a map of temperature against level needs; the tank drawn down to its pickup is its lowest. */
export const mapFacts = (read: Reader): MapFacts => ({
  ...lineFacts(read),
  limitPercent: read.limit('gasFixPercent').value,
});

type LineFacts = Omit<MapFacts, 'limitPercent'>;
const lineFacts = (read: Reader): LineFacts => read.shared('run facts', readFacts);

function readFacts(read: Reader): LineFacts {
  const f = read.all({
    pumpMm: 'fuel.pumpAboveTankFloorMm',
    heaterMm: 'fuel.heaterAboveTankFloorMm',
    frequencyHz: 'heater.pumpMaxHz',
    altitudeM: 'heater.altitudeM',
    fullMm: 'fuel.tankHeightMm',
  });
  return {
    route: routeOf(read),
    fuel: fuelOf(read),
    altitudeM: f.altitudeM,
    pumpMm: f.pumpMm,
    heaterMm: f.heaterMm,
    pickupMm: pickupEndMm(read),
    pickupTopMm: pickupTopMm(read),
    doseMl: read.derived('fuel.doseMl'),
    frequencyHz: f.frequencyHz,
    softening: read.limit('columnSofteningPercent').value / 100,
    strokeS: (read.maybe('line.strokeMs') ?? strokeSeconds * 1000) / 1000,
    fullMm: f.fullMm,
    fromC: -45,
    toC: 30,
  };
}

/** The run as it stands: at a temperature and a level, by default the coldest and drawn down to the pickup. */
export function runFacts(read: Reader, { temperatureC, levelMm }: { temperatureC?: number; levelMm?: number } = {}): RunFacts {
  const facts = lineFacts(read);
  const cold = temperatureC ?? coldestFuelC(read);
  return {
    ...facts,
    fuel: fuelState(facts.fuel, cold),
    ambientPa: ambientPa(facts.altitudeM),
    levelMm: levelMm ?? facts.pickupMm,
  };
}
