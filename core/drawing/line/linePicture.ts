import { ambientPa } from '../../physics/air/ambientPa';
import type { Build } from '../../build/Build';
import { valueAt } from '../../build/sheets';
import { drawnFrom } from '../../figures/readerOf';
import type { Need } from '../../reading/Reader';
import { lowerFirst, formatFixed, formatShort } from '../../units/formatNumber';
import { bubbleBoreLimitMm } from '../../physics/fuel/bubbleBoreLimitMm';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { gasTraps, type GasTrap } from '../../physics/fuel/gasTraps';
import { lineVolumeMl } from '../../physics/fuel/lineVolumeMl';
import { pressureAlong, segmentDropPa, type PressureNode } from '../../physics/fuel/pressureAlong';
import { peakFlowMlS, peakInLineMlS } from '../../physics/fuel/peakFlowMlS';
import { fuelState, goodDownToC, type MapFacts } from '../../physics/fuel/pressureMap';
import { coldestFuelC, mapFacts } from '../../model/fuel/runFacts';

/** What a person may try out: other weather, other place, other level. */
export interface Trial {
  frequencyHz: number;
  temperatureC: number;
  altitudeM: number;
  levelMm: number;
}
export interface LinePicture {
  facts: MapFacts;
  /** As the build has it: full output, coldest fuel, its altitude, the level of the day. */
  asBuilt: Trial;
  traps: GasTrap[];
}

/** All that the pictures of the line rest on; or what is missing for them. */
export function linePicture(build: Build): LinePicture | { missing: readonly Need[] } {
  return drawnFrom(build, (read) => {
    const facts = mapFacts(read);
    const cold = coldestFuelC(read);
    return {
      facts,
      asBuilt: {
        frequencyHz: facts.frequencyHz,
        temperatureC: cold,
        altitudeM: facts.altitudeM,
        levelMm: Math.min(valueAt(build.sheets, 'fuel.fuelLevelMm') ?? facts.fullMm / 2, facts.fullMm),
      },
      traps: gasTraps(facts.route, bubbleBoreLimitMm(densityKgM3(facts.fuel.densityKgM3At15C, 15))),
    };
  });
}

export interface Profile {
  nodes: PressureNode[];
  /** The lowest before the pump. */
  lowest: PressureNode;
  /** Of each stroke, what is gas, %. */
  gasPercent: number;
  ambientPa: number;
}
/** Pressures along the line as tried. */
export function profileAt(facts: MapFacts, trial: Trial): Profile {
  const air = ambientPa(trial.altitudeM);
  const nodes = pressureAlong({
    ...facts,
    frequencyHz: trial.frequencyHz,
    fuel: fuelState(facts.fuel, trial.temperatureC),
    ambientPa: air,
    levelMm: trial.levelMm,
  });
  const before = nodes.filter(({ side }) => side === 'suction');
  const lowest = before.reduce((low, node) => (node.peakPa < low.peakPa ? node : low), before[0] as PressureNode);
  return {
    nodes,
    lowest,
    gasPercent: lowest.gas * 100,
    ambientPa: air,
  };
}

/** What the profile comes to, in a sentence. */
export function profileSentence(facts: MapFacts, trial: Trial): string {
  const { nodes, lowest, gasPercent } = profileAt(facts, trial);
  const last = nodes.filter(({ side }) => side === 'suction').pop();
  const where = lowest === last ? 'the pump' : lowest.name;
  if (trial.levelMm <= facts.pickupMm)
    return `The fuel stands at ${formatFixed(trial.levelMm)} mm, below the pickup at ${formatFixed(facts.pickupMm)} mm: nothing comes.`;
  if (lowest.peakPa <= 0)
    return `The pump can’t draw this fuel at ${formatFixed(trial.temperatureC)} °C: at ${where} the line would need ${formatFixed(-lowest.peakPa / 1000)} kPa more than the air gives.`;
  const cost = gasPercent < 0.5 ? 'and no air comes out there' : `and ${formatFixed(gasPercent)} % of each stroke is gas there`;
  return `Lowest at ${where}: ${formatFixed(lowest.peakPa / 1000)} kPa absolute at the height of the stroke, ${cost}.`;
}

const shares = [
  [0.125, 'nearly empty'],
  [0.375, 'with a quarter tank'],
  [0.625, 'with half a tank'],
  [0.875, 'with three quarters'],
  [2, 'with a full tank'],
] as const;

/** "This run is good to −17 °C on grade D with a quarter tank." */
export function goodSentence(facts: MapFacts, levelMm: number): string {
  if (levelMm <= facts.pickupMm)
    return `Fuel stands at ${formatFixed(levelMm)} mm, the pickup at ${formatFixed(facts.pickupMm)} mm: nothing comes, however warm it is.`;
  const good = goodDownToC(facts, levelMm);
  const share = levelMm / facts.fullMm;
  const tank = shares.find(([max]) => share <= max)?.[1] ?? 'with a full tank';
  const on = `on ${lowerFirst(facts.fuel.label)} ${tank}`;
  if (good === null) return `This run does not work at any temperature ${on}.`;
  const { cfppC } = facts.fuel;
  const why =
    cfppC !== null && good <= cfppC + 0.01
      ? '; colder, the fuel itself plugs'
      : good <= facts.fromC + 0.01
        ? ', as cold as it is reckoned'
        : '; colder, gas takes over';
  return `This run is good to ${formatShort(Math.ceil(good))} °C ${on}${why}.`;
}

export interface BoreTried {
  boreMm: number;
  volumeMl: number;
  dropKPa: number;
  speedMmS: number;
  carries: boolean;
  strokes: number;
}
/** The whole line in other bores: what it would hold, cost and carry. */
export function boresTried(
  facts: MapFacts,
  temperatureC: number,
  boresMm: readonly number[] = [1.5, 2, 2.5, 3, 4, 5, 6],
): BoreTried[] {
  const fuel = fuelState(facts.fuel, temperatureC);
  const carriesMm = bubbleBoreLimitMm(densityKgM3(facts.fuel.densityKgM3At15C, 15));
  const mean = facts.doseMl * facts.frequencyHz;
  const peak = peakInLineMlS(mean, peakFlowMlS(facts.doseMl, facts.strokeS), facts.softening);
  return boresMm.map((boreMm) => {
    const all = facts.route.segments.map((segment) => ({ ...segment, boreMm }));
    const volumeMl = all.reduce((sum, { lengthM }) => sum + lineVolumeMl(boreMm, lengthM), 0);
    return {
      boreMm,
      volumeMl,
      dropKPa:
        all.filter(({ side }) => side === 'suction').reduce((sum, segment) => sum + segmentDropPa(segment, fuel, peak), 0) / 1000,
      speedMmS: mean / lineVolumeMl(boreMm, 0.001),
      carries: boreMm < carriesMm,
      strokes: Math.round(volumeMl / facts.doseMl),
    };
  });
}
