import { toDo } from '../../reading/NotMeasured';
import type { Reader } from '../../reading/Reader';
import type { surfaceKinds } from '../../build/listKinds';
import { type RowOf } from '../../build/lists';
import { faces } from '../../build/listKinds';
import { buildUps, glazings } from '../../physics/heat/buildUps';
import { uValueWM2K, type HeatFlow } from '../../physics/heat/uValue';

export type SurfaceKind = keyof typeof surfaceKinds;
/** One way through which heat leaves. */
export interface SpacePart {
  name: string;
  kind: SurfaceKind;
  /** what is left once windows and doors are taken out, m² */ areaM2: number;
  uWM2K: number;
  /** heat lost for each kelvin between inside and outside */ lossWK: number;
}

/** How much of the difference in temperature a surface sees: all of it, or about half towards an unheated space. Source: EN 12831 has such factors (from memory); 0.5 is Lorbet's own choice. */
const towardShare = { outside: 1, unheated: 0.5, heated: 0 } as const;
const flowOf = (kind: SurfaceKind): HeatFlow => (kind === 'roof' ? 'up' : kind === 'floor' ? 'down' : 'horizontal');

function areaOf(read: Reader, row: RowOf<'surfaces'>, name: string): number {
  if (row.lengthM === undefined || row.heightM === undefined)
    return read.missing({ act: 'measure', what: `the size of “${name}”` });
  return row.lengthM * row.heightM * (row.pieces ?? 1);
}

/** U of a window by its glass, of anything else by its layers; a window may have layers too (a shutter of one's own). */
function uOf(read: Reader, row: RowOf<'surfaces'>, kind: SurfaceKind, name: string): number {
  if (row.layers && row.layers.length > 0) return uValueWM2K(row.layers, flowOf(kind));
  if (kind === 'window')
    return row.glazing ? glazings[row.glazing].uWM2K : read.missing({ act: 'choose', what: `the glass of “${name}”` });
  return read.missing(...toDo(`enter the layers of “${name}”`));
}

/** Surfaces of one's own, each with its layers; windows and doors are taken out of the face in which they sit. */
function ownParts(read: Reader, rows: readonly RowOf<'surfaces'>[]): SpacePart[] {
  const parts = rows.map((row, i) => {
    const name = row.name ?? `surface ${i + 1}`;
    if (!row.kind) return read.missing(...toDo(`say what “${name}” is`));
    const opening = row.kind === 'window' || row.kind === 'door';
    return {
      name,
      kind: row.kind,
      areaM2: areaOf(read, row, name),
      uWM2K: uOf(read, row, row.kind, name),
      share: towardShare[row.toward ?? 'outside'],
      within: opening ? (row.within ?? 'sides') : null,
    };
  });
  const sum = (wanted: (part: (typeof parts)[number]) => boolean) =>
    parts.filter(wanted).reduce((total, { areaM2 }) => total + areaM2, 0);
  const leftOf = (face: keyof typeof faces): number => {
    const [whole, out] = [sum((p) => p.kind === face), sum((p) => p.within === face)];
    if (out > 0 && out >= whole)
      return read.missing(...toDo(`correct the ${faces[face]}: they must be larger than the windows and doors in them`));
    return whole === 0 ? 1 : (whole - out) / whole;
  };
  return parts.map(({ name, kind, areaM2, uWM2K, share, within }) => {
    const left = within ? areaM2 : areaM2 * leftOf(kind as keyof typeof faces);
    return { name, kind, areaM2: left, uWM2K, lossWK: left * uWM2K * share };
  });
}

/** Figures of the rough answer, for which surfaces of one's own stand in. */
export const roughAreas: readonly string[] = [
  'survey.wallAreaM2',
  'survey.wallBuildUp',
  'survey.roofAreaM2',
  'survey.roofBuildUp',
  'survey.floorAreaM2',
  'survey.floorBuildUp',
  'survey.glassAreaM2',
  'survey.glazing',
];

/** The rough answer: four areas, each of a usual build-up. */
function roughParts(read: Reader): SpacePart[] {
  const f = read.all({
    walls: 'survey.wallAreaM2',
    wall: 'survey.wallBuildUp',
    roofs: 'survey.roofAreaM2',
    roof: 'survey.roofBuildUp',
    floors: 'survey.floorAreaM2',
    floor: 'survey.floorBuildUp',
    glass: 'survey.glassAreaM2',
    glazing: 'survey.glazing',
  });
  const part = (name: string, kind: SurfaceKind, areaM2: number, uWM2K: number) => ({
    name,
    kind,
    areaM2,
    uWM2K,
    lossWK: areaM2 * uWM2K,
  });
  return [
    part('walls', 'sides', f.walls, uValueWM2K(buildUps[f.wall].layers, 'horizontal')),
    part('roof', 'roof', f.roofs, uValueWM2K(buildUps[f.roof].layers, 'up')),
    part('floor', 'floor', f.floors, uValueWM2K(buildUps[f.floor].layers, 'down')),
    part('windows', 'window', f.glass, glazings[f.glazing].uWM2K),
  ];
}

/** All through which a space loses heat: surfaces of one's own where there are any, else the rough four. */
export function spaceParts(read: Reader): SpacePart[] {
  const rows = read.rows('surfaces');
  return rows.length > 0 ? ownParts(read, rows) : roughParts(read);
}
