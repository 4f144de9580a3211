import { within } from '../within';
import { restVAt, type BatteryKind } from './battery';

export interface NightLoad {
  /** A, of the glow plug at each start and again at each shut-down */ startA: number;
  /** min, of each glow */ startMinutes: number;
  /** A, fan and pump between */ runA: number;
  /** A, of everything else that is on */ othersA: number;
  /** A, by a charger or the sun */ chargeA: number;
  starts: number;
  nightHours: number;
}
export interface NightBattery {
  kind: BatteryKind;
  /** 12 or 24 V */ nominalV: number;
  /** Ah that it has in the cold, at its age */ coldAh: number;
  /** share of it that it holds in the evening, 0 to 1 */ fromShare: number;
  /** Ω of battery, as cold as it gets, and feed */ ohm: number;
}
export interface NightMinute {
  min: number;
  /** charge held, 0 to 1 */ share: number;
  /** V at the heater as it draws then */ volts: number;
  glow: boolean;
}

/** Whether the plug glows in a minute: at the beginning and at the end of each of so many equal spells. */
const glows = (min: number, { starts, startMinutes, nightHours }: NightLoad): boolean => {
  const spell = (nightHours * 60) / Math.max(1, Math.ceil(starts));
  const into = min % spell;
  return into < startMinutes || into >= spell - startMinutes;
};

/**
 * A night on battery, minute by minute: charge held, and volts at the heater as it draws.
 * A battery that is charged holds no more than all; one that is empty gives nothing more.
 * @returns a point for each minute, the first in the evening, the last in the morning with one more start
 * @throws RangeError naming quantity, value and bounds
 * @source charge counted; volts by rest and Ohm. Peukert is left out: a heater draws slowly.
 */
export function batteryNight(load: NightLoad, { kind, nominalV, coldAh, fromShare, ohm }: NightBattery): NightMinute[] {
  within('what the battery has in the cold', coldAh, 'Ah', { above: 0 });
  within('charge in the evening', fromShare, '', { min: 0, max: 1 });
  within('night', load.nightHours, 'h', { min: 0, max: 48 });
  const { startA, runA, othersA, chargeA } = load;
  const minutes = Math.round(load.nightHours * 60);
  let share = fromShare;
  return Array.from({ length: minutes + 1 }, (_, min) => {
    const glow = min === minutes || glows(min, load);
    const rest = (restVAt(share, kind) * nominalV) / 12;
    const point = { min, share, volts: rest - ((glow ? startA : runA) + othersA) * ohm, glow };
    const takenAh = ((runA + (glow ? startA : 0) + othersA - chargeA) * 1) / 60;
    share = Math.min(1, Math.max(0, share - takenAh / coldAh));
    return point;
  });
}
