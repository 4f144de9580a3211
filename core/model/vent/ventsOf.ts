import type { RowOf } from '../../build/lists';
import { freeAreaMm2, type VentHole } from '../../physics/vent/freeAreaMm2';
import { leisureVents } from '../../physics/vent/leisureVents';
import type { Need, Reader } from '../../reading/Reader';

export type VentRow = RowOf<'vents'>;
export type VentLevel = NonNullable<VentRow['level']>;
/** One opening as it counts. */
export interface Vent {
  id: string;
  name: string;
  level: VentLevel;
  /** what it would leave free with nothing before it, mm² */ areaMm2: number;
  /** what it leaves free now, mm²; 0 of one that can be shut */ freeMm2: number;
  shuts: boolean;
  aboveFloorMm: number | null;
}
export const ventName = ({ name }: Pick<VentRow, 'name'>, i: number): string => name ?? `opening ${i + 1}`;

/** The holes of a row; null while a size is missing. */
function holesOf({ shape, pieces = 1, cover = 'open', diaMm, widthMm, heightMm, eachCm2 }: VentRow): VentHole | null {
  if (shape === 'round') return diaMm === undefined ? null : { shape, pieces, cover, diaMm };
  if (shape === 'square')
    return widthMm === undefined || heightMm === undefined ? null : { shape, pieces, cover, widthMm, heightMm };
  return shape === undefined || eachCm2 === undefined ? null : { shape, pieces, cover, eachMm2: eachCm2 * 100 };
}
/** How much of an opening is blocked: all of it where nobody has said how much. */
export const blockedShare = ({ blockedBy = 'nothing', blockedPercent = 100 }: VentRow): number =>
  blockedBy === 'nothing' ? 0 : blockedPercent / 100;
/** A row as it counts; null while its size or level is missing. */
export function ventOf(row: VentRow, i: number): Vent | null {
  const holes = holesOf(row);
  if (!holes || row.level === undefined) return null;
  const areaMm2 = freeAreaMm2(holes);
  const shuts = row.shuts === 'yes';
  return {
    id: row.id,
    name: ventName(row, i),
    level: row.level,
    areaMm2,
    freeMm2: shuts ? 0 : areaMm2 * (1 - blockedShare(row)),
    shuts,
    aboveFloorMm: row.aboveFloorMm ?? null,
  };
}
const enter: Need = { act: 'do', what: 'enter each opening to the outside that can’t be shut, or say that there are none' };
/** All openings as they count. @throws through the reader where nobody has said whether there are any, or a size or level is missing */
export const ventsOf = (read: Reader): Vent[] =>
  read.shared('openings', (shared) => {
    const rows = shared.rows('vents');
    if (rows.length === 0 && shared.maybe('proving.ventsThere') !== 'none') return shared.missing(enter);
    const all = rows.map(ventOf);
    // One that can be shut counts for nothing, whatever its size.
    const lacking = rows.filter(({ shuts }, i) => all[i] === null && shuts !== 'yes');
    if (lacking.length > 0)
      return shared.missing(
        ...lacking.map((row) => ({ act: 'measure' as const, what: `size and level of “${ventName(row, rows.indexOf(row))}”` })),
      );
    return all.filter((vent) => vent !== null);
  });
/** Free area of one level, mm². */
export const freeAt = (vents: readonly Vent[], level: VentLevel): number =>
  vents.reduce((sum, vent) => sum + (vent.level === level ? vent.freeMm2 : 0), 0);

/** What is wanted at a level: by floor plan, and besides for other burners, mm². @source EN 721 (from memory), for leisure vehicles; a guide elsewhere */
export function wantedAt(read: Reader, level: VentLevel): number {
  const { floorM2 } = read.all({ floorM2: 'survey.floorAreaM2' });
  if (floorM2 === 0)
    return read.missing({ act: 'measure', what: 'floor plan, which is more than nothing', path: 'survey.floorAreaM2' });
  const { highMm2, lowMm2 } = leisureVents(floorM2);
  return (level === 'high' ? highMm2 : lowMm2) + (read.maybe('proving.otherBurnersCm2') ?? 0) * 100;
}
/** How far the high openings lie above the low ones, weighted by what each leaves free, m. @throws through the reader where a height is missing */
export function riseM(read: Reader, vents: readonly Vent[]): number {
  const open = vents.filter(({ freeMm2 }) => freeMm2 > 0);
  const unknown = open.filter(({ aboveFloorMm }) => aboveFloorMm === null);
  if (unknown.length > 0)
    return read.missing(...unknown.map(({ name }) => ({ act: 'measure' as const, what: `height of “${name}” above the floor` })));
  const middle = (level: VentLevel) => {
    const all = open.filter((vent) => vent.level === level);
    const area = all.reduce((sum, { freeMm2 }) => sum + freeMm2, 0);
    return area > 0 ? all.reduce((sum, { freeMm2, aboveFloorMm }) => sum + freeMm2 * (aboveFloorMm ?? 0), 0) / area : 0;
  };
  return Math.max(0, middle('high') - middle('low')) / 1000;
}
