import type { Reader } from '../calls/Call';
import { ampacityA, type InsulationC } from '../wiring/ampacityA';
import { copperOhmPerKm } from '../wiring/copperOhmPerKm';
import { nightAh } from '../wiring/nightAh';
import { solveFeed } from '../wiring/solveFeed';
import type { Derived } from './derived';

const ohm = 'Ohm; copper IEC 60228 class 5 and IEC 60028 (from memory)';
const supply = { v12: 12, v24: 24 } as const;
const insulation: Record<'c70' | 'c90' | 'c105', InsulationC> = { c70: 70, c90: 90, c105: 105 };

function feed(read: Reader) {
  const f = read.all({ length: 'wiring.feedLengthM', area: 'wiring.cableAreaMm2', joints: 'wiring.jointsMohm' });
  const warm = read.maybe('wiring.cableC') ?? 20;
  return { lengthM: f.length, ohmPerKm: copperOhmPerKm(f.area, warm), jointsMohm: f.joints };
}
const nominal = (read: Reader) => supply[read.all({ v: 'heater.supplyV' }).v];
const startA = (read: Reader) => read.all({ a: 'heater.startCurrentA' }).a;
const runA = (read: Reader) => read.all({ a: 'heater.runCurrentA' }).a;
const drop = (read: Reader, currentA: number) => solveFeed({ ...feed(read), restV: 0, batteryMohm: 0, currentA }).dropV;

export const wiringFigures = {
  'wiring.supplyV': { label: 'Supply', unit: 'V', decimals: 0, formula: 'as chosen', source: 'given', compute: nominal },
  'wiring.loopMohm': {
    label: 'Feed loop, both ways',
    unit: 'mΩ',
    decimals: 1,
    formula: '2 L R/km + joints',
    source: ohm,
    compute: (read: Reader) => solveFeed({ ...feed(read), restV: 0, batteryMohm: 0, currentA: 0 }).loopOhm * 1000,
  },
  'wiring.dropStartV': {
    label: 'Lost in the feed at start',
    unit: 'V',
    decimals: 2,
    formula: 'I × R loop',
    source: ohm,
    compute: (read: Reader) => drop(read, startA(read)),
  },
  'wiring.dropRunV': {
    label: 'Lost in the feed while running',
    unit: 'V',
    decimals: 2,
    formula: 'I × R loop',
    source: ohm,
    compute: (read: Reader) => drop(read, runA(read)),
  },
  'wiring.startV': {
    label: 'At the heater under glow',
    unit: 'V',
    decimals: 2,
    formula: 'U rest − I (R battery + R loop)',
    source: `${ohm}; battery’s resistance as given, at the temperature at which it was measured`,
    compute: (read: Reader) => {
      const { rest, own } = read.all({ rest: 'wiring.batteryRestV', own: 'wiring.batteryMohm' });
      return solveFeed({ ...feed(read), restV: rest, batteryMohm: own, currentA: startA(read) }).heaterV;
    },
  },
  'wiring.ampacityA': {
    label: 'Cable may carry',
    unit: 'A',
    decimals: 0,
    formula: 'table by area and insulation',
    source: 'ISO 10133 / ISO 13297, Annex A, single conductor at 30 °C (from memory)',
    compute: (read: Reader) => {
      const { area, rated } = read.all({ area: 'wiring.cableAreaMm2', rated: 'wiring.insulationC' });
      return ampacityA(area, insulation[rated]);
    },
  },
  'wiring.nightAh': {
    label: 'Charge for a night',
    unit: 'Ah',
    decimals: 1,
    formula: '2 I start t glow + I run t night',
    source: 'definition; glow again at shut-down: common practice, no source',
    compute: (read: Reader) => {
      const { minutes, hours } = read.all({ minutes: 'heater.startMinutes', hours: 'heater.nightHours' });
      return nightAh({ startCurrentA: startA(read), startMinutes: minutes, runCurrentA: runA(read), nightHours: hours });
    },
  },
  'wiring.usableAh': {
    label: 'Battery gives in a night',
    unit: 'Ah',
    decimals: 1,
    formula: 'capacity × usable share',
    source: 'common practice, no source; Peukert left out: a heater draws slowly',
    compute: (read: Reader) => {
      const { capacity, kind } = read.all({ capacity: 'wiring.batteryCapacityAh', kind: 'wiring.batteryKind' });
      return (capacity * read.limit(kind === 'lithium' ? 'usableLithiumPercent' : 'usableLeadPercent').value) / 100;
    },
  },
} satisfies Record<string, Derived>;
