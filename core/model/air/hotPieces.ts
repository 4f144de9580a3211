import type { RowOf } from '../../build/lists';
import type { ValueAt } from '../../build/sheets';
import type { Reader } from '../../reading/Reader';
import { bearsC } from '../proving/hotProof';
import { breathFull, outsideMmOf } from './breath';
import { hasTwoBores, pieceName, piecesOf, wayOf } from './wayOf';

type NearKind = ValueAt<'pipes.near'>;
/** What a thing beside an exhaust bears for hours, °C; null for nothing that heat harms. The same as by the hand thermometer. */
export const bears = (kind: NearKind): number | null => (kind === 'nothing' ? null : bearsC[kind]);

/** A part of the exhaust that is judged by what it passes: a piece, or the whole of a pipe known only by its rough figures. */
export interface HotPart {
  /** null for the whole */ name: string | null;
  cover: ValueAt<'pipes.cover'> | null;
  near: NearKind | null;
  nearMm: number | null;
  /** above the pipe, in its rising air; null where nobody has said */ above: boolean | null;
  shield: boolean;
  through: ValueAt<'pipes.through'> | null;
  gapMm: number | null;
  joint: ValueAt<'pipes.burnerJoint'> | null;
  sealed: boolean | null;
  /** somebody has welded it */ welded: boolean;
  supportsApartMm: number | null;
  lengthM: number | null;
  /** mm, as told */ boreMm: number | null;
  /** mm, at its far end; of a muffler or a reducer only where somebody has told it */ farBoreMm: number | null;
  muffler: boolean;
  lies: 'lying' | 'upright' | null;
}
/** How hot a part gets outside at full on a warm day, and how thick it is there. */
export interface Hottest {
  surfaceC: number;
  outsideMm: number;
}

const aboveOf = (lies: ValueAt<'pipes.nearLies'> | null): boolean | null => (lies === null ? null : lies === 'above');

/** Every part of the exhaust with what it passes and what holds it: what is asked of them rests on nothing else. */
export const exhaustParts = (read: Reader): readonly HotPart[] => read.shared('exhaust parts', readParts);
function readParts(read: Reader): HotPart[] {
  const rows = piecesOf(read.rows('pipes'), 'exhaust');
  if (rows.length === 0)
    return [
      {
        name: null,
        cover: read.maybe('pipes.cover'),
        near: read.maybe('pipes.near'),
        nearMm: read.maybe('pipes.nearMm'),
        above: aboveOf(read.maybe('pipes.nearLies')),
        shield: read.maybe('pipes.shield') === 'yes',
        through: read.maybe('pipes.through'),
        gapMm: read.maybe('pipes.gapMm'),
        joint: read.maybe('pipes.burnerJoint'),
        sealed: null,
        welded: read.maybe('pipes.state') === 'welded',
        supportsApartMm: read.maybe('pipes.supportsApartMm'),
        lengthM: read.maybe('air.exhaustLengthM'),
        boreMm: read.maybe('pipes.exhaustBoreMm'),
        farBoreMm: read.maybe('pipes.exhaustBoreMm'),
        muffler: false,
        lies: null,
      },
    ];
  return rows.map((row, i) => ({
    name: pieceName(row, i),
    cover: row.cover ?? null,
    near: row.near ?? null,
    nearMm: row.nearMm ?? null,
    above: aboveOf(row.nearLies ?? null),
    shield: row.shield === 'yes',
    through: row.through ?? null,
    gapMm: row.gapMm ?? null,
    joint: row.joint ?? null,
    sealed: row.sealed === undefined ? null : row.sealed === 'yes',
    welded: row.state === 'welded',
    supportsApartMm:
      row.supports === undefined || row.lengthM === undefined ? null : (row.lengthM * 1000) / Math.max(row.supports, 1),
    lengthM: row.lengthM ?? null,
    boreMm: row.boreMm ?? null,
    farBoreMm: (hasTwoBores(row) ? row.farBoreMm : row.boreMm) ?? null,
    muffler: row.kind === 'muffler',
    lies: row.lies ?? null,
  }));
}

/** How hot each of these parts gets. @throws with what is missing to work it out */
export const exhaustHeat = (read: Reader): readonly Hottest[] => read.shared('exhaust heat', readHeat);
function readHeat(read: Reader): Hottest[] {
  const { spots } = breathFull(read);
  return wayOf(read, 'exhaust').pieces.map((piece, i) => ({
    surfaceC: spots.reduce((most, spot) => (spot.piece === i ? Math.max(most, spot.surfaceC) : most), -Infinity),
    outsideMm: outsideMmOf(piece),
  }));
}

/** The timber that an exhaust passes, mm: as said, else what of timber stands in the stack-up. */
export function timberMm(read: Reader): number {
  const said = read.maybe('pipes.timberMm');
  if (said !== null) return said;
  const layers = read.rows('stack').filter(({ kind }) => kind === 'timber');
  const known = layers.flatMap(({ thicknessMm }) => (thicknessMm === undefined ? [] : [thicknessMm]));
  return layers.length === 0 || known.length < layers.length
    ? read.all({ mm: 'pipes.timberMm' }).mm
    : known.reduce((sum, one) => sum + one, 0);
}

/** A place where the exhaust turns from falling to rising, and what drains it. */
export interface LowPoint {
  /** index and name of the piece before it */ piece: number;
  name: string;
  drain: NonNullable<RowOf<'pipes'>['drain']> | null;
}
/** A rise of less than this is none, mm. Lorbet’s own choice, no source. */
export const levelMm = 5;
/** Low points of an exhaust that is known piece by piece, as far as rises are known; a level last piece is none. */
export function lowPoints(read: Reader): LowPoint[] {
  const rows = piecesOf(read.rows('pipes'), 'exhaust');
  return rows.flatMap((row, i) => {
    const [rise, next] = [row.riseMm, rows[i + 1]?.riseMm];
    if (rise === undefined || next === undefined || rise > levelMm || next <= levelMm) return [];
    return [{ piece: i, name: pieceName(row, i), drain: row.drain ?? null }];
  });
}
