import { rowsOf, type ListValues, type RowOf } from '../../build/lists';
import { bendZeta } from '../../physics/flow/bendZeta';
import type { Conduit } from '../../physics/flow/dropPa';
import { toDo } from '../../reading/NotMeasured';
import type { Need, Reader } from '../../reading/Reader';

export type WayId = 'exhaust' | 'intake';
/** One piece of a pipe, with all that is known of it. */
export interface Piece extends Omit<RowOf<'pipes'>, 'id' | 'name'> {
  /** id of its row; null where it stands for the whole pipe */ id: string | null;
  name: string;
  lengthM: number;
  /** minus where it falls to its far end */ riseMm: number;
  boreMm: number;
  bends: number;
}
/** One of the two pipes, from the heater to its end. */
export interface Way {
  pieces: readonly Piece[];
  /** known piece by piece, or only as a whole */ own: boolean;
}

export const pieceName = (row: { name?: string | undefined }, i: number): string => row.name ?? `piece ${i + 1}`;
/** What can have ends of two sizes. */
export const hasTwoBores = ({ kind }: Pick<RowOf<'pipes'>, 'kind'>): boolean => kind === 'muffler' || kind === 'reducer';
/** The pieces of one pipe in their order from the heater. */
export const piecesOf = (rows: readonly RowOf<'pipes'>[], way: WayId): RowOf<'pipes'>[] =>
  rows
    .map((row, i) => ({ row, i }))
    .filter(({ row }) => row.of === way)
    .sort((a, b) => (a.row.order ?? Infinity) - (b.row.order ?? Infinity) || a.i - b.i)
    .map(({ row }) => row);
export const pipeRows = (values: ListValues | undefined, way: WayId) => piecesOf(rowsOf(values, 'pipes'), way);

/** An intake of which nobody has told has one bend, below the floor. Common practice, no source. */
const usualIntakeDeg = 90;

/** Whether a pipe is known piece by piece. */
export const isOwn = (read: Reader, way: WayId): boolean => piecesOf(read.rows('pipes'), way).length > 0;

const rough = {
  exhaust: {
    length: 'air.exhaustLengthM',
    fall: 'air.exhaustFallMm',
    bore: 'pipes.exhaustBoreMm',
    bends: 'pipes.exhaustBendsDeg',
  },
  intake: { length: 'air.intakeLengthM', fall: 'air.intakeFallMm', bore: 'pipes.intakeBoreMm', bends: 'pipes.intakeBendsDeg' },
} as const;

/**
 * A pipe of a build: piece by piece where it is known so, else as one piece by its rough figures.
 * @throws through the reader where a length, a rise, a bore or the number of bends is missing
 */
export const wayOf = (read: Reader, way: WayId): Way => read.shared(`way ${way}`, (shared) => readWay(shared, way));

function readWay(read: Reader, way: WayId): Way {
  const rows = piecesOf(read.rows('pipes'), way);
  if (rows.length === 0) {
    const { bends: bendsPath, ...needed } = rough[way];
    const { length, fall, bore } = read.all(needed);
    const bends = way === 'intake' ? (read.maybe(bendsPath) ?? usualIntakeDeg) : read.all({ bends: bendsPath }).bends;
    const covered = way === 'exhaust' ? (read.maybe('pipes.cover') ?? 'bare') : 'bare';
    const piece: Piece = {
      id: null,
      name: way === 'exhaust' ? 'exhaust' : 'intake',
      of: way,
      kind: 'pipe',
      lengthM: length,
      riseMm: -fall,
      boreMm: bore,
      bends: bends / 90,
      cover: covered,
      coverM: length,
    };
    return { own: false, pieces: [piece] };
  }
  const lacking: Need[] = [];
  const pieces = rows.map((row, i): Piece => {
    const name = pieceName(row, i);
    const unmeasured = [
      ...(row.lengthM === undefined ? ['length'] : []),
      ...(row.riseMm === undefined ? ['rise'] : []),
      ...(row.boreMm === undefined ? ['bore'] : []),
      ...(hasTwoBores(row) && row.farBoreMm === undefined ? ['bore at the far end'] : []),
    ];
    if (unmeasured.length > 0) lacking.push({ act: 'measure', what: `${unmeasured.join(', ')} of “${name}”` });
    if (row.bends === undefined) lacking.push(...toDo(`count the bends of “${name}”`));
    else if (row.bends > 0 && row.bendDeg === undefined) lacking.push(...toDo(`say by how much each bend of “${name}” turns`));
    if (row.cover !== undefined && row.cover !== 'bare' && row.coverM === undefined)
      lacking.push({ act: 'measure', what: `how far “${name}” is covered` });
    return { ...row, name, lengthM: row.lengthM ?? 0, riseMm: row.riseMm ?? 0, boreMm: row.boreMm ?? 0, bends: row.bends ?? 0 };
  });
  return lacking.length > 0 ? read.missing(...lacking) : { own: true, pieces };
}

export const lengthM = ({ pieces }: Way): number => pieces.reduce((sum, piece) => sum + piece.lengthM, 0);
export const fallMm = ({ pieces }: Way): number => -pieces.reduce((sum, piece) => sum + piece.riseMm, 0);
/** A pipe that is known as a whole is told by right angles. */
export const bendsDeg = ({ pieces }: Way): number => pieces.reduce((sum, { bends, bendDeg = 90 }) => sum + bends * bendDeg, 0);

/** Corrugated pipe rubs three times as much as a smooth one: 2 to 4 times (Idelchik, from memory). */
const corrugatedTimes = 3;
/** ζ of what sits on the way. A muffler, a silencer with its filter, clean and blocked: Lorbet’s own assumption, no source; entry and exit: Idelchik, from memory. */
export const sits = { muffler: 3, silencer: 2, blocked: 25, entry: 0.5, exit: 1 } as const;
/** Radius of a bend over the bore, where nobody has said. */
const usualRadius = 1.5;

/** A pipe has one bore, whatever stands in its row. */
const farMm = (piece: Piece): number => (hasTwoBores(piece) ? piece.farBoreMm : undefined) ?? piece.boreMm;
/** What ends of two sizes cost, at the bore of its near end: Borda and Carnot where it widens, half the difference where it narrows. Idelchik, from memory. */
function stepZeta(piece: Piece): number {
  const { boreMm } = piece;
  const farBoreMm = farMm(piece);
  if (farBoreMm === boreMm || boreMm === 0 || farBoreMm === 0) return 0;
  const areas = (boreMm / farBoreMm) ** 2;
  return areas < 1 ? (1 - areas) ** 2 : 0.5 * (1 - 1 / areas) * areas ** 2;
}

/** The way as it is reckoned with: friction, bends, and what sits on it. A piece whose wall nobody has told is corrugated, as kits bring it. */
export function conduitsOf({ pieces }: Way, way: WayId, extraZeta: number): Conduit[] {
  return pieces.map((piece, i): Conduit => {
    const corrugated = piece.wall !== 'smooth';
    const radius = Math.max(0.5, (piece.bendRadiusMm ?? usualRadius * piece.boreMm) / piece.boreMm);
    const last = i === pieces.length - 1;
    return {
      lengthM: piece.lengthM,
      boreMm: piece.boreMm,
      roughnessMm: 0.05,
      frictionTimes: corrugated ? corrugatedTimes : 1,
      zeta:
        piece.bends * bendZeta(piece.bendDeg ?? 90, radius, corrugated) +
        (piece.kind === 'muffler' ? sits.muffler : piece.kind === 'silencer' ? sits.silencer : 0) +
        (i === 0 ? extraZeta : 0) +
        stepZeta(piece) +
        (last ? (way === 'exhaust' ? sits.exit : sits.entry) * (piece.boreMm / farMm(piece)) ** 4 : 0),
    };
  });
}
