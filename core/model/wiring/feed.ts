import type { Reader } from '../../reading/Reader';
import { ambientShare, ampacityA, bundleShare } from '../../physics/wiring/ampacityA';
import { copperOhmPerKm } from '../../physics/wiring/copperOhmPerKm';
import { solveFeed } from '../../physics/wiring/solveFeed';
import { heaterV, insulationC, isLoom, loomOf, loomShape, lostV, seenFromHeater, type LoomMoment } from './loomOf';
import { feedGuard, loomCarries, unguarded } from './loomShorts';

/** The feed as one cable with its joints, where nobody has entered the loom. */
function rough(read: Reader) {
  const f = read.all({ length: 'wiring.feedLengthM', area: 'wiring.cableAreaMm2', joints: 'wiring.jointsMohm' });
  const warm = read.maybe('wiring.cableC') ?? 20;
  return { lengthM: f.length, ohmPerKm: copperOhmPerKm(f.area, warm), jointsMohm: f.joints };
}
const solved = (read: Reader, currentA: number, restV = 0, batteryMohm = 0) =>
  solveFeed({ ...rough(read), restV, batteryMohm, currentA });
const drawn = (read: Reader, moment: 'start' | 'run'): number =>
  moment === 'start' ? read.all({ a: 'heater.startCurrentA' }).a : read.all({ a: 'heater.runCurrentA' }).a;

/** Lost between the battery’s posts and the heater’s plug, there and back, V. */
export function feedLostV(read: Reader, moment: 'start' | 'run'): number {
  if (!isLoom(read)) return solved(read, drawn(read, moment)).dropV;
  const { feedV, earthV } = lostV(loomOf(read), moment);
  return feedV + earthV;
}
/** The feed there and back, Ω. */
export function feedOhm(read: Reader): number {
  if (!isLoom(read)) return solved(read, 0).loopOhm;
  const amps = drawn(read, 'start');
  return amps > 0 ? feedLostV(read, 'start') / amps : 0;
}
/** Volts across the heater’s plug. */
export function heaterGetsV(read: Reader, moment: LoomMoment): number {
  if (isLoom(read)) return heaterV(loomOf(read), moment);
  const { rest, own } = read.all({ rest: 'wiring.batteryRestV', own: 'wiring.batteryMohm' });
  return solved(read, moment === 'rest' ? 0 : drawn(read, moment === 'run' ? 'run' : 'start'), rest, own).heaterV;
}
/** By how much a rest of another voltage and a battery of another resistance move what the heater gets under glow, V at the plug. */
export function heaterGlowV(read: Reader, restV: number, batteryMohm: number): number {
  const amps = drawn(read, 'start');
  if (!isLoom(read)) return solved(read, amps, restV, batteryMohm).heaterV;
  const loom = loomOf(read);
  const own = read.all({ own: 'wiring.batteryMohm', rest: 'wiring.batteryRestV' });
  const { openV, ohm } = seenFromHeater(loom);
  // Of several sources the others stay as they are: what changes is told of the one on the wiring sheet.
  return openV + (restV - own.rest) - amps * (ohm + (batteryMohm - own.own) / 1000);
}

/** A cable of the feed with what it may carry and what guards it. */
export interface FeedCable {
  /** null where the feed is known as one cable only */ name: string | null;
  areaMm2: number;
  tableA: number;
  balanceA: number;
  rated: 'c70' | 'c90' | 'c105';
  aroundC: number | null;
  bundled: number;
  /** A; null where nothing guards it */ guardA: number | null;
}
/** Every cable of the plus; those that nothing guards are told by their length. */
export function feedCables(read: Reader): FeedCable[] {
  if (isLoom(read)) {
    const free = new Set(unguarded(loomOf(read)).map(({ id }) => id));
    const guarded = feedGuard(loomOf(read)) !== null;
    return loomCarries(read)
      .filter(({ cable }) => !(guarded && free.has(cable.id)))
      .map(({ cable, tableA, balanceA, guard }) => ({
        name: cable.name,
        areaMm2: cable.areaMm2,
        tableA,
        balanceA,
        rated: cable.insulation ?? 'c70',
        aroundC: cable.ambientC ?? read.maybe('wiring.cableC'),
        bundled: cable.bundled ?? 1,
        guardA: guard?.ratingA ?? null,
      }));
  }
  const { fuse, area, rated } = read.all({ fuse: 'wiring.fuseA', area: 'wiring.cableAreaMm2', rated: 'wiring.insulationC' });
  const aroundC = read.maybe('wiring.cableC');
  const bundled = read.maybe('wiring.bundled') ?? 1;
  const share = ambientShare(aroundC ?? 30, insulationC[rated]);
  const plainA = ampacityA(area, insulationC[rated]) * bundleShare(bundled);
  const carries = { tableA: plainA * share.table, balanceA: plainA * Math.min(share.table, share.balance) };
  return [{ name: null, areaMm2: area, ...carries, rated, aroundC, bundled, guardA: fuse === 0 ? null : fuse }];
}
/** The one that its guard leaves least room. */
export const tightestCable = (read: Reader): FeedCable =>
  [...feedCables(read)].sort((a, b) => a.tableA / (a.guardA ?? Infinity) - b.tableA / (b.guardA ?? Infinity))[0] ??
  read.missing({ act: 'do', what: 'lead a wire from the battery’s plus' });

/** The least that opens on the heater’s way; 0 where nothing does. @throws where nobody has told its rating */
function guardA(read: Reader): number {
  const guard = feedGuard(loomShape(read));
  if (!guard) return 0;
  return guard.ratingA ?? read.missing({ act: 'measure', what: `rating of “${guard.name}”` });
}
/** What opens in the feed, A; 0 where nothing does. */
export const feedFuseA = (read: Reader): number => (isLoom(read) ? guardA(read) : read.all({ fuse: 'wiring.fuseA' }).fuse);
/** How much cable of the plus nothing guards, mm. */
export const unguardedMm = (read: Reader): number =>
  isLoom(read)
    ? unguarded(loomOf(read)).reduce((sum, { lengthM }) => sum + lengthM * 1000, 0)
    : read.all({ away: 'wiring.fuseFromBatteryMm' }).away;
