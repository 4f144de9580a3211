import { sources, type SourceId } from '../build/fuelSources';
import { floorMm } from './siting';
import type { Answers, Distance } from './Answers';
import { about, mostly, type Usual } from './usual';

interface Tank {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
  emptyKg: number;
  holeMm: number;
  fittingMm: number;
  clearanceMm: number;
}
/** Tanks as they are met. Common practice, no source. */
const kitTank: Tank = { lengthMm: 330, widthMm: 150, heightMm: 220, emptyKg: 1.2, holeMm: 8, fittingMm: 7.8, clearanceMm: 0 };
const ownTank: Tank = { lengthMm: 420, widthMm: 190, heightMm: 260, emptyKg: 2.4, holeMm: 16, fittingMm: 15.8, clearanceMm: 28 };
const vehicleTank: Tank = {
  lengthMm: 650,
  widthMm: 420,
  heightMm: 250,
  emptyKg: 11,
  holeMm: 16,
  fittingMm: 15.8,
  clearanceMm: 28,
};
const tanks: Readonly<Record<SourceId, Tank>> = {
  kitTank,
  ownTank,
  standpipe: vehicleTank,
  returnBranch: vehicleTank,
  feedTee: vehicleTank,
};

/** Metres of line from the tank to the heater. Lorbet's own choice, no source. */
export function lineM({ shape, tankAway }: Pick<Answers, 'shape' | 'tankAway'>): number {
  const lengthM = floorMm({ shape }).length / 1000;
  const away: Record<Distance, number> = { near: 1.2, middle: Math.max(2.4, lengthM * 0.5 + 0.6), far: lengthM * 0.75 + 1.2 };
  return Math.round(away[tankAway] * 20) / 20;
}

/** Tank, pickup, filter, pump and line as they are usually done. */
export function usualFuel(answers: Answers): Usual {
  const { source, place } = answers;
  const { vehicle } = sources[source];
  const tank = tanks[source];
  const total = lineM(answers);
  const suction = Math.max(0.5, total * 0.35);
  const heaterUp = (vehicle ? tank.heightMm + 120 : 390) - (place === 'under' ? 240 : 0);
  const size = vehicle ? 'a vehicle’s tank is about this large' : 'such tanks are about this large';
  const share = 'a third of the way lies before the pump, where a bracket finds steel';
  return {
    ...mostly('tank.secondTank', 'none', ['none', 'beforePump'], 'one tank'),
    ...mostly('tank.fuelState', 'fresh', ['fresh', 'old'], 'filled for the first fire'),
    ...mostly('tank.shape', 'box', ['box', 'upright', 'lying'], 'most tanks are near a box'),
    ...about('fuel.tankLengthMm', tank.lengthMm, tank.lengthMm * 0.6, tank.lengthMm * 1.8, size),
    ...about('tank.widthMm', tank.widthMm, tank.widthMm * 0.6, tank.widthMm * 1.8, size),
    ...about('fuel.tankHeightMm', tank.heightMm, tank.heightMm * 0.6, tank.heightMm * 1.6, size),
    ...about('tank.emptyKg', tank.emptyKg, tank.emptyKg * 0.5, tank.emptyKg * 2.5, size),
    ...about('fuel.fuelLevelMm', tank.heightMm * 0.55, 20, tank.heightMm, 'half full'),
    ...mostly(
      'tank.lowered',
      vehicle ? 'two' : 'one',
      ['one', 'two', 'jack', 'stays'],
      vehicle ? 'a vehicle’s tank takes two' : 'it is small enough for one',
    ),
    ...mostly(
      'tank.paper',
      vehicle ? 'vehicle' : source === 'ownTank' ? 'certified' : 'bought',
      vehicle ? ['vehicle'] : ['certified', 'bought', 'tested', 'untested'],
      'as such tanks are sold',
    ),
    ...mostly(
      'tank.place',
      vehicle ? 'vehicle' : 'outside',
      vehicle ? ['vehicle'] : ['outside', 'locker', 'living'],
      'as it ought to stand',
    ),
    ...mostly('tank.guard', vehicle ? 'notNeeded' : 'yes', ['yes', 'no', 'notNeeded'], 'as it ought to be done'),
    ...mostly(
      'tank.vent',
      vehicle ? 'vehicle' : source === 'kitTank' ? 'bare' : 'filtered',
      vehicle ? ['vehicle'] : ['filtered', 'bare', 'inside'],
      source === 'kitTank' ? 'a kit’s tank has no filter at its vent' : 'as such tanks are sold',
    ),
    ...mostly(
      'tank.filler',
      vehicle ? 'vehicle' : 'outside',
      vehicle ? ['vehicle'] : ['outside', 'inside', 'taken'],
      'as it ought to be done',
    ),
    ...mostly(
      'tank.restraint',
      vehicle ? 'vehicle' : source === 'kitTank' ? 'screws' : 'crash',
      vehicle ? ['vehicle', 'crash'] : ['crash', 'screws', 'stretch', 'none'],
      source === 'kitTank' ? 'a kit’s brackets are screwed into trim' : 'as it ought to be done',
    ),
    ...about(
      'tank.spaceLengthMm',
      tank.lengthMm + 80,
      tank.lengthMm * 0.8,
      tank.lengthMm * 2,
      'a place is looked for that is large enough',
    ),
    ...about(
      'tank.spaceWidthMm',
      tank.widthMm + 60,
      tank.widthMm * 0.8,
      tank.widthMm * 2,
      'a place is looked for that is large enough',
    ),
    ...about(
      'tank.spaceHeightMm',
      tank.heightMm + 120,
      tank.heightMm * 0.8,
      tank.heightMm * 2,
      'a place is looked for that is large enough',
    ),
    ...mostly(
      'fuel.pickupKind',
      source === 'kitTank' ? 'bottomOutlet' : 'standpipe',
      ['standpipe', 'bottomOutlet', 'sideOutlet'],
      'as such tanks are tapped',
    ),
    ...about(
      'fuel.pickupClearanceMm',
      tank.clearanceMm,
      0,
      60,
      source === 'kitTank' ? 'an outlet at the bottom' : '25 to 30 mm is usual',
    ),
    ...about('tank.depthAtSpotMm', tank.heightMm, tank.heightMm * 0.6, tank.heightMm * 1.6, 'as high as the tank'),
    ...about('tank.holeMm', tank.holeMm, 6, 20, 'the fittings of such kits'),
    ...about('tank.fittingMm', tank.fittingMm, 6, 20, 'the fittings of such kits'),
    ...(vehicle ? about('tank.reserveL', 8, 0, 30, 'what owners ask for') : {}),
    ...about('fuel.suctionLengthM', suction, 0.3, Math.max(3, total * 0.8), share),
    ...about('fuel.suctionBoreMm', 2, 1.5, 5, 'the heater’s own bore; soft line is met at 4 and 5 mm'),
    ...about('fuel.pressureLengthM', total - suction, 0.4, total + 2.5, share),
    ...about('fuel.pressureBoreMm', 2, 1.5, 5, 'the heater’s own bore; soft line is met at 4 and 5 mm'),
    ...about('fuel.jointGapMm', 0, 0, 8, 'ends pushed until they butt'),
    ...mostly('fuel.filterPlace', 'beforePump', ['beforePump', 'afterPump'], 'a minority puts it after the pump'),
    ...mostly('fuel.filterDirection', 'withFlow', ['withFlow', 'againstFlow'], 'as its arrow shows'),
    ...mostly('fuel.pumpDirection', 'withFlow', ['withFlow', 'againstFlow'], 'as its arrow shows'),
    ...about('fuel.pumpAngleDeg', 25, 0, 60, 'outlet up; flat is met, and wrong'),
    ...about('fuel.pumpAboveTankFloorMm', 80, -200, 500, 'near the tank, as low as its bracket allows'),
    ...about('line.clipsApartMm', 500, 200, 1500, 'every 300 to 500 mm is good work; a metre and more is met'),
    ...mostly('line.passes', 'clear', ['clear', 'hot', 'brake', 'sharp'], 'as it ought to run'),
    ...mostly('line.pumpMount', 'rubber', ['rubber', 'tie', 'hard'], 'a kit brings its rubber; a tie is met'),
    ...about(
      'fuel.heaterAboveTankFloorMm',
      heaterUp,
      heaterUp - 350,
      heaterUp + 500,
      'a heater on the floor, a tank below or beside it',
    ),
  };
}
