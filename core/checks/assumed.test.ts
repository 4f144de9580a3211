import fc from 'fast-check';
import type { Build } from '../build/Build';
import { fieldAt, type FigurePath } from '../build/sheets';
import { assumedAt, assumedPaths, takeAssumed } from '../build/takeAssumed';
import { applyCommand } from '../commands/applyCommand';
import { spoiledBuild } from '../../tests/anyBuild';
import { id, soundBuild, withValues, type Values } from '../../tests/soundBuild';
import { anyAnswers, startedBuild } from '../../tests/startedBuild';
import { startFrom } from '../usual/startFrom';
import { assess, Assessor } from './assess';
import { countedLevel, levels, type Finding } from './Finding';
import { messageOf, remedyOf } from './findingText';
import { holdPointState, releasableIds } from './holdPointState';
import { isProven, isStanding } from './progress';

const rank = (level: Finding['level']): number => levels.indexOf(level);
const isBad = ({ level }: Finding): boolean => level === 'stop' || level === 'fix';
const byId = (findings: readonly Finding[]) => new Map(findings.map((one) => [one.id, one]));
/** A build of which a few figures are anything and many unknown, with everything assumed that can be. */
const halfKnown: fc.Arbitrary<Build> = fc
  .tuple(spoiledBuild(60), anyAnswers)
  .map(([build, answers]) => ({ ...build, assumed: startFrom(answers).assumed }));
const ofWork = (findings: readonly Finding[]) => findings.filter(({ stage }) => stage !== 'signoff');

/** Figures that are wrong by themselves, and the check that says so. */
const badFigures = [
  ['air.intakeFrom', 'cabin', 'air.intake.inside'],
  ['air.exhaustPastOutlineMm', -300, 'exhaust.end.underneath'],
  ['wiring.fuseA', 0, 'wiring.fuse.rating'],
  ['fuel.pumpAngleDeg', 0, 'fuel.pump.angle'],
  ['fuel.filterPlace', 'afterPump', 'fuel.filter.place'],
  ['tank.vent', 'inside', 'fuel.tank.vent'],
  ['siting.heaterLies', 'upsideDown', 'siting.orientation'],
  ['proving.coAlarmFitted', 'no', 'co.alarm'],
] as const;

describe('what is known and what is assumed', () => {
  it('never tells a known fault milder because something is assumed, nor as if it rested on it', () => {
    fc.assert(
      fc.property(halfKnown, (build) => {
        const { assumed: _assumed, ...known } = build;
        const told = byId(assess(build));
        for (const fault of ofWork(assess(known)).filter((one) => isBad(one) && !one.waived)) {
          const now = told.get(fault.id) as Finding;
          expect(rank(now.level)).toBeLessThanOrEqual(rank(fault.level));
          if (now.level === fault.level) expect(now.assumed).toBeUndefined();
          else expect(now.knownAlready).toEqual({ level: fault.level, code: fault.code, values: fault.values });
        }
      }),
      { numRuns: 60 },
    );
  });
  it('counts nothing as sound that rests on an assumption', () => {
    fc.assert(
      fc.property(halfKnown, (build) => {
        for (const finding of assess(build))
          if (finding.assumed) {
            expect(isStanding(finding)).toBe(true);
            expect(['stop', 'fix', 'open']).toContain(countedLevel(finding));
            expect(finding.waived).toBeNull();
          }
      }),
      { numRuns: 60 },
    );
  });
  it('finds the very same once every assumed figure is entered as it was assumed', () => {
    fc.assert(
      fc.property(anyAnswers, (answers) => {
        const build = startedBuild(answers);
        const values = Object.fromEntries(assumedPaths(build).map((path) => [path, assumedAt(build, path)?.value]));
        const { assumed, ...rest } = build;
        const entered = { ...withPlanned(rest, values), lists: assumed?.lists };
        const after = byId(assess(entered));
        for (const before of ofWork(assess(build)).filter(({ level }) => level !== 'open')) {
          const now = after.get(before.id) as Finding;
          expect([before.id, now.level, now.code, now.values]).toEqual([before.id, before.level, before.code, before.values]);
          expect(now.assumed).toBeUndefined();
        }
      }),
      { numRuns: 25 },
    );
  });
  it('judges the same one change after the other as it does afresh', () => {
    const assessor = new Assessor();
    fc.assert(
      fc.property(halfKnown, (build) => {
        expect(assessor.assess(build)).toEqual(assess(build));
      }),
      { numRuns: 25 },
    );
  });
  it('forgets an assumption as soon as the same value is measured', () => {
    const build = startedBuild();
    const assessor = new Assessor();
    const angle = (one: Build) => assessor.assess(one).find((c) => c.id === 'fuel.pump.angle') as Finding;
    expect(angle(build)).toMatchObject({ level: 'sound', assumed: [{ path: 'fuel.pumpAngleDeg', value: 25 }] });
    const measured = withValues(build, { 'fuel.pumpAngleDeg': 25 });
    expect(angle(measured)).toMatchObject({ level: 'sound' });
    expect(angle(measured).assumed).toBeUndefined();
    expect(angle(build).assumed).toHaveLength(1);
  });
});

describe('a figure that is known to be bad', () => {
  it('left out it makes no finding better than not measured, whatever is assumed in its place', () => {
    fc.assert(
      fc.property(anyAnswers, fc.constantFrom(...badFigures), (answers, [path, value, checkId]) => {
        const bad = withValues({ ...soundBuild(), assumed: startFrom(answers).assumed }, { [path]: value });
        expect(['stop', 'fix']).toContain(byId(assess(bad)).get(checkId)?.level);
        const without = byId(assess(withValues(bad, { [path]: null }))).get(checkId) as Finding;
        expect(levels.indexOf(countedLevel(without))).toBeLessThanOrEqual(levels.indexOf('open'));
      }),
      { numRuns: 40 },
    );
  });
});

describe('a finding on assumed figures', () => {
  const build = startedBuild();
  const angle = assess(build).find((c) => c.id === 'fuel.pump.angle') as Finding;
  const end = assess(build).find((c) => c.id === 'exhaust.end.underneath') as Finding;
  it('says on which', () => {
    expect(messageOf(angle)).toBe(
      'Pump lies at 25° (15 to 35°, outlet up). That is so if “Pump angle, outlet up” is 25°, as assumed.',
    );
  });
  it('names what has to be measured, even where it is sound', () => {
    expect(remedyOf(angle)).toBe('Measure what it rests on: “Pump angle, outlet up”.');
  });
  it('keeps its remedy beside what is to be measured where it is a stop', () => {
    expect(end.level).toBe('stop');
    expect(remedyOf(end)).toMatch(/outline.*Measure what it rests on: “Exhaust end past the outline”\.$/);
  });
  it('stands at its hold point, with the stop before it', () => {
    const state = holdPointState(build, assess(build), 'bolting');
    expect(state.stops.map((c) => c.id)).toContain('exhaust.end.underneath');
    expect(holdPointState(build, assess(build), 'closing').open.map((c) => c.id)).toContain('fuel.pump.angle');
  });
  it('proves no stage', () => {
    for (const stage of ['survey', 'fuel', 'air', 'wiring'] as const) expect(isProven(build, assess(build), stage)).toBe(false);
  });
  it('can’t be waived: it is measured first', () => {
    const fix = assess(build).find((c) => c.level === 'fix' && c.assumed) as Finding;
    const done = applyCommand(
      build,
      { kind: 'waive', checkId: fix.id, code: fix.code, values: fix.values, why: 'it was always like this' },
      { name: 'L', role: 'lead', at: '2026-11-20T09:00:00.000Z' },
    );
    expect(done).toMatchObject({ ok: false, why: 'standing' });
    expect(done.ok ? '' : done.errors[0]).toMatch(/rests on assumed figures; measure them first/);
  });
  it('lets nobody sign', () => {
    const nearly = { ...soundBuild(), assumed: startFrom({ ...answersOf() }).assumed };
    const without = { ...nearly, ...withPlanned(nearly, { 'air.endsApartMm': null }) };
    expect(assess(without).find((c) => c.id === 'air.separation')).toMatchObject({ assumed: [{ path: 'air.endsApartMm' }] });
    expect(assess(without).find((c) => c.id === 'signoff.open')?.level).toBe('fix');
  });
  it.each(releasableIds)('lists at %s the figures it rests on', (holdPoint) => {
    for (const finding of holdPointState(build, assess(build), holdPoint).open.filter(({ assumed }) => assumed))
      expect(remedyOf(finding)).toContain('Measure what it rests on');
  });
});

describe('the command that assumes', () => {
  const author = { name: 'F', role: 'fitter', at: '2026-11-20T09:00:00.000Z' } as const;
  const assume = (figures: object) =>
    applyCommand(soundBuild(), { kind: 'assume', assumed: { basis: 'a van', figures } } as never, author);
  it('changes no figure that somebody entered', () => {
    const done = assume({ 'fuel.pumpAngleDeg': { value: 5, low: 0, high: 60, why: 'usual' } });
    expect(done.ok && done.build.sheets).toEqual(soundBuild().sheets);
    expect(done.ok && assess(done.build).every((c) => !c.assumed)).toBe(true);
  });
  it.each([
    ['a range that is upside down', { value: 5, low: 60, high: 0, why: 'usual' }, /low to high/],
    ['a value outside its range', { value: 70, low: 0, high: 60, why: 'usual' }, /hold the value/],
    ['a value outside the figure’s bounds', { value: 95, low: 0, high: 95, why: 'usual' }, /90/],
    ['no reason', { value: 5, low: 0, high: 60, why: '' }, /why/],
    ['no range', { value: 5, why: 'usual' }, /low/],
  ])('refuses %s', (_name, figure, sentence) => {
    const done = assume({ 'fuel.pumpAngleDeg': figure });
    expect(done.ok ? [] : done.errors.join(' ')).toMatch(sentence);
  });
  it('refuses an answer that is not among those that it names', () => {
    const done = assume({ 'fuel.filterPlace': { value: 'none', among: ['beforePump'], why: 'usual' } });
    expect(done.ok ? [] : done.errors.join(' ')).toMatch(/one of the answers that are met/);
  });
});

describe('a build in which assumptions are taken', () => {
  it('holds them only where nobody has said anything', () => {
    const build = withValues(startedBuild(), { 'fuel.pumpAngleDeg': 4 });
    const taken = takeAssumed(build);
    expect(taken.sheets.fuel.pumpAngleDeg).toEqual({ planned: 4, fitted: 4 });
    expect(taken.sheets.fuel.jointGapMm).toEqual({ planned: 0, fitted: null, assumed: true });
    expect(build.sheets.fuel.jointGapMm).toEqual({ planned: null, fitted: null });
  });
  it('takes an assumed list until there is a row of somebody’s own', () => {
    const build = startedBuild();
    expect(takeAssumed(build).lists?.parts?.length).toBeGreaterThan(10);
    const own = [{ id: id(7), name: 'heater', kind: 'heater' as const }];
    expect(takeAssumed({ ...build, lists: { parts: own } }).lists?.parts).toEqual(own);
  });
});

function answersOf() {
  return {
    shape: 'van',
    card: startedBuild().unitCard as never,
    source: 'ownTank',
    place: 'floor',
    tankAway: 'near',
    batteryAway: 'near',
  } as const;
}
/** Values put in as planned alone. */
function withPlanned(build: Build, values: Values): Build {
  const sheets = structuredClone(build.sheets) as unknown as Record<string, Record<string, object>>;
  for (const [path, value] of Object.entries(values) as [FigurePath, number | string | null][]) {
    const [sheet = '', name = ''] = path.split('.');
    expect(fieldAt(path)).toBeDefined();
    (sheets[sheet] as Record<string, object>)[name] = { planned: value, fitted: null };
  }
  return { ...build, sheets: sheets as unknown as Build['sheets'] };
}
