import fc from 'fast-check';
import { id, soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import { changeRows, type RowChange } from '../../commands/changeRows';
import { addPart, firstLoop, inOrder, movePart } from './editLoop';

const put = (build: Build, changes: readonly RowChange[]): Build => {
  if (changes.length === 0) return build;
  const done = changeRows(build, changes);
  if (!done.ok) throw new Error(done.errors.join(' '));
  return done.build;
};
const rows = (build: Build) => rowsOf(build.lists, 'loop');
const order = (build: Build) => inOrder(rows(build)).map((row) => row.id);
/** The loop to begin with, as its key makes it. */
const begun = (): Build =>
  put(
    soundBuild(),
    firstLoop().map((values, i): RowChange => ({ list: 'loop', row: id(600 + i), action: 'add', values })),
  );
const eight = [600, 601, 602, 603, 604, 605, 606, 607].map(id);

test('a loop begins with heater, matrix, tank and pump, a hose behind each, and nothing measured', () => {
  const loop = inOrder(rows(begun()));
  expect(loop.map(({ kind }) => kind)).toEqual(['heater', 'hose', 'matrix', 'hose', 'tank', 'hose', 'pump', 'hose']);
  for (const row of loop)
    expect([row.boreMm, row.lengthM, row.riseMm, row.arrow]).toEqual([undefined, undefined, undefined, undefined]);
});

test('behind a part comes a hose, and behind a hose a part, of the same bore and on the same way', () => {
  const build = put(begun(), [
    { list: 'loop', row: id(602), action: 'set', column: 'boreMm', from: null, to: 16 },
    { list: 'loop', row: id(602), action: 'set', column: 'limb', from: 'main', to: 'a' },
  ]);
  const added = (after: string) => rows(put(build, addPart(rows(build), after, id(650)))).find((row) => row.id === id(650));
  expect(added(id(602))).toMatchObject({ kind: 'hose', boreMm: 16, limb: 'a', bends: 0 });
  expect(added(id(603))).toMatchObject({ kind: 'matrix', limb: 'main' });
});

test('a new part stands behind the one in hand, or at the end', () => {
  const build = begun();
  expect(order(put(build, addPart(rows(build), id(601), id(650))))).toEqual(
    [600, 601, 650, 602, 603, 604, 605, 606, 607].map(id),
  );
  expect(order(put(build, addPart(rows(build), null, id(650)))).at(-1)).toBe(id(650));
});

test('parts can be put between the same two again and again', () => {
  let build = begun();
  for (let i = 0; i < 14; i += 1) build = put(build, addPart(rows(build), id(600), id(660 + i)));
  expect(order(build).slice(0, 15)).toEqual([id(600), ...Array.from({ length: 14 }, (_, i) => id(673 - i))]);
});

test('a part that is moved again and again stands where it was put', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat({ max: 7 }), fc.nat({ max: 7 })), { maxLength: 30 }), (moves) => {
      let build = begun();
      let wanted = [...eight];
      for (const [which, to] of moves) {
        const moved = wanted[which] as string;
        build = put(build, movePart(rows(build), moved, to));
        const rest = wanted.filter((one) => one !== moved);
        wanted = [...rest.slice(0, to), moved, ...rest.slice(to)];
        expect(order(build)).toEqual(wanted);
      }
    }),
  );
});

test('a move to where it stands, or of what is not there, changes nothing', () => {
  const build = begun();
  expect(movePart(rows(build), id(603), 3)).toEqual([]);
  expect(movePart(rows(build), id(699), 0)).toEqual([]);
});
