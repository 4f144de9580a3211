import { checks } from '../checks/allChecks';
import { listIds } from './lists';
import { placeHref, placeOfCheck, placeOfFigure, sectionAt, sectionsOf, sheetIds } from './sections';
import { figurePaths } from './sheets';

const all = sheetIds.flatMap((sheet) => Object.values(sectionsOf(sheet)));
const twice = (names: readonly string[]) => names.filter((name, i) => names.indexOf(name) !== i);

test('every figure is entered in one section', () => {
  const held = all.flatMap(({ figures }) => Object.values(figures).flat());
  expect(twice(held)).toEqual([]);
  expect(figurePaths.filter((path) => !held.includes(path))).toEqual([]);
});

test('every list is kept in one section', () => {
  const held = all.flatMap(({ lists }) => lists);
  expect(twice(held)).toEqual([]);
  expect(listIds.filter((list) => !held.includes(list))).toEqual([]);
});

test('every check is told in a section of its own stage', () => {
  expect(checks.filter(({ id, stage }) => placeOfCheck(id).sheet !== stage).map(({ id }) => id)).toEqual([]);
});

test('every check that a section names exists', () => {
  const ids = checks.map(({ id }) => id);
  const named = all.flatMap(({ checks: names }) => names);
  expect(named.filter((name) => !ids.some((id) => id === name || id.startsWith(`${name}.`)))).toEqual([]);
});

test('a place has an address of its own; the first section is that of its sheet', () => {
  expect(placeHref('b', placeOfFigure('fuel.pumpAngleDeg'))).toBe('/builds/b/fuel/pump');
  expect(placeHref('b', placeOfFigure('tank.way'))).toBe('/builds/b/fuel');
  expect(sectionAt('fuel', 'nothing of the kind')).toBe('source');
});
