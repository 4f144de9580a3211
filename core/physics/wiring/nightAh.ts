import { within } from '../within';
/**
 * Charge that one night takes: the glow plug at each start and again at each shut-down, the fan and pump between.
 * @param p.startCurrentA A
 * @param p.startMinutes the glow plug is on for this long at a start, min; as long again at shut-down is the cautious guess taken
 * @param p.runCurrentA A
 * @param p.nightHours h
 * @param p.starts how often it starts; more than once where a thermostat pauses
 * @returns Ah
 * @throws RangeError naming quantity, value and bounds
 * @example nightAh({ startCurrentA: 10, startMinutes: 2, runCurrentA: 1.4, nightHours: 8 }) // 11.87
 * @source definition; glow at shut-down: common practice, no source
 */
export function nightAh(p: {
  startCurrentA: number;
  startMinutes: number;
  runCurrentA: number;
  nightHours: number;
  starts?: number;
}): number {
  within('current of a start', p.startCurrentA, 'A', { min: 0 });
  within('time of the glow', p.startMinutes, 'min', { min: 0 });
  within('running current', p.runCurrentA, 'A', { min: 0 });
  within('night', p.nightHours, 'h', { min: 0 });
  within('number of starts', p.starts ?? 1, '', { min: 0 });
  return (2 * (p.starts ?? 1) * p.startCurrentA * p.startMinutes) / 60 + p.runCurrentA * p.nightHours;
}
