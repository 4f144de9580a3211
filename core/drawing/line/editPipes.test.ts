import fc from 'fast-check';
import { id, soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { rowsOf, type RowOf } from '../../build/lists';
import { changeRows, type RowChange } from '../../commands/changeRows';
import { readerOf } from '../../figures/readerOf';
import { pieceName, pipeRows } from '../../model/air/wayOf';
import { partText, pipeParts } from '../../model/kit/partsTaken';
import { drawPipes } from '../form/drawPipes';
import { addPiece, firstPiece, movePiece } from './editPipes';

const put = (build: Build, changes: readonly RowChange[]): Build => {
  if (changes.length === 0) return build;
  const done = changeRows(build, changes);
  if (!done.ok) throw new Error(done.errors.join(' '));
  return done.build;
};
const rows = (build: Build) => rowsOf(build.lists, 'pipes');
const names = (build: Build, way: 'exhaust' | 'intake') => pipeRows(build.lists, way).map(pieceName);
/** An exhaust of four pieces and an intake of one, made by the very keys. */
function made(): Build {
  let build = soundBuild();
  for (let i = 0; i < 4; i += 1) build = put(build, addPiece(rows(build), 'exhaust', null, id(300 + i)));
  return put(build, addPiece(rows(build), 'intake', null, id(310)));
}

test('pieces are added at the end of their own pipe, or behind the one in hand', () => {
  const build = made();
  expect(names(build, 'exhaust')).toEqual(['piece 1', 'piece 2', 'piece 3', 'piece 4']);
  const between = put(build, addPiece(rows(build), 'exhaust', id(300), id(320)));
  expect(pipeRows(between.lists, 'exhaust').map((row) => row.id)).toEqual([300, 320, 301, 302, 303].map(id));
  expect(names(between, 'intake')).toEqual(['piece 1']);
});
test('a piece that is moved again and again stands where it was put, and the other pipe stays as it is', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat({ max: 3 }), fc.nat({ max: 3 })), { maxLength: 30 }), (moves) => {
      let build = made();
      let wanted = [300, 301, 302, 303].map(id);
      for (const [which, to] of moves) {
        const moved = wanted[which] as string;
        wanted = wanted.filter((one) => one !== moved);
        wanted.splice(to, 0, moved);
        build = put(build, movePiece(rows(build), 'exhaust', moved, to));
        expect(pipeRows(build.lists, 'exhaust').map((row) => row.id)).toEqual(wanted);
      }
      expect(names(build, 'intake')).toEqual(['piece 1']);
    }),
  );
});
test('begun from the rough figures, the first piece is as long and falls as far', () => {
  expect(firstPiece(readerOf(soundBuild()), 'exhaust')).toEqual([
    expect.objectContaining({ of: 'exhaust', lengthM: 0.8, riseMm: -90, boreMm: 24, bends: 2 }),
  ]);
});
test('unrolled, each piece has its rise and its length as fields, and its words tell both', () => {
  const build = made();
  const drawing = drawPipes('exhaust')(build, [], 700);
  expect(drawing.dimensions.map(({ key }) => key).sort()).toEqual(
    [300, 301, 302, 303].flatMap((n) => [`pipes/${id(n)}/lengthM`, `pipes/${id(n)}/riseMm`]).sort(),
  );
  expect(drawing.words).toMatch(/Piece 1, length not known, rise not known/);
});
test('what the pipes take is counted: cuts, the longest first, and clamps', () => {
  const piece = (n: number, more: Partial<RowOf<'pipes'>>): RowOf<'pipes'> => ({
    id: id(n),
    of: 'exhaust',
    kind: 'pipe',
    boreMm: 24,
    joint: 'band',
    supports: 1,
    ...more,
  });
  const build = {
    ...soundBuild(),
    lists: {
      pipes: [piece(1, { lengthM: 0.25 }), piece(2, { lengthM: 0.4, cover: 'wrap', coverM: 0.3 }), piece(3, { kind: 'muffler' })],
    },
  };
  expect(pipeParts(build).map(partText)).toEqual([
    'exhaust pipe, 24 mm: 0.65 m, cut to 0.4 m and 0.25 m',
    'muffler: 1',
    'wrap: 0.3 m',
    'clamps: 3',
    'supports: 3',
  ]);
});
