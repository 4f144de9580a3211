import type { Reader, Derived } from '../../reading/Reader';
import { coldResistance, restVAt } from '../../physics/wiring/battery';
import { batteryC, chargedAh, coldAh, othersA, restShare } from '../../model/wiring/night';
import { nightAh } from '../../physics/wiring/nightAh';
import { plugWarms } from '../../model/wiring/plugWarms';
import { feedLostV, feedOhm, heaterGetsV, heaterGlowV, tightestCable } from '../../model/wiring/feed';

const ohm = 'Ohm; copper IEC 60228 class 5 and IEC 60028 (from memory); the loom by Kirchhoff, node by node';
const supply = { v12: 12, v24: 24 } as const;

const nominal = (read: Reader) => supply[read.all({ v: 'heater.supplyV' }).v];
const startA = (read: Reader) => read.all({ a: 'heater.startCurrentA' }).a;
const runA = (read: Reader) => read.all({ a: 'heater.runCurrentA' }).a;

export const wiringFigures = {
  'wiring.supplyV': { label: 'Supply', unit: 'V', decimals: 0, formula: 'as chosen', source: 'given', compute: nominal },
  'wiring.loopMohm': {
    label: 'Feed loop, both ways',
    unit: 'mΩ',
    decimals: 1,
    formula: '2 L R/km + joints',
    source: ohm,
    compute: (read: Reader): number => feedOhm(read) * 1000,
  },
  'wiring.dropStartV': {
    label: 'Lost in the feed at start',
    unit: 'V',
    decimals: 2,
    formula: 'I × R loop',
    source: ohm,
    compute: (read: Reader): number => feedLostV(read, 'start'),
  },
  'wiring.dropRunV': {
    label: 'Lost in the feed while running',
    unit: 'V',
    decimals: 2,
    formula: 'I × R loop',
    source: ohm,
    compute: (read: Reader): number => feedLostV(read, 'run'),
  },
  'wiring.startV': {
    label: 'At the heater under glow',
    unit: 'V',
    decimals: 2,
    formula: 'U rest − I (R battery + R loop)',
    source: `${ohm}; battery’s resistance as given, at the temperature at which it was measured`,
    compute: (read: Reader): number => heaterGetsV(read, 'start'),
  },
  'wiring.coldA': {
    label: 'Drawn in the first moment of a glow',
    unit: 'A',
    decimals: 1,
    formula: 'U rest / (R plug cold + R battery + R loop)',
    source: ohm,
    compute: (read: Reader): number => plugWarms(read)[0]?.amps ?? 0,
  },
  'wiring.coldV': {
    label: 'At the heater in that moment',
    unit: 'V',
    decimals: 2,
    formula: 'U rest − I (R battery + R loop)',
    source: ohm,
    compute: (read: Reader): number => plugWarms(read)[0]?.volts ?? 0,
  },
  'wiring.ampacityA': {
    label: 'Cable may carry',
    unit: 'A',
    decimals: 0,
    formula: 'table by area and insulation × ambient × bundle',
    source:
      'ISO 10133 / ISO 13297, Annex A, single conductor at 30 °C; ambient factor at 60 °C, straight between; bundles ISO 10133 and ABYC E-11 (from memory); 30 °C and no bundle where nothing is given',
    compute: (read: Reader): number => tightestCable(read).tableA,
  },
  'wiring.ampacityBalanceA': {
    label: 'Cable may carry, by its heat balance',
    unit: 'A',
    decimals: 0,
    formula: 'table × √((T rated − T) / (T rated − 30)) × bundle',
    source: 'steady heat balance; the standard’s own factors are kinder',
    compute: (read: Reader): number => tightestCable(read).balanceA,
  },
  'wiring.startsNight': {
    label: 'Starts in a night',
    unit: '',
    decimals: 1,
    formula: '1 + hours run too low × restarts an hour, where its thermostat pauses',
    source: 'restarts an hour: Lorbet’s own choice, no source',
    compute: (read: Reader): number => {
      read.all({ hours: 'heater.nightHours' });
      if (read.maybe('heater.thermostat') !== 'pauses') return 1;
      return 1 + read.derived('survey.hoursTooLow') * read.limit('restartsPerHour').value;
    },
  },
  'wiring.nightAh': {
    label: 'Charge for a night',
    unit: 'Ah',
    decimals: 1,
    formula: '2 n I start t glow + (I run + I others) t night',
    source: 'definition; glow again at shut-down: common practice, no source',
    compute: (read: Reader): number => {
      const { minutes, hours } = read.all({ minutes: 'heater.startMinutes', hours: 'heater.nightHours' });
      return (
        othersA(read) * hours +
        nightAh({
          startCurrentA: startA(read),
          startMinutes: minutes,
          runCurrentA: runA(read),
          nightHours: hours,
          starts: read.derived('wiring.startsNight'),
        })
      );
    },
  },
  'wiring.chargePercent': {
    label: 'Battery’s charge, by its rest',
    unit: '%',
    decimals: 0,
    formula: 'table of volts at rest by kind',
    source:
      'common practice, no source: 12.7 V full, 12.2 V half, 11.9 V a fifth (lead-acid, 25 °C); a lithium battery’s rest tells little',
    compute: (read: Reader): number => restShare(read) * 100,
  },
  'wiring.usableAh': {
    label: 'Battery gives in a night',
    unit: 'Ah',
    decimals: 1,
    formula: 'capacity × health × share in the cold × (charge − what must stay in it) + what charges it',
    source:
      'charge by rest and what must stay: common practice, no source; cold: handbooks, order of magnitude; Peukert left out: a heater draws slowly',
    compute: (read: Reader): number => {
      const { kind } = read.all({ kind: 'wiring.batteryKind' });
      const usable = read.limit(kind === 'lithium' ? 'usableLithiumPercent' : 'usableLeadPercent').value / 100;
      return coldAh(read) * Math.max(0, restShare(read) - (1 - usable)) + chargedAh(read);
    },
  },
  'wiring.morningV': {
    label: 'At the heater under glow, next morning',
    unit: 'V',
    decimals: 2,
    formula: 'U rest(charge left) − I (R battery, cold + R loop)',
    source: `${ohm}; charge by rest: common practice, no source; own resistance in the cold: handbooks, order of magnitude`,
    compute: (read: Reader): number => {
      const { kind, own } = read.all({ kind: 'wiring.batteryKind', own: 'wiring.batteryMohm' });
      const left = Math.min(1, Math.max(0, restShare(read) + (chargedAh(read) - read.derived('wiring.nightAh')) / coldAh(read)));
      const batteryMohm = own * coldResistance(batteryC(read), kind);
      const restV = (restVAt(left, kind) * nominal(read)) / 12;
      return heaterGlowV(read, restV, batteryMohm);
    },
  },
} satisfies Record<string, Derived>;
