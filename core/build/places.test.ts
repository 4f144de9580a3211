import { checks } from '../checks/allChecks';
import { listIds } from './lists';
import { sectionsOf, sheetIds } from './sections';
import { placeHref, placeOfCheck, placeOfFigure, sectionAt } from './places';
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

test('every check of today is named by a section of its stage', () => {
  const named = Object.fromEntries(
    sheetIds.map((sheet) => [sheet, Object.values(sectionsOf(sheet)).flatMap(({ checks: names }) => names)]),
  );
  const unnamed = checks.filter(({ id, stage }) => !named[stage]?.some((name) => id === name || id.startsWith(`${name}.`)));
  expect(unnamed.map(({ id }) => id)).toEqual([]);
});

test('a check that no section names is told in the first of its stage', () => {
  expect(placeOfCheck({ id: 'fuel.brandnew', stage: 'fuel' })).toEqual({ sheet: 'fuel', section: 'source' });
  expect(placeOfCheck({ id: 'fuel.tank.second', stage: 'fuel' }).section).toBe('source');
  expect(placeOfCheck({ id: 'fuel.tank.vent', stage: 'fuel' }).section).toBe('tank');
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
