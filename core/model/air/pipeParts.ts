import type { Build } from '../../build/Build';
import { formatShort } from '../../units/formatNumber';
import { pipeRows, type WayId } from './wayOf';

/** What the pipes of a build take, as it is bought or cut. */
export interface PipePart {
  what: 'exhaust' | 'intake' | 'muffler' | 'silencer' | 'clamps' | 'supports' | 'wrap' | 'sleeve';
  pieces: number;
  /** m, of what is cut from stock; the longest piece first */ cutM: readonly number[];
  boreMm: number | null;
}

const lengthOf = (build: Build, way: WayId, kind: 'pipe'): PipePart[] => {
  const rows = pipeRows(build.lists, way).filter((row) => (row.kind ?? 'pipe') === kind && row.lengthM !== undefined);
  const bores = [...new Set(rows.map(({ boreMm }) => boreMm ?? null))];
  return bores.map((boreMm) => {
    const own = rows.filter((row) => (row.boreMm ?? null) === boreMm);
    return { what: way, pieces: own.length, boreMm, cutM: own.map(({ lengthM }) => lengthM ?? 0).sort((a, b) => b - a) };
  });
};

/** Pieces, clamps, supports and wrap that the two pipes take; nothing while they are not known piece by piece. */
export function pipeParts(build: Build): PipePart[] {
  const both = (['exhaust', 'intake'] as const).flatMap((way) => pipeRows(build.lists, way));
  const counted = (what: PipePart['what'], pieces: number): PipePart[] =>
    pieces > 0 ? [{ what, pieces, cutM: [], boreMm: null }] : [];
  const covered = (what: 'wrap' | 'sleeve'): PipePart[] => {
    const own = both.filter(({ cover }) => cover === what).map(({ coverM, lengthM }) => coverM ?? lengthM ?? 0);
    return own.length > 0 ? [{ what, pieces: own.length, cutM: own.sort((a, b) => b - a), boreMm: null }] : [];
  };
  return [
    ...lengthOf(build, 'exhaust', 'pipe'),
    ...counted('muffler', both.filter(({ kind }) => kind === 'muffler').length),
    ...covered('wrap'),
    ...covered('sleeve'),
    ...lengthOf(build, 'intake', 'pipe'),
    ...counted('silencer', both.filter(({ kind }) => kind === 'silencer').length),
    ...counted('clamps', both.filter(({ joint }) => joint === 'band' || joint === 'worm').length),
    ...counted(
      'supports',
      both.reduce((sum, { supports }) => sum + (supports ?? 0), 0),
    ),
  ];
}

const names: Record<PipePart['what'], string> = {
  exhaust: 'exhaust pipe',
  intake: 'combustion air’s hose',
  muffler: 'muffler',
  silencer: 'intake silencer',
  clamps: 'clamps',
  supports: 'supports',
  wrap: 'wrap',
  sleeve: 'insulated sleeve',
};
/** One part in words. @example pipePartText({ what: 'exhaust', pieces: 2, cutM: [0.4, 0.25], boreMm: 24 }) // "exhaust pipe, 24 mm: 0.65 m, cut to 0.4 m and 0.25 m" */
export function pipePartText({ what, pieces, cutM, boreMm }: PipePart): string {
  const bore = boreMm === null ? '' : `, ${formatShort(boreMm, 1)} mm`;
  if (cutM.length === 0) return `${names[what]}${bore}: ${pieces}`;
  const whole = formatShort(
    cutM.reduce((sum, one) => sum + one, 0),
    2,
  );
  const cuts = cutM.map((one) => `${formatShort(one, 2)} m`);
  const last = cuts.pop() ?? '';
  return `${names[what]}${bore}: ${whole} m${cuts.length === 0 ? '' : `, cut to ${cuts.join(', ')} and ${last}`}`;
}
