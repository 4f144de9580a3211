import { id, soundBuild } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import type { ListValues } from '../../build/lists';
import { partsNotListed, partsTaken, partText } from './partsTaken';

const build = (lists: ListValues): Build => ({ ...soundBuild(), lists });
const ducts: ListValues = {
  ducts: [
    { id: id(1), boreMm: 75, lengthM: 0.8, end: 'on' },
    { id: id(2), boreMm: 75, lengthM: 1.2, end: 'open', fromId: id(1) },
    { id: id(3), boreMm: 60, lengthM: 2, end: 'closable', fromId: id(1) },
  ],
};

test('ducts are counted by their bore, with what they branch by and their outlets', () => {
  expect(partsTaken(build(ducts)).map(partText)).toEqual([
    'warm-air duct, 75 mm: 2 m, cut to 1.2 m and 0.8 m',
    'warm-air duct, 60 mm: 2 m',
    'splitter: 1',
    'outlet: 2',
  ]);
});
test('a loop takes hoses by their bore, two clamps each, and what sits between them', () => {
  const loop: ListValues = {
    loop: [
      { id: id(1), kind: 'heater' },
      { id: id(2), kind: 'hose', boreMm: 18, lengthM: 1.5 },
      { id: id(3), kind: 'matrix' },
      { id: id(4), kind: 'hose', boreMm: 18, lengthM: 0.4 },
      { id: id(5), kind: 'valve' },
    ],
  };
  expect(partsTaken(build(loop)).map(partText)).toEqual([
    'coolant hose, 18 mm: 1.9 m, cut to 1.5 m and 0.4 m',
    'hose clamps: 4',
    'matrix with blower: 1',
    'valve of the loop: 1',
  ]);
});
test('what is put on the list once is not asked for again, and what the list holds already is not doubled', () => {
  const begun = build({ ...ducts, parts: [{ id: id(9), name: 'duct of the kit', kind: 'duct' }] });
  const missing = partsNotListed(begun);
  expect(missing.map(({ name, needed }) => [name, needed])).toEqual([
    ['splitter', 1],
    ['outlet', 2],
  ]);
  const listed = [...(begun.lists?.parts ?? []), ...missing.map((row, i) => ({ ...row, id: id(20 + i) }))];
  expect(partsNotListed({ ...begun, lists: { ...begun.lists, parts: listed } })).toEqual([]);
});
