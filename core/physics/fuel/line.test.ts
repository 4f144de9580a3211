import { needsText } from '../../wording/needsText';
import { messageOf } from '../../checks/findingText';
import { readerOf } from '../../figures/readerOf';
import fc from 'fast-check';
import { Workspace } from 'epanet-js';
import { epanetDropsPa } from '../../../tests/epanetDropsPa';
import { demoBuild } from '../../../tests/demoBuild';
import { id, soundBuild } from '../../../tests/soundBuild';
import { set, withRows } from '../../../tests/withRows';
import type { Build } from '../../build/Build';
import { readBuild } from '../../build/readBuild';
import { isSuperseded } from '../../model/superseded';
import { assess } from '../../checks/assess';
import { summarizeBuild } from '../../checks/summarizeBuild';
import { unmeasuredFigures } from '../../model/unmeasuredFigures';
import { applyCommand } from '../../commands/applyCommand';
import { changeRows, type RowChange } from '../../commands/changeRows';
import { defaultPractices } from '../../practices/practices';
import { addSegment, firstSegments, splitSegment } from '../../drawing/line/editLine';
import { boresTried, goodSentence, linePicture, profileSentence } from '../../drawing/line/linePicture';
import { bubbleBoreLimitMm } from './bubbleBoreLimitMm';
import { gasShare } from './gasShare';
import { reynolds } from './lineDropPa';
import { segmentDropPa } from './pressureAlong';
import type { Segment } from './Route';
import { inOrder, segmentRows } from '../../model/fuel/routeOf';

const by = { name: 'F', role: 'fitter', at: '2026-11-20T10:00:00.000Z' } as const;
const lead = { ...by, role: 'lead' } as const;
const level = (build: Build, finding: string) => assess(build).find((c) => c.id === finding)?.level;
const put = (build: Build, changes: RowChange[]): Build => {
  const done = changeRows(build, changes);
  if (!done.ok) throw new Error(done.errors.join());
  return done.build;
};
/** Where along the whole line and how high each end lies, in order. */
const ends = (build: Build) => {
  let [at, z] = [0, 0];
  return segmentRows(build.lists).map((row) => {
    at += row.lengthM ?? 0;
    z += row.riseMm ?? 0;
    return { at, z, id: row.id };
  });
};

test('however often a line is split, every old end stays where it was, and the new ones lie in order between them', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(), fc.double({ min: 0.05, max: 0.95, noNaN: true })), { maxLength: 40 }), (cuts) => {
      let build = soundBuild({ 'fuel.pressureLengthM': 9 });
      let n = 6000;
      for (const [pick, share] of cuts) {
        const before = ends(build);
        const rows = segmentRows(build.lists);
        const row = rows[pick % rows.length];
        const fresh = id((n += 1));
        build = put(build, row ? splitSegment(rows, row.id, share, fresh) : []);
        const after = ends(build);
        // The far end of what was split is now the far end of its second half.
        for (const old of before) {
          const name = old.id === row?.id && after.length > before.length ? fresh : old.id;
          const now = after.find((end) => end.id === name);
          expect(now).toMatchObject({ at: expect.closeTo(old.at, 6), z: expect.closeTo(old.z, 6) });
        }
        expect(after.every((end, i) => i === 0 || end.at > (after[i - 1]?.at ?? 0))).toBe(true);
      }
      expect(readBuild(build).ok).toBe(true);
    }),
    { numRuns: 40 },
  );
});

test('ten splits in one place leave no room for an eleventh: the rows get new places, and their order stays', () => {
  let build = soundBuild();
  let last = segmentRows(build.lists)[0]?.id ?? '';
  const [n0, all] = [7000, [last]];
  for (let i = 0; i < 14; i += 1) {
    build = put(build, addSegment(segmentRows(build.lists), last, id(n0 + i)));
    // Each new one goes right behind the first, so the room there halves every time.
    all.splice(1, 0, id(n0 + i));
    last = all[0] ?? '';
    expect(
      segmentRows(build.lists)
        .slice(0, all.length)
        .map((row) => row.id),
    ).toEqual(all);
  }
  const orders = segmentRows(build.lists).map(({ order }) => order ?? 0);
  expect(orders.every((at, i) => Number.isInteger(at) && (i === 0 || at > (orders[i - 1] ?? 0)))).toBe(true);
});

test('two people at one line: one splits a segment while the other measures it; nothing is overwritten, and the clash shows both', () => {
  const build = soundBuild();
  const rows = segmentRows(build.lists);
  const row = rows[1];
  if (!row) throw new Error('no row');
  const split = splitSegment(rows, row.id, 0.5, id(8000));
  const measured = put(build, [{ list: 'segments', row: row.id, action: 'set', column: 'lengthM', from: 2.8, to: 3.1 }]);
  const late = applyCommand(measured, { kind: 'rows', changes: split }, by);
  expect(late).toMatchObject({ ok: false, why: 'clash', clashes: [{ label: 'to the heater, length', theirs: 3.1, yours: 1.4 }] });
  // Nothing of the split was half-written.
  expect(segmentRows(measured.lists)).toHaveLength(2);
  // A cell that the split does not touch is no clash.
  const other = put(build, [{ list: 'segments', row: row.id, action: 'set', column: 'near', from: 'outside', to: 'inside' }]);
  expect(applyCommand(other, { kind: 'rows', changes: split }, by).ok).toBe(true);
});

test('rows without a place come after those that have one, as they were put in; before the pump always comes first', () => {
  const row = (n: number, side: 'suction' | 'pressure', order?: number) => ({
    id: id(n),
    side,
    ...(order === undefined ? {} : { order }),
  });
  const names = (rows: Parameters<typeof inOrder>[0]) => inOrder(rows).map((r) => Number(r.id.slice(-3)));
  expect(
    names([row(1, 'pressure'), row(2, 'pressure', 5), row(3, 'suction'), row(4, 'suction', 9), row(5, 'suction', 2)]),
  ).toEqual([5, 4, 3, 2, 1]);
});

test('the two rough lengths make the first two segments, and from then on count no more', () => {
  const rough: Build = { ...soundBuild(), lists: { ...soundBuild().lists, segments: [] } };
  const first = firstSegments(readerOf(rough, { inputs: [], rules: [] }));
  expect(first).toMatchObject([
    { side: 'suction', lengthM: 0.6, riseMm: 60 - 250 - 40, end: 'filter' },
    { side: 'pressure', lengthM: 2.8, riseMm: 340, end: 'on' },
  ]);
  const known = { ...rough, lists: { ...rough.lists, segments: first.map((r, i) => ({ ...r, id: id(800 + i) })) } };
  // The same line either way: the same pressure to the last digit.
  const pa = (build: Build) =>
    assess(build)
      .find((c) => c.id === 'fuel.suction.pressure')
      ?.inputs.find((i) => i.path === 'fuel.suctionKPa')?.value;
  expect(pa(known)).toBe(pa(rough));
  expect(['fuel.suctionLengthM', 'fuel.pumpAngleDeg'].map((p) => isSuperseded(known, p))).toEqual([true, false]);
  const planned = structuredClone(known);
  planned.sheets.fuel.suctionLengthM.fitted = null;
  expect(unmeasuredFigures(planned)).toEqual([]);
  expect(unmeasuredFigures({ ...planned, lists: {} })).toEqual(['fuel.suctionLengthM']);
});

test('turbulent too a segment with its fitting loses what the EPANET engine says, within 2 %', async () => {
  const workspace = new Workspace();
  await workspace.loadModule();
  const some = fc
    .record({
      lengthM: fc.double({ min: 0.5, max: 8, noNaN: true }),
      boreMm: fc.double({ min: 2, max: 8, noNaN: true }),
      flow: fc.double({ min: 20, max: 300, noNaN: true }),
      end: fc.constantFrom<Segment['end'][]>('on', 'joint', 'filter'),
    })
    .filter(({ boreMm, flow }) => {
      const re = reynolds({ boreMm, flowMlS: flow, viscosityMm2S: 2 });
      return re > 4050 && re < 1e5;
    });
  const zeta = { on: 0, joint: 0.3, filter: 2 };
  for (const { lengthM, boreMm, flow, end } of fc.sample(some, { numRuns: 40, seed: 3 })) {
    const [pa = NaN] = epanetDropsPa(workspace, [{ lengthM, boreMm, zeta: zeta[end] }], flow, {
      viscosityMm2S: 2,
      densityKgM3: 832,
    });
    const segment: Segment = { id: null, name: 's', side: 'suction', lengthM, boreMm, riseMm: 0, end, gapMm: 0 };
    expect(segmentDropPa(segment, { viscosityMm2S: 2, densityKgM3: 832 }, flow) / pa).toBeCloseTo(1, 1.4);
  }
});

test.each([
  // Henry’s law by hand, Ostwald coefficient 0.1: volume of gas for a volume of fuel, at the lower pressure
  [100000, 100000, 0],
  [100000, 80000, 0.025],
  [100000, 50000, 0.1],
  [77541, 25847, 0.2],
  [100000, 120000, 0],
])('fuel that stood at %d Pa gives off, at %d Pa, %d of its volume', (air, pa, gas) =>
  expect(gasShare(air, pa)).toBeCloseTo(gas, 4),
);

test('another bore: it holds with the square, draws with the inverse fourth power, and carries bubbles up to its limit', () => {
  const picture = linePicture(soundBuild());
  if ('missing' in picture) throw new Error(needsText(picture.missing));
  const [two, four] = boresTried(picture.facts, -5, [2, 4]);
  expect((four?.volumeMl ?? 0) / (two?.volumeMl ?? 1)).toBeCloseTo(4, 9);
  expect((two?.speedMmS ?? 0) / (four?.speedMmS ?? 1)).toBeCloseTo(4, 9);
  // Fittings go with v², so a little is left over.
  expect((two?.dropKPa ?? 0) / (four?.dropKPa ?? 1)).toBeCloseTo(16, 0.5);
  expect([two?.carries, four?.carries]).toEqual([true, false]);
  expect(
    boresTried(picture.facts, -5, [bubbleBoreLimitMm(832) - 0.01, bubbleBoreLimitMm(832) + 0.01]).map(({ carries }) => carries),
  ).toEqual([true, false]);
  expect(boresTried(picture.facts, -5, [2])[0]?.volumeMl).toBeCloseTo(Math.PI * 3.4, 6);
});

describe('sentences about the run', () => {
  const picture = linePicture(soundBuild());
  if ('missing' in picture) throw new Error(needsText(picture.missing));
  const { facts, asBuilt } = picture;
  test.each([
    [{}, /^Lowest at the pump: 91 kPa absolute at the height of the stroke, and 1 % of each stroke is gas there\.$/],
    [{ levelMm: 20 }, /^The fuel stands at 20 mm, below the pickup at 30 mm: nothing comes\.$/],
    [{ temperatureC: -40, altitudeM: 5000 }, /kPa/],
  ] as const)('with %j', (more, sentence) => expect(profileSentence(facts, { ...asBuilt, ...more })).toMatch(sentence));
  test('how far down it is good, by how full it is', () => {
    expect(goodSentence(facts, 70)).toBe(
      'This run is good to −20 °C on road diesel, grade F (winter) with a quarter tank; colder, the fuel itself plugs.',
    );
    expect(goodSentence(facts, 240)).toMatch(/with a full tank/);
    expect(goodSentence(facts, 10)).toBe('Fuel stands at 10 mm, the pickup at 30 mm: nothing comes, however warm it is.');
    expect(goodSentence({ ...facts, fuel: { ...facts.fuel, cfppC: null }, limitPercent: 0.0001 }, 100)).toMatch(
      /does not work at any temperature/,
    );
  });
});

describe('the demo shows what it is for', () => {
  test('a line that is fine in May fails in January', () => {
    const at = (coldest: number) =>
      level(
        demoBuild('Thimble Theatre', { 'heater.coldestFuelC': coldest, 'survey.coldestC': coldest }),
        'fuel.suction.pressure',
      );
    expect([at(12), at(-18)]).toEqual(['sound', 'fix']);
  });
  test('a pickup above the fuel, a filter after the pump, a loop over the axle', () => {
    const build = demoBuild('Fellgate Control');
    expect(
      ['fuel.pickup.level', 'fuel.filter.place', 'fuel.line.route', 'fuel.bubbles', 'fuel.pump.mount'].map((finding) =>
        level(build, finding),
      ),
    ).toEqual(Array(5).fill('fix'));
  });
  test('on the signed one every finding of the fuel side holds', () => {
    const findings = assess(demoBuild('Page Turner No. 3')).filter((c) => c.stage === 'fuel' && c.id !== 'fuel.leak');
    expect(findings.filter((c) => c.level !== 'sound').map((c) => messageOf(c))).toEqual([]);
  });
});

describe('practices of the fuel side', () => {
  const under = (practice: object, change = {}) => {
    const build = withRows({}, change);
    return { ...build, practices: { ...build.practices, ...practice } };
  };
  test('a raised pickup, joints where a hand reaches them, a source that the workshop prefers', () => {
    expect(level(under({ pickup: 'raised' }), 'fuel.pickup.clearance')).toBe('watch');
    expect(level(under({ pickup: 'low' }), 'fuel.pickup.clearance')).toBe('sound');
    const joint = { segments: set(1, { end: 'joint', gapMm: 0 }) };
    expect([level(under({}, joint), 'fuel.line.joint'), level(under({ joints: 'reached' }, joint), 'fuel.line.joint')]).toEqual([
      'watch',
      'sound',
    ]);
    expect([
      level(under({ source: 'vehicle' }), 'fuel.source.pressure'),
      level(under({ source: 'own' }), 'fuel.source.pressure'),
    ]).toEqual(['watch', 'sound']);
  });
  test('a build from before these practices is whole, is checked by their first options, and takes a change from there', () => {
    const { pickup: _p, joints: _j, source: _s, ...older } = defaultPractices;
    const build = { ...soundBuild(), practices: older } as Build;
    expect(readBuild(build).ok).toBe(true);
    expect(assess(build)).toEqual(assess(soundBuild()));
    const changed = applyCommand(build, { kind: 'practices', changes: [{ key: 'pickup', from: 'low', to: 'raised' }] }, lead);
    expect(changed.ok && changed.build.practices).toEqual({ ...older, pickup: 'raised' });
    const stale = applyCommand(build, { kind: 'practices', changes: [{ key: 'pickup', from: 'bottom', to: 'raised' }] }, lead);
    expect(stale).toMatchObject({ ok: false, why: 'clash', clashes: [{ theirs: 'low', yours: 'raised' }] });
  });
});

test('the bay is told which look at the joints is due first', () => {
  const leaks = () => [{ id: id(1), name: 'filter', wipedAt: '2026-11-20T09:00:00.000Z' }];
  const told = (build: Build) => summarizeBuild(build, assess(build)).leak;
  // Wiped as the start began: due an hour on, once it had reached full output.
  expect(told(withRows({}, { leaks }))).toEqual({ look: 'warm', dueMs: Date.parse('2026-11-20T10:00:00Z'), joints: 1 });
  expect(told(soundBuild())).toBeNull();
});
