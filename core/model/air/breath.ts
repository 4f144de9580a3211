import { ambientPa } from '../../physics/air/ambientPa';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import {
  biodieselMass,
  burnedGas,
  dieselMass,
  paraffinicMass,
  stoichiometricAirKg,
  type FuelMass,
} from '../../physics/gas/burning';
import { burnerAir, burnerFan, pipesPa, type Breathing, type Burning } from '../../physics/gas/burnerAir';
import { exhaustCp } from '../../physics/gas/gasProperties';
import { pipeHeat, type HotPiece, type HotSpot } from '../../physics/gas/pipeHeat';
import type { Conduit } from '../../physics/flow/dropPa';
import type { Fan } from '../../physics/flow/fan';
import type { Reader } from '../../reading/Reader';
import { fuelOf } from '../fuel/runFacts';
import { conduitsOf, sits, wayOf, type Piece, type Way } from './wayOf';

/** The pipes that a kit brings, by which its fan is reckoned: half a metre in, 0.6 m out, two bends, silencer and muffler. Common practice, no source. */
const kitIntake: Way = { own: false, pieces: [{ id: null, name: 'kit', lengthM: 0.5, riseMm: 0, boreMm: 25, bends: 1 }] };
const kitExhaust: Way = { own: false, pieces: [{ id: null, name: 'kit', lengthM: 0.6, riseMm: 0, boreMm: 24, bends: 2 }] };
const kitGasC = 300;
/** Road diesel. EN 590, from memory */
const roadKgM3 = 832;
/** Wall of an exhaust; wrap or sleeve: thickness and λ. Makers’ usual range, from memory. */
export const wallMm = 0.4;
const covers = {
  bare: { coverMm: 0, coverWMK: 0 },
  wrap: { coverMm: 4, coverWMK: 0.08 },
  sleeve: { coverMm: 8, coverWMK: 0.07 },
} as const;
/** How thick a piece is outside, over its wrap or sleeve, mm. */
export const outsideMmOf = ({ boreMm, cover = 'bare' }: Pick<Piece, 'boreMm' | 'cover'>): number =>
  boreMm + 2 * (wallMm + covers[cover].coverMm);
/** A warm day, for what gets hot. Lorbet’s own choice, no source */
export const warmC = 25;

/** Burning at one setting of the heater, and what it makes of its exhaust. */
export interface Breath extends Burning {
  hz: number;
  fuelKgS: number;
  /** the gas at the spigot */ spigotC: number;
  /** gas and wall along the way */ spots: readonly HotSpot[];
  ambientC: number;
}
/** How a build breathes: all that is the same for every setting. */
export interface Breather {
  fan: Fan;
  mass: FuelMass;
  /** kg/s a hertz */ fuelKgHz: number;
  /** heat of a kg of fuel that goes out with the gas, J */ wasteJKg: number;
  exhaust: Way;
  intake: Way;
  muffler: boolean;
  /** both ways as they are reckoned with */ air: Conduit[];
  out: Conduit[];
  minHz: number;
  maxHz: number;
  minSpeed: number;
}

/** Fuel by what it is made of. */
const massOf = (grade: string): FuelMass =>
  grade === 'paraffinic' ? paraffinicMass : grade === 'biodiesel' ? biodieselMass : dieselMass;

export const breatherOf = (read: Reader): Breather => read.shared('breather', readBreather);
function readBreather(read: Reader): Breather {
  const { minHz, maxHz, grade } = read.all({ minHz: 'heater.pumpMinHz', maxHz: 'heater.pumpMaxHz', grade: 'heater.fuelGrade' });
  const fuel = fuelOf(read);
  const fuelKgHz = read.derived('fuel.doseMl') * densityKgM3(fuel.densityKgM3At15C, 15) * 1e-6;
  const mass = massOf(grade);
  const exhaust = wayOf(read, 'exhaust');
  const intake = wayOf(read, 'intake');
  const rowsSayMuffler = exhaust.own && exhaust.pieces.some(({ kind }) => kind === 'muffler');
  const muffler = !rowsSayMuffler && !exhaust.own && read.maybe('air.mufflerHole') !== 'noMuffler';
  const said = read.maybe('pipes.silencer');
  const silencer =
    said === 'blocked'
      ? sits.blocked
      : said === 'none' || intake.pieces.some(({ kind }) => kind === 'silencer')
        ? 0
        : sits.silencer;
  const kit: Breathing = {
    intake: conduitsOf(kitIntake, 'intake', sits.silencer),
    exhaust: conduitsOf(kitExhaust, 'exhaust', sits.muffler).map((one) => ({ ...one, gasC: kitGasC })),
    airC: 15,
    pressurePa: ambientPa(0),
  };
  const excess = read.limit('excessAirFull').value;
  // The fan is as it is whatever is burnt: it is reckoned by road diesel.
  const roadKgS = read.derived('fuel.doseMl') * maxHz * roadKgM3 * 1e-6;
  const kitCost = pipesPa(kit, excess * roadKgS * stoichiometricAirKg(dieselMass), roadKgS);
  // Whatever is assumed of a fan, it drives the pipes that it was sold with, and with something to spare.
  const shutPa = Math.max(read.limit('burnerFanPa').value, 1.5 * (kitCost.intake + kitCost.exhaust));
  return {
    fan: burnerFan(shutPa, kit, excess, roadKgS, dieselMass),
    mass,
    fuelKgHz,
    wasteJKg: fuel.heatingValueMJKg * 1e6 * (1 - read.limit('efficiencyPercent').value / 100),
    exhaust,
    intake,
    muffler,
    air: conduitsOf(intake, 'intake', silencer),
    out: conduitsOf(exhaust, 'exhaust', muffler ? sits.muffler : 0),
    minHz,
    maxHz,
    minSpeed: read.limit('burnerFanMinPercent').value / 100,
  };
}

const hotPieces = ({ pieces }: Way): HotPiece[] =>
  pieces.map(({ lengthM, boreMm, wall, cover = 'bare', coverM }) => ({
    lengthM,
    boreMm,
    wallMm,
    corrugated: wall !== 'smooth',
    coverM: coverM ?? lengthM,
    ...covers[cover],
  }));

/** Where the heater stands, and how fast its pump beats. */
export interface Setting {
  hz: number;
  airC: number;
  altitudeM: number;
}
/** The two pipes and the fan at any speed of it, whatever the pump does. @param speedShare of the fan's full speed, above 0 */
export function burningWith(
  { fan, mass, fuelKgHz, air, out }: Breather,
  { hz, airC, altitudeM }: Setting,
  speedShare: number,
  gasC: readonly number[],
  beginKgS?: number,
): Burning {
  const pipes: Breathing = {
    intake: air,
    exhaust: out.map((one, i) => ({ ...one, gasC: gasC[i] ?? kitGasC })),
    airC,
    pressurePa: ambientPa(altitudeM),
  };
  return burnerAir(fan, speedShare, pipes, fuelKgHz * hz, mass, beginKgS);
}
/** The same as its controller drives them: fan and pump go up together. */
export function burningAt(breather: Breather, setting: Setting, gasC: readonly number[], beginKgS?: number): Burning {
  const { minHz, maxHz, minSpeed } = breather;
  const share = maxHz > minHz ? Math.min(1, Math.max(0, (setting.hz - minHz) / (maxHz - minHz))) : 1;
  return burningWith(breather, setting, minSpeed + (1 - minSpeed) * share, gasC, beginKgS);
}

/** The heater at a setting: its air by the gas as hot as guessed, then the gas along the pipe, then its air by the gas as hot as it is. */
export function breathAt(breather: Breather, setting: Setting): Breath {
  const { mass, fuelKgHz, wasteJKg, exhaust } = breather;
  const { hz, airC, altitudeM } = setting;
  const fuelKgS = fuelKgHz * hz;
  const guessed = burningAt(
    breather,
    setting,
    exhaust.pieces.map(() => kitGasC),
  );
  const gas = burnedGas(mass, Math.min(20, Math.max(1, guessed.excessAir)));
  // Starved of air the gas would be hotter than anything burns; it is not reckoned beyond that.
  const over = Math.min(9e5, (wasteJKg * fuelKgS) / guessed.gasKgS);
  const spigotC = Math.min(800, airC + over / exhaustCp(airC + over / exhaustCp(150) / 2));
  const spots = pipeHeat(hotPieces(exhaust), {
    massKgS: guessed.gasKgS,
    inC: spigotC,
    ambientC: airC,
    pressurePa: ambientPa(altitudeM),
    molarMassKg: gas.molarMassKg,
    waterShare: gas.waterShare,
  });
  return {
    ...burningAt(breather, setting, meansOf(spots, exhaust), guessed.airKgS),
    hz,
    fuelKgS,
    spigotC,
    spots,
    ambientC: airC,
  };
}
/** The gas in each piece, on the mean. */
export const meansOf = (spots: readonly HotSpot[], { pieces }: Way): number[] =>
  pieces.map((_, i) => {
    const own = spots.filter(({ piece }) => piece === i);
    return own.length === 0 ? kitGasC : own.reduce((sum, spot) => sum + spot.gasC, 0) / own.length;
  });

/** At full on a warm day at sea level: what gets hottest. */
export const breathFull = (read: Reader): Breath =>
  read.shared('breath full', (shared) => {
    const breather = breatherOf(shared);
    return breathAt(breather, { hz: breather.maxHz, airC: warmC, altitudeM: 0 });
  });
/** At its lowest on the coldest night: where most water stays in the pipe. */
export const breathLow = (read: Reader): Breath =>
  read.shared('breath low', (shared) => {
    const breather = breatherOf(shared);
    const { coldest } = shared.all({ coldest: 'survey.coldestC' });
    return breathAt(breather, { hz: breather.minHz, airC: coldest, altitudeM: 0 });
  });
/** At its lowest the gas is cooler by so much; it changes what the exhaust costs, and that is little then. Lorbet’s own assumption, no source. */
export const idleGas = 0.6;
/** The air at its lowest on that same warm day: the other end of its band. */
export const burningIdle = (read: Reader): Burning =>
  read.shared('burning idle', (shared) => {
    const breather = breatherOf(shared);
    const gasC = meansOf(breathFull(shared).spots, breather.exhaust).map((one) => one * idleGas);
    return burningAt(breather, { hz: breather.minHz, airC: warmC, altitudeM: 0 }, gasC);
  });
/**
 * Air over what the fuel needs, at full at the highest place where it will run. Fan and pipes both go with the density of the air, so that the same
 * volume flows, and its mass goes with the pressure.
 */
export const excessAirHigh = (read: Reader): number =>
  breathFull(read).excessAir * (ambientPa(Math.max(0, read.maybe('heater.altitudeM') ?? 0)) / ambientPa(0));

/** Water that condenses in the exhaust, kg/s. */
export const waterKgS = ({ spots }: Breath): number => spots.reduce((sum, spot) => sum + spot.waterKgS, 0);
