import type { RowOf } from '../../build/lists';

type HoleRow = Omit<RowOf<'holes'>, 'id'>;
const hole = (
  name: string,
  kind: NonNullable<HoleRow['kind']>,
  alongMm: number,
  acrossMm: number,
  diameterMm: number,
): HoleRow => ({
  name,
  kind,
  alongMm,
  acrossMm,
  diameterMm,
});
const studs = (along: number, across: number): HoleRow[] =>
  [
    [along, across],
    [along, -across],
    [-along, across],
    [-along, -across],
  ].map(([a = 0, c = 0], i) => hole(`stud ${i + 1}`, 'stud', a, c, 7));

/**
 * Sets of holes to begin with. Widths are those usually met (common practice, no source);
 * where each sits is Lorbet's own drawing: every one has to be measured on the plate in hand.
 */
export const startingHoles = {
  separate: {
    label: 'separate holes: exhaust, air, fuel, four studs',
    holes: [
      hole('exhaust', 'exhaust', 40, 22, 25),
      hole('combustion air', 'air', 40, -22, 23),
      hole('fuel line', 'fuel', -10, 0, 8),
      ...studs(52, 40),
    ],
  },
  turret: {
    label: 'a turret: one hole of 100, four studs',
    holes: [hole('turret', 'turret', 0, 0, 100), ...studs(60, 60)],
  },
} as const satisfies Record<string, { label: string; holes: readonly HoleRow[] }>;
export type StartingHolesId = keyof typeof startingHoles;
