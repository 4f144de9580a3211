export type BatteryKind = 'agm' | 'flooded' | 'lithium';

/** Charge left at rest, 12 V, 25 °C: volts and share. Common practice, no source; a lithium battery's rest tells little. */
const restTables: Record<'lead' | 'lithium', readonly (readonly [volts: number, share: number])[]> = {
  lead: [
    [11.7, 0],
    [11.9, 0.2],
    [12.2, 0.5],
    [12.5, 0.8],
    [12.7, 1],
  ],
  lithium: [
    [12, 0],
    [13, 0.2],
    [13.2, 0.4],
    [13.3, 0.7],
    [13.6, 1],
  ],
};
/** Above this no battery of 12 V rests: it is being charged, or it is another voltage. Common practice, no source. */
export const maxRestV = { lead: 13.3, lithium: 14.2 } as const;
export const chemistry = (kind: BatteryKind): 'lead' | 'lithium' => (kind === 'lithium' ? 'lithium' : 'lead');

/** Straight between the points of a table, at its ends the end's own value. */
function between(table: readonly (readonly [number, number])[], x: number): number {
  const after = table.findIndex(([at]) => at >= x);
  const [first, last] = [table[0], table[table.length - 1]];
  if (after === 0) return first?.[1] ?? 0;
  if (after === -1) return last?.[1] ?? 0;
  const [[x0, y0], [x1, y1]] = [table[after - 1] ?? [0, 0], table[after] ?? [1, 0]];
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}

/**
 * Share of its charge that a battery holds, from its volts after an hour at rest.
 * @param restV of a 12 V battery; half of the volts of one of 24 V
 * @returns 0 to 1
 * @example chargeShare(12.05, 'agm') // 0.35
 * @source common practice, no source
 */
export const chargeShare = (restV: number, kind: BatteryKind): number => between(restTables[chemistry(kind)], restV);
/** The volts at rest of a 12 V battery that holds such a share. @returns V */
export const restVAt = (share: number, kind: BatteryKind): number =>
  between(
    restTables[chemistry(kind)].map(([volts, at]) => [at, volts] as const),
    share,
  );

/** Of its capacity at 25 °C, what a battery gives in the cold. Source: handbooks, order of magnitude; of lithium nothing is taken off. */
const coldTable = [
  [-40, 0.3],
  [-18, 0.6],
  [0, 0.85],
  [25, 1],
] as const;
export const coldCapacityShare = (temperatureC: number, kind: BatteryKind): number =>
  kind === 'lithium' ? 1 : between(coldTable, temperatureC);
/** How many times its own resistance at 25 °C a battery has in the cold: about twice at −18 °C. Source: handbooks, order of magnitude. */
export const coldResistance = (temperatureC: number, kind: BatteryKind): number =>
  kind === 'lithium' ? 1 : Math.max(1, 1 + (25 - temperatureC) / 43);
