import { addMonths, format } from 'date-fns';
import fc from 'fast-check';
import { soundBuild } from '../../../tests/soundBuild';
import type { Build, Visit } from '../../build/Build';
import { applyCommand } from '../../commands/applyCommand';
import type { Author } from '../../commands/define';
import { alarmProblem } from '../../model/proving/alarmProblem';
import { dueKinds, nextDue } from '../../model/handover/dues';
import { assess } from '../assess';
import { messageOf } from '../findingText';
import { signState } from '../progress';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const lead: Author = { name: 'Test Lead', role: 'lead', at: '2027-11-20T10:00:00.000Z' };
const told = (build: Build, check: string): string => {
  const finding = assess(build).find((one) => one.id === check);
  return finding ? `${finding.level}: ${messageOf(finding)}` : 'none';
};
const visiting = (build: Build, visit: Partial<Visit>, at = lead.at) =>
  applyCommand(
    build,
    {
      kind: 'visit',
      visit: { id: id((build.visits?.length ?? 0) + 300), did: ['service'], found: 'sound', note: 'looked over', ...visit },
    },
    { ...lead, at },
  );
const visited = (build: Build, visit: Partial<Visit>, at = lead.at): Build => {
  const done = visiting(build, visit, at);
  if (!done.ok) throw new Error(done.errors.join(' '));
  return done.build;
};
const signed = (() => {
  const done = applyCommand(
    soundBuild(),
    { kind: 'sign', typedName: 'Test Lead', drawn: 'M10,10L60,120L110,20L160,120' },
    { ...lead, at: '2026-11-20T11:00:00.000Z' },
  );
  if (!done.ok) throw new Error(done.errors.join(' '));
  return done.build;
})();

describe('a visit after hand-over', () => {
  test('leaves the signature standing; a changed exhaust ends it, and opens what was proven of the exhaust', () => {
    expect(signState(visited(signed, {}))).toBe('signed');
    const changed = visited(signed, { changed: ['exhaust'] });
    expect(signState(changed)).toBe('corrected');
    expect(['leak.exhaust', 'co.reading'].map((check) => told(changed, check).split(':')[0])).toEqual(['open', 'open']);
  });
  test('what it found bad has to be mended until a later visit finds it sound', () => {
    const bad = visited(signed, { found: 'bad', note: 'clamp has rusted through' });
    expect(told(bad, 'service.visit')).toMatch(/^fix: .*clamp has rusted through/);
    expect(told(visited(bad, { did: ['alarm'] }), 'service.visit')).toMatch(/^fix: .*clamp has rusted through/);
    expect(told(visited(bad, {}), 'service.visit')).toBe('sound: Nothing is left open by 2 visits.');
  });
  test('thick soot has to be mended, whatever else is said of the visit', () => {
    const sooted = visited(signed, { soot: 'heavy' });
    expect([sooted, visited(sooted, {})].map((build) => told(build, 'service.visit').slice(0, 16))).toEqual([
      'fix: Thick soot ',
      'fix: Thick soot ',
    ]);
    expect(told(visited(sooted, { soot: 'none' }), 'service.visit')).toMatch(/^sound/);
    expect(told(visited(signed, { soot: 'light' }), 'service.visit')).toMatch(/^sound/);
  });
  test('volts that fell by half a volt since the first start are told with both', () => {
    expect(told(visited(signed, { glowV: 11.2 }), 'service.visit')).toBe(
      'watch: Since the first start: volts under glow fell from 11.70 V to 11.20 V.',
    );
    expect(told(visited(signed, { glowV: 11.3 }), 'service.visit')).toMatch(/^sound/);
    // Nobody read them again: they are as low as they were.
    expect(told(visited(visited(signed, { glowV: 11.2 }), {}), 'service.visit')).toMatch(/^watch: .*from 11.70 V to 11.20 V/);
  });
  test('the first start stays the first, whatever a later one read; with another battery it is the first on that', () => {
    const [start] = signed.starts;
    if (!start) throw new Error('no start');
    const weaker = start.readings.map((one) => (one.quantity === 'volts' ? { ...one, value: one.value - 0.4 } : one));
    const again = { ...start, id: id(77), at: '2026-11-20T15:00:00.000Z', readings: weaker };
    const build = { ...signed, starts: [start, again] };
    expect(told(visited(build, { glowV: 11.1 }), 'service.visit')).toContain('from 11.70 V to 11.10 V');
    const other = { ...build, worked: { battery: '2026-11-20T14:00:00.000Z' } };
    expect(told(visited(other, { glowV: 11.1 }), 'service.visit')).toMatch(/^sound/);
  });
  test('none is kept of a heater that never reached full output in its place', () => {
    const done = visiting({ ...soundBuild(), starts: [] }, {});
    expect(done.ok ? '' : done.errors[0]).toContain('has not reached full output');
  });
  test('what is due next is the first of all, counted anew from the visit that did it, as date-fns counts months', () => {
    expect(nextDue(signed)).toEqual({ kind: 'leaks', day: '2026-12-20' });
    const days = fc
      .integer({ min: 1, max: 28 })
      .chain((day) => fc.integer({ min: 0, max: 11 }).map((month) => new Date(2027, month, day)));
    fc.assert(
      fc.property(days, (day) => {
        const at = `${format(day, 'yyyy-MM-dd')}T10:00:00.000Z`;
        const after = visited(signed, { did: ['leaks', 'exhaust', 'service'] }, at);
        expect(nextDue(after)?.day).toBe(format(addMonths(day, dueKinds.leaks.everyMonths), 'yyyy-MM-dd'));
      }),
      { numRuns: 20 },
    );
  });
});

describe('an alarm by its own manual', () => {
  const alarm = { id: id(1), name: 'bed', made: 'leisure', sounds: 'yes', aboveFloorMm: 1200, wantsFromMm: 1000, wantsToMm: 1500, fromHeaterMm: 1500, wantsAwayMm: 1000, endsAt: '2031-01-01T00:00:00.000Z' } as const; // prettier-ignore
  const withAlarm = (row: object): Build => {
    const build = soundBuild();
    return { ...build, lists: { ...build.lists, alarms: [{ ...alarm, ...row }] } };
  };
  test.each<[string, object, RegExp]>([
    ['as it wants', {}, /^sound/],
    ['too low', { aboveFloorMm: 900 }, /^stop: “bed” sits 900 mm above the floor; its manual wants 1000 to 1500 mm/],
    ['too high', { aboveFloorMm: 1501 }, /^stop: .*1501 mm above the floor/],
    ['too near', { fromHeaterMm: 999 }, /^stop: .*sits 999 mm from the heater; its manual wants at least 1000 mm/],
    ['silent', { sounds: 'no' }, /^stop: .*did not sound/],
    ['past its date when the heater was lit', { endsAt: '2026-11-01T00:00:00.000Z' }, /^stop: .*ran out on 2026-11-01/],
    ['made to nothing', { made: 'none' }, /^fix: .*made to no standard/],
    ['made for buildings', { made: 'home' }, /^fix: .*made for buildings/],
    ['of which the manual gives nothing', { wantsFromMm: 0, wantsToMm: 4000, wantsAwayMm: 0 }, /^sound/],
    ['of which its height was not measured', { aboveFloorMm: undefined }, /^open: Enter of “bed”, under Alarms: above the floor/],
  ])('%s, is told so', (_how, row, says) => {
    expect(told(withAlarm(row), 'co.alarm')).toMatch(says);
  });
  test('no bad alarm gets sound by leaving a cell out', () => {
    const rows = fc.record({
      made: fc.constantFrom('leisure', 'home', 'none'),
      sounds: fc.constantFrom('yes', 'no'),
      endsAt: fc.constantFrom('2031-01-01T00:00:00.000Z', '2026-11-01T00:00:00.000Z'),
      aboveFloorMm: fc.constantFrom(900, 1200, 1600),
      fromHeaterMm: fc.constantFrom(500, 1500),
    });
    const cells = [
      'made',
      'sounds',
      'endsAt',
      'aboveFloorMm',
      'wantsFromMm',
      'wantsToMm',
      'fromHeaterMm',
      'wantsAwayMm',
    ] as const;
    fc.assert(
      fc.property(rows, fc.constantFrom(...cells), (row, left) => {
        fc.pre(/^(stop|fix)/.test(told(withAlarm(row), 'co.alarm')));
        expect(told(withAlarm({ ...row, [left]: undefined }), 'co.alarm')).not.toMatch(/^(sound|watch)/);
      }),
      { numRuns: 25 },
    );
  });
  test('in a building one made for buildings is right', () => {
    const build = withAlarm({ made: 'home' });
    expect(alarmProblem({ ...build, identity: { ...build.identity, kind: 'building' } }, { ...alarm, made: 'home' })).toBeNull();
  });
  test('the day on which it runs out is due, where that comes first', () => {
    expect(nextDue(withAlarm({ endsAt: '2026-12-01T00:00:00.000Z' }))).toEqual({ kind: 'alarmEnds', day: '2026-12-01' });
  });
});
