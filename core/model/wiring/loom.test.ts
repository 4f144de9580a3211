import fc from 'fast-check';
import { id, soundBuild, withValues, type Values } from '../../../tests/soundBuild';
import { sampleOf } from '../../../tests/seed';
import { readerOf } from '../../figures/readerOf';
import type { Build } from '../../build/Build';
import type { RowOf } from '../../build/lists';
import { changeRows, type RowChange } from '../../commands/changeRows';
import { firstLoom, setInto } from '../../drawing/wiring/editLoom';
import { heaterV, loomOf, lostV, seenFromHeater } from './loomOf';
import { loomShorts, unguarded } from './loomShorts';
import { betterFeeds, lostIn } from './mostLost';
import { testPoints, whereLost } from './whereLost';

type Part = RowOf<'loomParts'>;
type Cable = RowOf<'cables'>;
const applyRows = (build: Build, changes: readonly RowChange[]): Build => {
  const changed = changeRows(build, changes);
  if (!changed.ok) throw new Error(changed.errors.join(' '));
  return changed.build;
};
const counted = (begin = 700) => {
  let n = begin;
  return () => id((n += 1));
};
/** The sound build with its feed as a loom. */
const begun = (values: Values = {}): Build => {
  const build = soundBuild(values);
  return applyRows(build, firstLoom(build, counted()));
};
const read = (build: Build) => readerOf(build);
const loomBuild = (loomParts: Part[], cables: Cable[], values: Values = {}): Build => {
  const build = soundBuild(values);
  return { ...build, lists: { ...build.lists, loomParts, cables } };
};
const [battery, fuse, heater, upper] = [id(1), id(2), id(3), id(4)];
const wire = (n: number, fromId: string, toId: string, carries: Cable['wire'], more: Partial<Cable> = {}): Cable => ({
  id: id(20 + n), name: `wire ${n}`, fromId, toId, wire: carries, areaMm2: 2.5, lengthM: 2, insulation: 'c70', near: 'clear', ...more,
}); // prettier-ignore
const simple = (fuseMore: Partial<Part> = {}, feed: Partial<Cable> = {}): Build =>
  loomBuild(
    [
      { id: battery, kind: 'battery', name: 'battery', restV: 12.6, ownMohm: 10 },
      { id: fuse, kind: 'fuse', name: 'fuse', ratingA: 15, mohm: 3, ...fuseMore },
      { id: heater, kind: 'heater', name: 'heater' },
    ],
    [
      wire(1, battery, fuse, 'plus', { lengthM: 0.1 }),
      wire(2, fuse, heater, 'plus', feed),
      wire(3, heater, battery, 'minus', feed),
    ],
  );

test('a loom begun from the feed as one cable loses what that lost, and gives what that gave', () => {
  fc.assert(
    fc.property(
      fc.record({
        'wiring.feedLengthM': fc.double({ min: 1, max: 15, noNaN: true }).map((m) => Math.round(m * 100) / 100),
        'wiring.cableAreaMm2': fc.constantFrom(1.5, 2.5, 4, 6),
        'wiring.jointsMohm': fc.integer({ min: 0, max: 60 }),
        'wiring.batteryMohm': fc.integer({ min: 2, max: 60 }),
        'wiring.fuseFromBatteryMm': fc.integer({ min: 20, max: 400 }).map((mm) => Math.round(mm / 10) * 10),
      }),
      (values) => {
        const [rough, own] = [read(soundBuild(values)), read(begun(values))];
        for (const figure of [
          'wiring.dropStartV',
          'wiring.dropRunV',
          'wiring.startV',
          'wiring.loopMohm',
          'wiring.morningV',
        ] as const)
          expect(own.derived(figure)).toBeCloseTo(rough.derived(figure), 2);
      },
    ),
    { numRuns: sampleOf(400, 60) },
  );
});
test('by hand: 2 m of 2.5 mm² there, 2 m back, 0.1 m to the fuse and 3 mΩ in it lose 0.36 V at 10 A', () => {
  const { feedV, earthV } = lostV(loomOf(read(withValues(simple(), { 'heater.startCurrentA': 10 }))), 'start');
  expect(feedV).toBeCloseTo(10 * ((2.1 * 7.98) / 1000 + 0.003), 4);
  expect(earthV).toBeCloseTo((10 * 2 * 7.98) / 1000, 4);
});
test('two batteries beside each other give as their resistances: 10 and 30 mΩ share as 3 to 1', () => {
  const second = id(5);
  const base = simple();
  const build = loomBuild(
    [...(base.lists?.loomParts ?? []), { id: second, kind: 'battery', name: 'second', restV: 12.6, ownMohm: 30 }],
    [
      ...(base.lists?.cables ?? []),
      wire(8, second, battery, 'plus', { lengthM: 0.02, areaMm2: 120 }),
      wire(9, second, battery, 'minus', { lengthM: 0.02, areaMm2: 120 }),
    ],
  );
  const { amps } = loomOf(read(build)).at('start');
  expect((amps.get(battery) ?? 0) / (amps.get(second) ?? 1)).toBeCloseTo(3, 1);
});
test('two earth points carry the way back over the body; one alone leads nowhere', () => {
  const [at, of] = [id(6), id(7)];
  const base = simple();
  const parts: Part[] = [
    ...(base.lists?.loomParts ?? []),
    { id: at, kind: 'earth', name: 'at the heater', seat: 'metal', mohm: 4 },
    { id: of, kind: 'earth', name: 'at the battery', seat: 'metal', mohm: 2 },
  ];
  const plus = (base.lists?.cables ?? []).slice(0, 2);
  const both = loomBuild(
    parts,
    [...plus, wire(4, heater, at, 'minus', { lengthM: 0.5 }), wire(5, of, battery, 'minus', { lengthM: 0.5 })],
    {
      'heater.startCurrentA': 10,
    },
  );
  expect(lostV(loomOf(read(both)), 'start').earthV).toBeCloseTo(10 * ((1 * 7.98) / 1000 + 0.006), 4);
  expect(() => loomOf(read(loomBuild(parts, [...plus, wire(4, heater, at, 'minus')])))).toThrow();
});
test.each([
  ['a wire without a second end', wire(2, fuse, '', 'plus'), /say where “wire 2” begins and where it ends/],
  ['a wire from a part to itself', wire(2, fuse, fuse, 'plus'), /say where “wire 2” begins/],
  [
    'a wire of which nobody has told what it carries',
    { ...wire(2, fuse, heater, 'plus'), wire: undefined },
    /say what “wire 2” carries/,
  ],
  ['a wire of no length', { ...wire(2, fuse, heater, 'plus'), lengthM: undefined }, /length of “wire 2”/],
] as const)('%s is asked for', (_what, changed, message) => {
  const build = simple();
  const cables = (build.lists?.cables ?? []).map((row) => (row.id === changed.id ? (changed as Cable) : row));
  const asked = (() => {
    try {
      loomOf(read({ ...build, lists: { ...build.lists, cables } }));
      return '';
    } catch (error) {
      return (error as { labels: string[] }).labels.join('; ');
    }
  })();
  expect(asked).toMatch(message);
});
test('a part set into a wire leaves what it loses as it was, but for the part', () => {
  const build = begun({ 'heater.startCurrentA': 10 });
  const feed = build.lists?.cables?.find(({ wire: carries, lengthM }) => carries === 'plus' && (lengthM ?? 0) > 1);
  const after = applyRows(build, setInto(build.lists, feed?.id ?? '', 'joint', counted(880)));
  expect(lostV(loomOf(read(after)), 'start').feedV - lostV(loomOf(read(build)), 'start').feedV).toBeCloseTo(0.01, 3);
});

describe('a short', () => {
  test('by hand: 12.6 V over 10 mΩ, 2.1 m of 2.5 mm², fuse and 2 mΩ at the far end of the feed', () => {
    const short = loomShorts(read(simple())).find(({ cable }) => cable.name === 'wire 2');
    expect(short?.amps).toBeCloseTo(12.6 / (0.01 + (2.1 * 7.98) / 1000 + 0.003 + 0.002), 0);
    // Above six times its rating a blade fuse opens within 0.1 s (ISO 8820-3, from memory).
    expect([short?.opened.map(({ part, mostS }) => [part.name, mostS]), short?.flowsOnA]).toEqual([
      [['fuse', 0.1]],
      expect.closeTo(0, 3),
    ]);
    expect(short?.worst?.share).toBeLessThan(1);
  });
  test('a thin long feed behind a large fuse burns before that opens', () => {
    const [short] = loomShorts(read(simple({ ratingA: 100 }, { areaMm2: 1, lengthM: 6 }))).filter(
      ({ cable }) => cable.name === 'wire 2',
    );
    expect(short?.opened).toEqual([]);
    expect(short?.worst?.share).toBeGreaterThan(1);
  });
  test('of two fuses in a row the one that opens first is named, and one that might go before it', () => {
    const base = simple();
    const build = loomBuild(
      [...(base.lists?.loomParts ?? []), { id: upper, kind: 'fuse', name: 'upper', ratingA: 20, mohm: 2 }],
      [
        wire(1, battery, upper, 'plus', { lengthM: 0.1 }),
        wire(4, upper, fuse, 'plus', { lengthM: 1 }),
        ...(base.lists?.cables ?? []).slice(1),
      ],
    );
    const short = loomShorts(read(build)).find(({ cable }) => cable.name === 'wire 2');
    expect([short?.opened[0]?.part.name, short?.alsoOpens?.name]).toEqual(['fuse', 'upper']);
  });
  test('what lies before the first fuse is unguarded, and all of it where there is none', () => {
    const named = (build: Build) => unguarded(loomOf(read(build))).map(({ name }) => name);
    expect(named(simple())).toEqual(['wire 1']);
    expect(named(simple({ kind: 'joint' }))).toEqual(['wire 1', 'wire 2']);
  });
});

describe('what is lost, and what would better it', () => {
  test('all that is lost on the way adds up to what the heater lacks', () => {
    const loom = loomOf(read(begun({ 'wiring.jointsMohm': 12 })));
    const sum = lostIn(loom, 'start').reduce((all, { lostV: v }) => all + v, 0);
    const { openV, ohm } = seenFromHeater(loom);
    const amps = loom.draws.start[0]?.amps ?? 0;
    expect(openV - heaterV(loom, 'start')).toBeCloseTo(amps * ohm, 9);
    expect(sum).toBeCloseTo(lostV(loom, 'start').feedV + lostV(loom, 'start').earthV, 9);
  });
  test('what is told of a thicker wire is what the loom then loses, and a second one halves its loss', () => {
    const build = begun({ 'wiring.cableAreaMm2': 1.5, 'wiring.feedLengthM': 7 });
    for (const better of betterFeeds(read(build)).filter(({ what }) => what !== 'second')) {
      const cables = (build.lists?.cables ?? []).map((row) =>
        better.name === null || better.name === lostIn(loomOf(read(build)), 'start').find(({ id: one }) => one === row.id)?.name
          ? { ...row, areaMm2: better.areaMm2 }
          : row,
      );
      const { feedV, earthV } = lostV(loomOf(read({ ...build, lists: { ...build.lists, cables } })), 'start');
      expect(feedV + earthV).toBeCloseTo(better.lostV, 6);
    }
    // 8940 kg/m³ (handbooks, from memory): a metre of 1 mm² weighs 8.94 g.
    expect(betterFeeds(read(build)).find(({ what }) => what === 'second')?.copperG).toBeCloseTo(8.94 * 1.5 * 6.8, 0);
  });
});

describe('with the meter', () => {
  /** Battery, fuse, joint, plug, heater, and back over two earths. */
  const names = ['battery', 'fuse', 'joint', 'isolator', 'plug', 'heater', 'earth', 'other earth'] as const;
  const ids = Object.fromEntries(names.map((one, i) => [one, id(300 + i)])) as Record<(typeof names)[number], string>;
  const long = (extra: Partial<Record<string, number>> = {}, readings: Readonly<Record<string, number>> = {}): Build =>
    loomBuild(
      names.map((one): Part => {
        const kind = one === 'other earth' ? 'earth' : one;
        const more = kind === 'battery' ? { restV: 12.6, ownMohm: 8 } : kind === 'heater' ? {} : { mohm: 3 + (extra[one] ?? 0) };
        return { id: ids[one], kind, name: one, ...more, ...(kind === 'fuse' ? { ratingA: 15 } : {}), ...(one in readings ? { glowV: readings[one] ?? 0 } : {}) };
      }),
      [
        wire(1, ids.battery, ids.fuse, 'plus', { lengthM: 0.2 }), wire(2, ids.fuse, ids.joint, 'plus'), wire(3, ids.joint, ids.isolator, 'plus'), wire(4, ids.isolator, ids.plug, 'plus'),
        wire(5, ids.plug, ids.heater, 'plus', { lengthM: 0.2 }), wire(6, ids.heater, ids.earth, 'minus', { lengthM: 0.4 }), wire(7, ids['other earth'], ids.battery, 'minus', { lengthM: 0.3 }),
      ],
      { 'heater.startCurrentA': 10 },
    ); // prettier-ignore
  const hidden = ['fuse', 'joint', 'isolator', 'plug', 'earth', 'other earth'] as const;
  /** What a meter would show of the loom as it truly is. */
  const truth = (extra: Partial<Record<string, number>>) =>
    Object.fromEntries(testPoints(loomOf(read(long(extra)))).map(({ name, expectedV }) => [name, expectedV.start]));

  test('nothing is told where all is as it should be', () => {
    const found = whereLost(loomOf(read(long({}, truth({})))));
    expect([found?.worst, found?.next]).toEqual([null, null]);
  });
  test.each(hidden)('a bad %s is found by reading where it says next, in four readings at most, and how bad it is', (bad) => {
    const shows = truth({ [bad]: 90 });
    const readings: Record<string, number> = { battery: shows.battery ?? 0 };
    let found = whereLost(loomOf(read(long({}, readings))));
    let taken = 0;
    let next: string | null = 'heater';
    while (next !== null && taken < 8) {
      readings[next] = shows[next] ?? 0;
      taken += 1;
      found = whereLost(loomOf(read(long({}, readings))));
      next = found?.next ?? null;
    }
    expect(taken).toBeLessThanOrEqual(4);
    expect(found?.worst?.suspects[0]).toBe(bad);
    expect(found?.worst?.extraMohm).toBeCloseTo(90, 0);
  });
  test('a reading within what a meter tells is no fault', () => {
    const shows = truth({});
    expect(whereLost(loomOf(read(long({}, { ...shows, heater: (shows.heater ?? 0) - 0.05 }))))?.worst).toBeNull();
  });
});
