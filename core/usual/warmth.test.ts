import { startedBuild } from '../../tests/startedBuild';
import { assess, assessStage } from '../checks/assess';
import { messageOf } from '../checks/findingText';
import { inOrder } from '../drawing/line/editLoop';
import { classCards } from './classes';
import { usualDucts, usualLoop } from './warmth';

const [two, five, , coolant] = classCards;
if (!two || !five || !coolant) throw new Error('a class is missing');

test.each([two, five, coolant])(
  'a build begun from “$name” has its warmth judged on assumed figures, and nothing of it is left open',
  (card) => {
    const findings = assessStage(startedBuild({ card }), 'warmth');
    expect(findings.filter(({ level }) => level === 'open').map((one) => messageOf(one))).toEqual([]);
    expect(findings.filter(({ level }) => level !== 'sound').map((one) => messageOf(one))).toEqual([]);
  },
);

test('nothing assumed of ducts counts as known: what rests on it says so', () => {
  const found = assess(startedBuild({ card: two })).find(({ id }) => id === 'duct.return');
  expect(found?.assumed?.map((one) => ('list' in one ? one.list : one.path))).toEqual(
    expect.arrayContaining(['ducts', 'returns']),
  );
});

test('the card says whether it warms air or coolant', () => {
  const way = (card: typeof two) => startedBuild({ card }).sheets.warmth.way.planned;
  expect([way(two), way(coolant)]).toEqual(['ducts', 'loop']);
});

test('ducts are assumed of the bore that the card tells, and of a kit’s where it tells none', () => {
  const bores = (card: typeof two) => [...new Set(usualDucts({ card }).ducts.map(({ boreMm }) => boreMm))];
  expect(bores({ ...two, figures: { ...two.figures, 'siting.ductMm': { value: 90, source: 'plate' } } })).toEqual([90]);
  expect(bores({ ...two, figures: {} })).toEqual([75]);
});

test('the assumed loop comes back to the height from which it went, and back to the heater by a hose', () => {
  const loop = inOrder(usualLoop.map((row, i) => ({ ...row, id: `${i}` })));
  expect(loop.reduce((sum, { riseMm = 0 }) => sum + riseMm, 0)).toBe(0);
  expect([loop[0]?.kind, loop.at(-1)?.kind]).toEqual(['heater', 'hose']);
});

test('a heater that stands inside is not asked whether it is boxed in below the floor', () => {
  const boxed = (place: 'floor' | 'under') => startedBuild({ place }).sheets.siting.boxed;
  expect([boxed('floor').planned, boxed('under').planned]).toEqual(['no', null]);
});

test('where no older heater is replaced nobody is asked for an old exhaust; one that is said to be used is judged all the same', () => {
  const first = startedBuild({ card: two });
  const old = (exhaust: 'reused' | null) => {
    const sheets = {
      ...first.sheets,
      kit: {
        ...first.sheets.kit,
        oldExhaust: { planned: exhaust, fitted: null },
        oldExhaustLooked: { planned: 'no' as const, fitted: null },
      },
    };
    return assess({ ...first, sheets }).find(({ id }) => id === 'kit.exhaust.old')?.level;
  };
  expect([old(null), old('reused')]).toEqual(['sound', 'fix']);
});
