import type { Reader, Derived } from '../../reading/Reader';
import { densityKgM3 } from '../../physics/fuel/densityKgM3';
import { fillShare } from '../../physics/fuel/dipChart';
import { cutStandpipe } from '../../physics/fuel/standpipe';
import { levelForMm, volumeL } from '../../physics/fuel/tankVolume';
import { pickupEndMm } from '../../model/fuel/routeOf';
import { fuelOf } from '../../model/fuel/runFacts';
import { tankOf } from '../../model/fuel/tankOf';

const unusable = (read: Reader) => volumeL(tankOf(read), pickupEndMm(read));
const limitL = (read: Reader) => read.derived('fuel.capacityL') * fillShare;
/** What is in reach now, L. */
const usableNow = (read: Reader): number =>
  Math.max(0, volumeL(tankOf(read), read.all({ level: 'fuel.fuelLevelMm' }).level) - read.derived('fuel.unusableL'));
const fuelKg = (read: Reader, litres: number) => (litres * densityKgM3(fuelOf(read).densityKgM3At15C, 15)) / 1000;

function cutAt(read: Reader) {
  const f = read.all({ depthMm: 'tank.depthAtSpotMm', stackMm: 'tank.flangeStackMm', clearMm: 'fuel.pickupClearanceMm' });
  return cutStandpipe({ ...f, toleranceMm: read.maybe('tank.cutOffMm') ?? 2 });
}

/** What tank and pickup hold, weigh and need. */
export const tankFigures = {
  'fuel.capacityL': {
    label: 'Tank holds',
    unit: 'L',
    decimals: 1,
    formula: 'by its shape',
    source: 'geometry of the inside',
    compute: (read: Reader): number => volumeL(tankOf(read), Infinity),
  },
  'fuel.unusableL': {
    label: 'Below the pickup',
    unit: 'L',
    decimals: 2,
    formula: 'V(pickup)',
    source: 'geometry of the inside',
    compute: unusable,
  },
  'fuel.limitMm': {
    label: 'Fill no higher than',
    unit: 'mm',
    decimals: 0,
    formula: 'V(h) = 0.95 V',
    source: '5 % left for expansion: common practice',
    compute: (read: Reader): number => levelForMm(tankOf(read), limitL(read)),
  },
  'fuel.usableL': {
    label: 'In reach now',
    unit: 'L',
    decimals: 1,
    formula: 'V(level) − V(pickup)',
    source: 'geometry of the inside',
    compute: usableNow,
  },
  'fuel.rangeFullH': {
    label: 'Lasts at full output',
    unit: 'h',
    decimals: 1,
    formula: 'V / (3.6 f V₁)',
    source: 'definition; highest pump frequency',
    compute: (read: Reader): number => read.derived('fuel.usableL') / read.derived('heater.fuelMaxLH'),
  },
  'fuel.rangeLowH': {
    label: 'Lasts at the lowest setting',
    unit: 'h',
    decimals: 1,
    formula: 'V / (3.6 f V₁)',
    source: 'definition; lowest pump frequency',
    compute: (read: Reader): number =>
      read.derived('fuel.usableL') / (read.all({ hz: 'heater.pumpMinHz' }).hz * read.derived('fuel.doseMl') * 3.6),
  },
  'fuel.rangeNights': {
    label: 'Lasts usual nights',
    unit: '',
    decimals: 1,
    formula: 'V / fuel of a night',
    source: 'the survey’s usual night',
    compute: (read: Reader): number => read.derived('fuel.usableL') / Math.max(0.01, read.derived('survey.fuelNightL')),
  },
  'fuel.nowKg': {
    label: 'Weighs at the level of the day',
    unit: 'kg',
    decimals: 1,
    formula: 'm + ρ V(level)',
    source: 'definition; density after the fuel’s standard (from memory)',
    compute: (read: Reader): number => {
      const { level, empty } = read.all({ level: 'fuel.fuelLevelMm', empty: 'tank.emptyKg' });
      return empty + fuelKg(read, volumeL(tankOf(read), level));
    },
  },
  'fuel.fullKg': {
    label: 'Weighs full',
    unit: 'kg',
    decimals: 1,
    formula: 'm + ρ 0.95 V',
    source: 'definition; density after the fuel’s standard (from memory)',
    compute: (read: Reader): number => read.all({ empty: 'tank.emptyKg' }).empty + fuelKg(read, limitL(read)),
  },
  'fuel.cutMm': {
    label: 'Cut the standpipe to',
    unit: 'mm',
    decimals: 0,
    formula: 'depth + stack − clearance',
    source: 'geometry; clearance as planned at this sheet',
    compute: (read: Reader): number => cutAt(read).cutMm,
  },
  'fuel.cutClearMm': {
    label: 'That leaves at the least',
    unit: 'mm',
    decimals: 0,
    formula: 'depth + stack − cut − tolerance',
    source: 'geometry; ± 2 mm where no tolerance is given',
    compute: (read: Reader): number => cutAt(read).minClearMm,
  },
} satisfies Record<string, Derived>;
