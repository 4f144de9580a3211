import { buildHash } from '../build/buildHash';
import { holdPointIds, stageIds, type HoldPoint } from '../build/stages';
import { soundBuild, type Values } from '../../tests/soundBuild';
import type { Build } from '../build/Build';
import { emptyBuild } from '../build/emptyBuild';
import { assess } from './assess';
import { levels, type Finding } from './Finding';
import { releasableIds, holdPointState } from './holdPointState';
import { isProven, isStanding, signState, wettedStages, worstLevel } from './progress';

/** The first hold point at which something stands. */
const guarded = (values: Values, more: Partial<Build> = {}) => {
  const build = { ...soundBuild(values), ...more };
  return (
    releasableIds.find((id) => {
      const { stops, open } = holdPointState(build, assess(build), id);
      return stops.length + open.length > 0;
    }) ?? null
  );
};

test.each<[Values, HoldPoint | null]>([
  [{}, null],
  [{ 'air.exhaustPastOutlineMm': -50, 'wiring.fuseA': 0 }, 'bolting'],
  [{ 'fuel.pumpAngleDeg': 3, 'wiring.fuseA': 0 }, 'closing'],
  [{ 'wiring.fuseFromBatteryMm': 900 }, 'power'],
  [{ 'proving.coAlarmFitted': 'no' }, 'fire'],
  [{ 'wiring.batteryCapacityAh': 10 }, null],
])('with %j the first hold point at which something stands is %s', (values, expected) => {
  expect(guarded(values)).toBe(expected);
});

test('what is not measured guards its step too', () => {
  expect(guarded({ 'fuel.pumpAngleDeg': null })).toBe('closing');
  expect(guarded({}, { primingRuns: [] })).toBe('fire');
});

test('the dipstick is wet only as far as everything below is proven', () => {
  const wet = (values: Values, more: Partial<Build> = {}) => wettedStages({ ...soundBuild(values), ...more });
  expect(wet({})).toBe(stageIds.indexOf('signoff'));
  expect(wet({ 'survey.engineFuel': null })).toBe(0);
  expect(wet({ 'fuel.jointGapMm': 9 })).toBe(stageIds.indexOf('fuel'));
  expect(wet({ 'wiring.fuseFromBatteryMm': 900 })).toBe(stageIds.indexOf('wiring'));
  expect(wet({}, { starts: [] })).toBe(stageIds.indexOf('startup'));
  expect(wettedStages(emptyBuild(soundBuild().id, soundBuild().identity))).toBe(0);
});

test('a stage whose findings hold on planned figures alone is not proven', () => {
  const build = soundBuild();
  build.sheets.fuel.pumpAngleDeg.fitted = null;
  const findings = assess(build);
  expect(findings.filter((c) => c.stage === 'fuel').every((c) => c.level === 'sound')).toBe(true);
  expect(isProven(build, findings, 'fuel')).toBe(false);
});

test('a watch does not stand in the way, a waived finding neither', () => {
  const finding = (level: Finding['level'], waived: Finding['waived'] = null): Finding => ({
    id: 'x',
    stage: 'fuel',
    holdPoint: 'closing',
    part: 'pump',
    level,
    code: 'x',
    values: {},
    needs: [],
    kind: 'road',
    source: '',
    rules: [],
    inputs: [],
    waived,
  });
  expect(levels.map((level) => isStanding(finding(level)))).toEqual([true, true, true, false, false]);
  expect(isStanding(finding('fix', { reason: 'r', by: 'b' }))).toBe(false);
  expect(worstLevel([finding('sound'), finding('watch'), finding('fix', { reason: 'r', by: 'b' })])).toBe('watch');
  expect(worstLevel([finding('sound'), finding('open'), finding('stop')])).toBe('stop');
  expect(worstLevel([])).toBeNull();
});

test('a signature covers the build as it stood, and nothing after', () => {
  const build = soundBuild();
  const signature = {
    by: 'A',
    role: 'lead' as const,
    typedName: 'A',
    at: '2026-11-20T10:00:00Z',
    drawn: 'M1,1L2,2',
    buildHash: buildHash(build),
  };
  const signed = { ...build, signatures: [signature] };
  expect([signState(build), signState(signed)]).toEqual(['unsigned', 'signed']);
  expect(signState({ ...signed, identity: { ...build.identity, name: 'Other' } })).toBe('corrected');
  expect(signState({ ...signed, signatures: [signature, { ...signature, by: 'B' }] })).toBe('signed');
});

test('findings come by stage, then by hold point, then worst first', () => {
  const findings = assess(
    soundBuild({
      'wiring.fuseFromBatteryMm': 900,
      'wiring.cableAreaMm2': 0.75,
      'wiring.batteryCapacityAh': 10,
      'wiring.feedSource': 'mains',
    }),
  );
  const rank = (c: Finding) => stageIds.indexOf(c.stage) * 100 + holdPointIds.indexOf(c.holdPoint) * 10 + levels.indexOf(c.level);
  const ranks = findings.map(rank);
  expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
});
