import type { Build } from '../../build/Build';
import { rowsOf, type RowOf } from '../../build/lists';
import { valueAt } from '../../build/sheets';
import { formatShort } from '../../units/formatNumber';
import { pipeRows, type WayId } from '../air/wayOf';
import { childrenOf, ductLengthM } from '../warmth/ductTree';
import type { PartRow } from './startingLists';

/** What the pipes, ducts and hoses of a build take, as it is bought or cut. */
export interface PartTaken {
  name: string;
  kind: NonNullable<PartRow['kind']>;
  pieces: number;
  /** m, of what is cut from stock; the longest piece first */ cutM: readonly number[];
  boreMm: number | null;
}
type Named = Pick<PartTaken, 'name' | 'kind'>;

const counted = (named: Named, pieces: number): PartTaken[] => (pieces > 0 ? [{ ...named, pieces, cutM: [], boreMm: null }] : []);
/** What is cut from stock, a part for each bore; pieces whose length nobody knows are left out. */
function cut(named: Named, all: readonly { boreMm?: number | undefined; m: number | undefined }[]): PartTaken[] {
  const known = all.flatMap(({ boreMm = null, m }) => (m === undefined ? [] : [{ boreMm, m }]));
  return [...new Set(known.map(({ boreMm }) => boreMm))].map((boreMm) => {
    const cutM = known.filter((one) => one.boreMm === boreMm).map(({ m }) => m);
    return { ...named, pieces: cutM.length, boreMm, cutM: cutM.sort((a, b) => b - a) };
  });
}

/** Pieces, clamps, supports and wrap that the two pipes take; nothing while they are not known piece by piece. */
export function pipeParts(build: Build): PartTaken[] {
  const of = (way: WayId) => pipeRows(build.lists, way);
  const pipesOf = (way: WayId) => of(way).flatMap(({ kind = 'pipe', boreMm, lengthM: m }) => (kind === 'pipe' ? [{ boreMm, m }] : [])); // prettier-ignore
  const both = [...of('exhaust'), ...of('intake')];
  const covered = (name: string, cover: RowOf<'pipes'>['cover']): PartTaken[] =>
    cut(
      { name, kind: 'other' },
      both.filter((row) => row.cover === cover).map(({ coverM, lengthM }) => ({ m: coverM ?? lengthM ?? 0 })),
    );
  return [
    ...cut({ name: 'exhaust pipe', kind: 'exhaust' }, pipesOf('exhaust')),
    ...counted({ name: 'muffler', kind: 'muffler' }, both.filter(({ kind }) => kind === 'muffler').length),
    ...counted({ name: 'reducer of the exhaust', kind: 'other' }, of('exhaust').filter(({ kind }) => kind === 'reducer').length),
    ...covered('wrap', 'wrap'),
    ...covered('insulated sleeve', 'sleeve'),
    ...cut({ name: 'combustion air’s hose', kind: 'airHose' }, pipesOf('intake')),
    ...counted({ name: 'intake silencer', kind: 'silencer' }, both.filter(({ kind }) => kind === 'silencer').length),
    ...counted({ name: 'clamps', kind: 'clamp' }, both.filter(({ joint }) => joint === 'band' || joint === 'worm').length),
    ...counted(
      { name: 'supports', kind: 'clamp' },
      both.reduce((sum, { supports }) => sum + (supports ?? 0), 0),
    ),
  ];
}

/** Ducts by their bore, what they branch by, and their outlets. */
export function ductParts(build: Build): PartTaken[] {
  const rows = rowsOf(build.lists, 'ducts');
  const [x, y] = [valueAt(build.sheets, 'siting.heaterXMm'), valueAt(build.sheets, 'siting.heaterYMm')];
  const heater = typeof x === 'number' && typeof y === 'number' ? { x, y } : null;
  return [
    ...cut({ name: 'warm-air duct', kind: 'duct' }, rows.map((row) => ({ boreMm: row.boreMm, m: ductLengthM(rows, row, heater)?.m }))), // prettier-ignore
    ...counted({ name: 'splitter', kind: 'splitter' }, [null, ...rows.map(({ id }) => id)].filter((id) => childrenOf(rows, id).length > 1).length), // prettier-ignore
    ...counted({ name: 'outlet', kind: 'outlet' }, rows.filter(({ end }) => end === 'open' || end === 'closable').length),
  ];
}

const looped = {
  matrix: { name: 'matrix with blower', kind: 'matrix' },
  plate: { name: 'plate exchanger', kind: 'matrix' },
  pump: { name: 'circulation pump', kind: 'other' },
  tank: { name: 'expansion tank', kind: 'other' },
  valve: { name: 'valve of the loop', kind: 'other' },
  check: { name: 'check valve', kind: 'other' },
  adapter: { name: 'adapter', kind: 'other' },
} as const;
/** Hoses of the coolant loop by their bore, two clamps each, and what sits between them. */
export function loopTakes(build: Build): PartTaken[] {
  const rows = rowsOf(build.lists, 'loop');
  const hoses = rows.filter(({ kind }) => kind === 'hose');
  return [
    ...cut({ name: 'coolant hose', kind: 'hose' }, hoses.map(({ boreMm, lengthM: m }) => ({ boreMm, m }))), // prettier-ignore
    ...counted({ name: 'hose clamps', kind: 'clamp' }, hoses.length * 2),
    ...Object.entries(looped).flatMap(([kind, named]) => counted(named, rows.filter((row) => row.kind === kind).length)),
  ];
}

/** All that pipes, ducts and hoses take. */
export const partsTaken = (build: Build): PartTaken[] => [...pipeParts(build), ...ductParts(build), ...loopTakes(build)];

/** Rows for what is taken and not on the list of parts yet; what is of no kind of its own is told by its name. */
export function partsNotListed(build: Build): PartRow[] {
  const listed = rowsOf(build.lists, 'parts');
  const isListed = ({ kind, name }: PartTaken): boolean =>
    listed.some((row) => row.kind === kind && (kind !== 'other' || row.name === name));
  return partsTaken(build)
    .filter((part) => !isListed(part))
    .map((part) => ({ name: part.name + boreOf(part), kind: part.kind, needed: part.pieces }));
}

const boreOf = ({ boreMm }: PartTaken): string => (boreMm === null ? '' : `, ${formatShort(boreMm, 1)} mm`);
/** One part in words. @example partText({ name: 'exhaust pipe', kind: 'exhaust', pieces: 2, cutM: [0.4, 0.25], boreMm: 24 }) // "exhaust pipe, 24 mm: 0.65 m, cut to 0.4 m and 0.25 m" */
export function partText(part: PartTaken): string {
  const { name, pieces, cutM } = part;
  if (cutM.length === 0) return `${name}${boreOf(part)}: ${pieces}`;
  const whole = formatShort(
    cutM.reduce((sum, one) => sum + one, 0),
    2,
  );
  const cuts = cutM.map((one) => `${formatShort(one, 2)} m`);
  const last = cuts.pop() ?? '';
  return `${name}${boreOf(part)}: ${whole} m${cuts.length === 0 ? '' : `, cut to ${cuts.join(', ')} and ${last}`}`;
}
