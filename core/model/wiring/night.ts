import type { Reader } from '../../reading/Reader';
import { batteryNight, type NightMinute } from '../../physics/wiring/batteryNight';
import { chargeShare, coldCapacityShare, coldResistance } from '../../physics/wiring/battery';
import { feedOhm } from './feed';

const nominalV = { v12: 12, v24: 24 } as const;
/** How cold the battery gets: as given, else as the coldest night. */
export const batteryC = (read: Reader): number => read.maybe('wiring.batteryC') ?? read.all({ c: 'survey.coldestC' }).c;
/** Share of its charge that it holds, by its rest. */
export function restShare(read: Reader): number {
  const { rest, kind, supply } = read.all({ rest: 'wiring.batteryRestV', kind: 'wiring.batteryKind', supply: 'heater.supplyV' });
  return chargeShare((rest * 12) / nominalV[supply], kind);
}
/** What it has in the cold, at its age, Ah. */
export function coldAh(read: Reader): number {
  const { capacity, kind } = read.all({ capacity: 'wiring.batteryCapacityAh', kind: 'wiring.batteryKind' });
  return capacity * ((read.maybe('wiring.healthPercent') ?? 100) / 100) * coldCapacityShare(batteryC(read), kind);
}
/** A lithium battery is not to be charged below 0 °C: its own switch keeps the charger off. Common practice, no source */
export const chargesInTheCold = (read: Reader): boolean =>
  read.all({ kind: 'wiring.batteryKind' }).kind !== 'lithium' || batteryC(read) >= 0;
/** What charges through the night, A: as said, or else the chargers of the loom; the sun gives nothing then. */
export const chargeA = (read: Reader): number =>
  read.maybe('wiring.chargeA') ??
  read.rows('loomParts').reduce((sum, { kind, givesA }) => sum + (kind === 'charger' ? (givesA ?? 0) : 0), 0);
/** What a charger or the sun gives through the night, Ah. */
export const chargedAh = (read: Reader): number =>
  chargesInTheCold(read) ? chargeA(read) * read.all({ h: 'heater.nightHours' }).h : 0;
export const othersA = (read: Reader): number => read.maybe('wiring.othersA') ?? 0;

/** The coldest night on battery, minute by minute. @throws through the reader where something is missing for it */
export const nightOf = (read: Reader): NightMinute[] => read.shared('night on battery', readNight);
function readNight(read: Reader): NightMinute[] {
  const f = read.all({
    startA: 'heater.startCurrentA',
    startMinutes: 'heater.startMinutes',
    runA: 'heater.runCurrentA',
    nightHours: 'heater.nightHours',
    kind: 'wiring.batteryKind',
    own: 'wiring.batteryMohm',
    supply: 'heater.supplyV',
  });
  const hours = Math.min(48, f.nightHours);
  return batteryNight(
    {
      ...f,
      nightHours: hours,
      othersA: othersA(read),
      chargeA: hours > 0 ? chargedAh(read) / hours : 0,
      starts: read.derived('wiring.startsNight'),
    },
    {
      kind: f.kind,
      nominalV: nominalV[f.supply],
      coldAh: Math.max(0.1, coldAh(read)),
      fromShare: restShare(read),
      ohm: (f.own * coldResistance(batteryC(read), f.kind)) / 1000 + feedOhm(read),
    },
  );
}
/** The first minute of a night in which the heater gets less than so much; null where none does. */
export const firstBelow = (night: readonly NightMinute[], volts: number): NightMinute | null =>
  night.find((one) => one.volts < volts) ?? null;
