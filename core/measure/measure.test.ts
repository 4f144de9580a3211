import { group } from 'd3';
import { demoCard } from '../../demo/unitCards';
import fc from 'fast-check';
import { soundBuild, withValues, type Values } from '../../tests/soundBuild';
import { anyAnswers, startedBuild } from '../../tests/startedBuild';
import type { Assumed, AssumedFigure } from '../build/Assumption';
import type { Build } from '../build/Build';
import { figurePaths, type FigurePath } from '../build/sheets';

import { assess } from '../checks/assess';
import type { Level } from '../checks/Finding';
import { nextMeasurements, otherValues, type NextMeasurement } from './nextMeasurements';
import { toolOf, walkPlaceIds, walkPlaceOf } from './stands';
import { countAsked, slotNow, walkRound } from './walkRound';

const pathOf = ({ at }: NextMeasurement) => ('path' in at ? at.path : at.list);
const why = 'usual; common practice, no source';

/** The sound build with five of its figures only assumed, each in a range that was picked. */
const fiveOf: readonly (readonly [FigurePath, AssumedFigure])[][] = [
  [
    ['fuel.suctionLengthM', { value: 0.6, low: 0.3, high: 3, why }],
    ['fuel.suctionBoreMm', { value: 2, low: 1.5, high: 5, why }],
    ['fuel.pumpAngleDeg', { value: 25, low: 0, high: 60, why }],
    ['fuel.jointGapMm', { value: 0, low: 0, high: 8, why }],
    ['fuel.filterPlace', { value: 'beforePump', among: ['beforePump', 'afterPump', 'none'], why }],
  ],
  [
    ['wiring.feedLengthM', { value: 2.5, low: 1, high: 7.2, why }],
    ['wiring.cableAreaMm2', { value: 4, low: 2, high: 6, why }],
    ['wiring.jointsMohm', { value: 5, low: 3, high: 20, why }],
    ['wiring.batteryRestV', { value: 12.7, low: 12.3, high: 12.9, why }],
    ['wiring.batteryMohm', { value: 10, low: 4, high: 40, why }],
  ],
  [
    ['siting.studLengthMm', { value: 40, low: 20, high: 60, why }],
    ['siting.clampWidthMm', { value: 12, low: 8, high: 16, why }],
    ['air.exhaustPastOutlineMm', { value: 40, low: -600, high: 200, why }],
    ['air.endsApartMm', { value: 800, low: 80, high: 1500, why }],
    ['air.intakeFallMm', { value: 60, low: 40, high: 250, why }],
  ],
];
function assuming(five: (typeof fiveOf)[number]): Build {
  const unknown = Object.fromEntries(five.map(([path]) => [path, null])) as Values;
  const { segments: _line, ...lists } = soundBuild().lists ?? {};
  const assumed: Assumed = { basis: 'a test', figures: Object.fromEntries(five) };
  return { ...withValues(soundBuild(), unknown), lists, assumed };
}
const combinations = (five: (typeof fiveOf)[number]): Record<string, number | string>[] =>
  five.reduce<Record<string, number | string>[]>(
    (all, [path, figure]) =>
      all.flatMap((one) => [figure.value, ...otherValues(figure)].map((value) => ({ ...one, [path]: value }))),
    [{}],
  );
const bad: Record<Level, number> = { sound: 0, watch: 1, open: 1, fix: 4, stop: 10 };
/** Every combination judged outright: levels by check, for each. */
function judgeAll(five: (typeof fiveOf)[number]) {
  const build = assuming(five);
  const { assumed: _assumed, ...plain } = build;
  return combinations(five).map((values) => ({
    values,
    levels: new Map(assess(withValues(plain, values as Values)).map((c) => [c.id, c.level])),
  }));
}
/** By how much a check's level moves when one figure alone is changed, at the most, while no more than one other is not as assumed. */
function moves(all: ReturnType<typeof judgeAll>, path: FigurePath): Map<string, number> {
  const worst = new Map<string, number>();
  const others = (values: Record<string, number | string>) => JSON.stringify({ ...values, [path]: null });
  const assumedNow = all[0]?.values ?? {};
  const near = all.filter(
    ({ values }) => Object.entries(values).filter(([key, value]) => key !== path && value !== assumedNow[key]).length <= 1,
  );
  const groups = group(near, ({ values }) => others(values));
  for (const alike of groups.values())
    for (const id of alike[0]?.levels.keys() ?? []) {
      const seen = alike.map(({ levels }) => bad[levels.get(id) as Level]);
      worst.set(id, Math.max(worst.get(id) ?? 0, Math.max(...seen) - Math.min(...seen)));
    }
  worst.delete('signoff.open');
  return worst;
}

describe('next measurements against every combination of three values for five unknowns', () => {
  const cases = fiveOf.map((five) => ({ five, all: judgeAll(five), next: nextMeasurements(assuming(five)) }));
  it.each(cases)('names each figure that can turn a check bad, case %#', ({ five, all, next }) => {
    for (const [path] of five) {
      const canTurn = [...moves(all, path).values()].some((by) => by >= 3);
      const entry = next.find((one) => pathOf(one) === path);
      if (canTurn) expect([path, entry?.turns.length ?? 0]).not.toEqual([path, 0]);
    }
  });
  it.each(cases)('claims no turn that does not happen, case %#', ({ five, all, next }) => {
    const assumedNow = Object.fromEntries(five.map(([path, { value }]) => [path, value]));
    for (const entry of next)
      for (const { told, value, together } of entry.turns) {
        const values = { ...assumedNow, [pathOf(entry)]: value, ...(together ? { [together.path]: together.value } : {}) };
        const judged = all.find((one) => JSON.stringify(one.values) === JSON.stringify({ ...assumedNow, ...values }));
        expect([told.id, judged?.levels.get(told.id)]).toEqual([told.id, told.level]);
      }
  });
  it.each(cases)(
    'puts no figure that can never turn anything before one that turns something by itself, case %#',
    ({ five, all, next }) => {
      const order = next.map(pathOf);
      const idle = five.filter(([path]) => [...moves(all, path).values()].every((by) => by === 0));
      const alone = next.filter(({ turns }) => turns.some(({ together }) => !together));
      for (const [path] of idle)
        for (const entry of alone) expect(order.indexOf(path)).toBeGreaterThan(order.indexOf(pathOf(entry)));
    },
  );
  it('puts first what turns most, by all combinations, where the checks stand at one hold point', () => {
    const [fuel] = cases;
    const sum = (path: FigurePath) => [...moves(fuel!.all, path).values()].reduce((total, by) => total + by, 0);
    const byForce = fuel!.five.map(([path]) => path).sort((a, b) => sum(b) - sum(a));
    expect(pathOf(fuel!.next[0] as NextMeasurement)).toBe(byForce[0]);
  });
  it('finds two figures that are harmless alone and not together', () => {
    const [, wiring] = cases;
    const together = wiring!.next.flatMap((entry) =>
      entry.turns.filter((turn) => turn.together).map((turn) => [pathOf(entry), turn] as const),
    );
    expect(together.length).toBeGreaterThan(0);
    for (const [, { told }] of together) expect(['fix', 'stop']).toContain(told.level);
  });
});

describe('the list of next measurements', () => {
  it('holds every assumed figure on which a finding rests, once', () => {
    fc.assert(
      fc.property(anyAnswers, (answers) => {
        const build = startedBuild(answers);
        const order = nextMeasurements(build).map(pathOf);
        expect(new Set(order).size).toBe(order.length);
        const rested = assess(build).flatMap((c) => (c.assumed ?? []).map((one) => ('path' in one ? one.path : one.list)));
        for (const one of rested) expect(order).toContain(one);
      }),
      { numRuns: 10 },
    );
  });
  it('gets shorter with each figure that is measured', () => {
    const build = startedBuild();
    const before = nextMeasurements(build);
    const first = before.find(({ assumed }) => assumed) as NextMeasurement & { assumed: AssumedFigure };
    const after = nextMeasurements(withValues(build, { [pathOf(first)]: first.assumed.value }));
    expect(after.map(pathOf)).not.toContain(pathOf(first));
    expect(after.length).toBeLessThan(before.length);
  });
  it('is empty of assumed figures where all is measured', () => {
    expect(nextMeasurements(soundBuild()).filter(({ assumed }) => assumed)).toEqual([]);
  });
  it('asks for what nothing is assumed of, too', () => {
    const build = withValues(soundBuild(), { 'air.endsApartMm': null });
    expect(nextMeasurements(build).map(pathOf)).toContain('air.endsApartMm');
  });
  it('counts less what is wanted only after other hold points', () => {
    const build = startedBuild();
    const worth = (b: Build, path: FigurePath) => nextMeasurements(b).find((one) => pathOf(one) === path)?.worth ?? 0;
    const release = (['cutting', 'bolting', 'closing'] as const).map((holdPoint) => ({
      holdPoint,
      by: 'L',
      at: '2026-11-20T09:00:00.000Z',
      open: [],
    }));
    expect(worth({ ...build, releases: release }, 'wiring.fuseA')).toBeGreaterThan(worth(build, 'wiring.fuseA'));
  });
});

describe('a build like the sound one of the demo, begun from its unit card', () => {
  const build = startedBuild({ card: demoCard, source: 'ownTank' });
  const asked = countAsked(build, nextMeasurements(build));
  it('asks at most 45 figures before the first hole', () => {
    expect(asked.holdPoint).toBe('cutting');
    expect(asked.next).toBeLessThanOrEqual(45);
  });
  it('asks at most 120 in all', () => {
    expect(asked.all).toBeLessThanOrEqual(120);
  });
});

describe('the walk-round', () => {
  const build = startedBuild();
  const all = nextMeasurements(build);
  it('has every next measurement at one place, and places in the order of least walking', () => {
    const stops = walkRound(all);
    expect(stops.flatMap(({ items }) => items).length).toBe(all.length);
    const places = stops.map(({ place }) => walkPlaceIds.indexOf(place));
    expect(places).toEqual([...places].sort((a, b) => a - b));
  });
  it('has before the first hole only what is wanted then', () => {
    for (const { items } of walkRound(all, 'cutting')) for (const { holdPoint } of items) expect(holdPoint).toBe('cutting');
  });
  it('counts what is asked, and the count falls', () => {
    const count = countAsked(build, all);
    expect(count.next).toBeLessThan(count.all);
    expect(countAsked(build, all.slice(1)).all).toBe(count.all - 1);
  });
  it.each(figurePaths)('%s has a place and a tool', (path) => {
    expect(walkPlaceIds).toContain(walkPlaceOf(path));
    expect(toolOf(path)).toBeTruthy();
  });
  it.each<[FigurePath, string, string]>([
    ['fuel.fuelLevelMm', 'tank', 'stick'],
    ['fuel.pumpAngleDeg', 'pump', 'level'],
    ['wiring.batteryRestV', 'battery', 'meter'],
    ['fuel.suctionLengthM', 'line', 'string'],
    ['fuel.suctionBoreMm', 'line', 'calliper'],
    ['survey.coldestC', 'owner', 'ask'],
    ['tank.emptyKg', 'tank', 'scale'],
    ['heater.strokeVolumeMl', 'bench', 'plate'],
  ])('%s is taken at the %s with the %s', (path, place, tool) => {
    expect([walkPlaceOf(path), toolOf(path)]).toEqual([place, tool]);
  });
  it('enters a line as a plan before it is laid, and as fitted once the heater is bolted down', () => {
    const release = (['cutting', 'bolting'] as const).map((holdPoint) => ({
      holdPoint,
      by: 'L',
      at: '2026-11-20T09:00:00.000Z',
      open: [],
    }));
    expect(slotNow(build, 'fuel.suctionLengthM')).toBe('planned');
    expect(slotNow({ ...build, releases: release }, 'fuel.suctionLengthM')).toBe('fitted');
    expect(slotNow(build, 'fuel.jointGapMm')).toBe('fitted');
    expect(slotNow({ ...build, releases: release }, 'heater.pumpMaxHz')).toBe('planned');
  });
});
