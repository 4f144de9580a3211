/**
 * Charge that one night takes: the glow plug at each start and again at each shut-down, the fan and pump between.
 * @param p.startCurrentA A
 * @param p.startMinutes the glow plug is on for this long at a start, min; as long again at shut-down is the cautious guess taken
 * @param p.runCurrentA A
 * @param p.nightHours h
 * @param p.starts how often it starts; more than once where a thermostat pauses
 * @returns Ah
 * @source definition; glow at shut-down: common practice, no source
 */
export function nightAh(p: {
  startCurrentA: number;
  startMinutes: number;
  runCurrentA: number;
  nightHours: number;
  starts?: number;
}): number {
  return (2 * (p.starts ?? 1) * p.startCurrentA * p.startMinutes) / 60 + p.runCurrentA * p.nightHours;
}
