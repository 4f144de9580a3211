import { demoBuild } from '../../../tests/demoBuild';
import type { Values } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import type { RowOf } from '../../build/lists';
import { readerOf } from '../../figures/readerOf';
import { cutOffV, heaterV, loomOf } from '../../model/wiring/loomOf';
import { assess } from '../assess';
import type { Level } from '../Finding';
import { messageOf, remedyOf } from '../findingText';

type Part = RowOf<'loomParts'>;
type Cable = RowOf<'cables'>;
/** A sound loom with some parts and wires changed, by their names; a part or a wire that is null is gone. */
function changed(
  parts: Record<string, Partial<Part> | null>,
  cables: Record<string, Partial<Cable> | null>,
  values: Values = {},
): Build {
  const build = demoBuild('Page Turner No. 3', values);
  const named = (row: Cable): string => {
    const name = (id?: string) => build.lists?.loomParts?.find((part) => part.id === id)?.name ?? '';
    return row.name ?? `${name(row.fromId)} to ${name(row.toId)}${row.wire === 'minus' ? ', minus' : ''}`;
  };
  const edit = <R extends object>(
    rows: readonly R[],
    changes: Record<string, Partial<R> | null>,
    name: (row: R) => string,
  ): R[] =>
    rows.flatMap((row) => {
      const change = changes[name(row)];
      return change === null ? [] : [{ ...row, ...change }];
    });
  return {
    ...build,
    lists: {
      ...build.lists,
      loomParts: edit(build.lists?.loomParts ?? [], parts, ({ name }) => name ?? ''),
      cables: edit(build.lists?.cables ?? [], cables, named),
    },
  };
}
const feed = 'fuse to plug';
const all = (more: Partial<Cable>) =>
  Object.fromEntries(
    ['battery to fuse', feed, 'plug to heater', 'heater to plug, minus', 'plug to battery, minus'].map((name) => [name, more]),
  );

// What is asked of a loom is common practice without a source; opening times and what a cable bears are held to their standards in circuit.test.ts.
const cases: [string, Build, Level, RegExp][] = [
  ['wiring.short', changed({}, {}), 'sound', /draws 3\d\d A; “fuse” opens within 0\.1 s/],
  ['wiring.short', changed({ fuse: { ratingA: 100 } }, all({ areaMm2: 1, lengthM: 3, insulation: 'c70' })), 'stop', /nothing surely opens, and “[^”]+” gets \d+ %/],
  ['wiring.short', changed({ fuse: { ratingA: 60 } }, { [feed]: { areaMm2: 10, lengthM: 30 }, 'plug to heater': { areaMm2: 10 } }), 'sound', /opens within/],
  ['wiring.short', changed({ fuse: { ratingA: 45 } }, { [feed]: { areaMm2: 16, lengthM: 40 }, 'plug to heater': { areaMm2: 16, lengthM: 40 } }, { 'wiring.batteryMohm': 60 }), 'watch', /“fuse” may take \d+\.\d s to open/],
  ['wiring.short', changed({ fuse: { ratingA: 100 } }, { [feed]: { areaMm2: 16, lengthM: 40 }, 'plug to heater': { areaMm2: 16, lengthM: 40 } }, { 'wiring.batteryMohm': 60 }), 'fix', /“fuse” may never open/],
  ['wiring.short', changed({ fuse: { ratingA: 25 } }, { 'plug to heater': { areaMm2: 0.2, lengthM: 0.1 } }), 'stop', /“plug to heater” has got \d+ % of what it bears/],
  ['wiring.short', changed({ plug: { kind: 'fuse', ratingA: 15 } }, {}), 'watch', /opens within 0\.1 s, but “\w+” may open first/],
  ['wiring.short', changed({ plug: { kind: 'fuse', ratingA: 7.5 } }, {}), 'sound', /“plug” opens within 0\.1 s/],
  ['wiring.short', changed({ fuse: { kind: 'joint' } }, {}), 'stop', /Nothing opens where a wire/],
  ['wiring.short', changed({}, { [feed]: { lengthM: undefined } }), 'open', /length of “fuse to plug”/],
  ['wiring.fuse.rating', changed({ fuse: { kind: 'joint' } }, { [feed]: { lengthM: undefined } }), 'stop', /no fuse in the feed/],
  ['wiring.fuse.rating', changed({ fuse: { ratingA: undefined } }, {}), 'open', /rating of “fuse”/],
  ['wiring.fuse.place', changed({}, { 'battery to fuse': { lengthM: 0.6 } }), 'fix', /600 mm from the battery post/],
  ['wiring.cable.ampacity', changed({}, { [feed]: { areaMm2: 1, insulation: 'c70' } }), 'stop', /Cable of 1 mm² \(“fuse to plug”\) may carry 14 A, but its fuse lets 15 A through/],
  ['wiring.cable.ampacity', changed({}, { [feed]: { ambientC: 95 } }), 'stop', /\(“fuse to plug”\) at 95 °C may carry 0 A: its insulation is rated/],
  ['wiring.cable.ampacity', changed({}, { [feed]: { areaMm2: 2.5, insulation: 'c70', bundled: 8 } }), 'sound', /in a bundle of 8 may carry 15 A/],
  ['wiring.drop.start', changed({}, all({ lengthM: 6, areaMm2: 2.5 })), 'fix', /loses 2\.\d\d V of 12 V/],
  ['wiring.drop.start', changed({ plug: { mohm: 60 } }, {}), 'fix', /of it in “plug”; at most 10 %/],
  ['wiring.drop.start', changed({}, { [feed]: { areaMm2: 1.5 } }), 'sound', /in “fuse to plug”/],
  ['wiring.drop.start', changed({}, { [feed]: { areaMm2: 1.5, lengthM: 4 } }), 'watch', /half of the limit of 10 % is used/],
  ['wiring.polarity', changed({}, {}), 'sound', /Plus comes to plus/],
  ['wiring.polarity', changed({ fuse: { kind: 'post' } }, { 'plug to battery, minus': { toId: demoBuild('Page Turner No. 3').lists?.loomParts?.[1]?.id } }), 'stop', /meet at “fuse”/],
  ['wiring.polarity', changed({ heater: { glowV: -12 } }, {}), 'stop', /shows −12\.00 V/],
  ['wiring.polarity', changed({}, {}, { 'wiring.looks': 'swapped' }), 'stop', /swapped/],
  ['wiring.earth', demoBuild('Fellgate Control'), 'fix', /“earth under the seat” sits on paint/],
  ['wiring.earth', changed({ plug: { kind: 'earth', seat: 'washer' } }, {}), 'fix', /sits on a plastic washer/],
  ['wiring.earth', changed({ plug: { kind: 'earth' } }, {}), 'open', /what “plug” sits on/],
  ['wiring.earth', changed({}, { 'plug to battery, minus': { areaMm2: 1 } }), 'watch', /way back to the battery loses 0\.\d\d V under glow, more than the feed’s/],
  ['wiring.earth', changed({}, {}, { 'wiring.looks': 'earth' }), 'fix', /paint or plastic/],
  ['wiring.joints', changed({ plug: { kind: 'joint', made: 'twisted', sealed: 'yes' } }, {}), 'fix', /“plug” is twisted/],
  ['wiring.joints', changed({ plug: { kind: 'joint', made: 'crimped', sealed: 'no' } }, {}), 'fix', /“plug” is not sleeved/],
  ['wiring.joints', changed({ plug: { kind: 'joint', made: 'spade', sealed: 'yes' } }, {}), 'watch', /spade plug/],
  ['wiring.joints', changed({ plug: { kind: 'joint', made: 'crimped' } }, {}), 'open', /how “plug” is made/],
  ['wiring.joints', changed({}, { 'blower relay lead': { use: 'bare' } }), 'fix', /“blower relay lead” is not needed, and its end is bare/],
  ['wiring.joints', changed({}, {}, { 'wiring.looks': 'joints' }), 'fix', /twisted, or open to spray/],
  ['wiring.route', changed({}, { [feed]: { near: 'hot' } }), 'fix', /passes exhaust or another hot part/],
  ['wiring.route', changed({}, { [feed]: { near: 'hot', guard: 'conduit' } }), 'sound', /Nothing that it passes/],
  ['wiring.route', changed({}, { [feed]: { near: undefined } }, { 'wiring.looks': null }), 'open', /what “fuse to plug” passes/],
  ['wiring.route', changed({}, {}, { 'wiring.looks': 'way' }), 'fix', /passes heat, an edge/],
  ['wiring.isolator', demoBuild('Thimble Theatre'), 'watch', /“isolator” can stop a hot heater/],
  ['wiring.isolator', changed({ plug: { kind: 'isolator', warns: 'yes' } }, {}), 'sound', /says so/],
  ['wiring.isolator', changed({ plug: { kind: 'isolator', open: 'yes' } }, {}), 'watch', /switched off/],
  // The night: sums by hand are in batteryNight.test.ts.
  ['wiring.battery.night', changed({}, {}, { 'wiring.othersA': 6 }), 'fix', /will be flat after about/],
  ['wiring.battery.night', changed({}, {}, { 'wiring.othersA': 6, 'wiring.chargeA': 8 }), 'sound', /the battery gives/],
  ['wiring.battery.night', changed({}, {}, { 'wiring.healthPercent': 30 }), 'fix', /will be flat after about/],
  ['wiring.battery.night', changed({}, {}, { 'wiring.batteryKind': 'lithium', 'wiring.batteryRestV': 13.4, 'wiring.chargeA': 3 }), 'fix', /charged with 3 A at −12 °C: below 0 °C/],
  ['wiring.battery.night', changed({}, {}, { 'wiring.batteryKind': 'lithium', 'wiring.batteryRestV': 13.4, 'wiring.chargeA': 3, 'wiring.batteryC': 5 }), 'sound', /the battery gives/],
  ['wiring.battery.night', changed({ plug: { mohm: 75 } }, {}), 'fix', /After \d\.\d h of the night the heater gets 10\.\d\d V/],
  ['wiring.battery.night', changed({ plug: { mohm: 220 } }, {}), 'fix', /at its first start already/],
]; // prettier-ignore
test.each(cases)('%s (case %#) is at its level and says why', (check, build, level, message) => {
  const made = assess(build).find(({ id }) => id === check);
  expect([made?.level, made && messageOf(made)]).toEqual([level, expect.stringMatching(message)]);
});
test.each([
  ['a thicker wire', { [feed]: { areaMm2: 0.75, lengthM: 4 } }, /^Lay “fuse to plug” in ([\d.]+) mm²/],
  ['all of them', all({ lengthM: 6, areaMm2: 2.5 }), /^Lay every wire of it in ([\d.]+) mm²/],
] as const)('what the drop’s remedy says clears it: %s', (_what, cables, remedy) => {
  const drop = (build: Build) => assess(build).find(({ id }) => id === 'wiring.drop.start');
  const before = drop(changed({}, cables));
  const [, area = ''] = remedy.exec(before ? remedyOf(before) : '') ?? [];
  const laid = Object.fromEntries(
    Object.keys(cables).map((name) => [name, { ...(cables as Record<string, Partial<Cable>>)[name], areaMm2: Number(area) }]),
  );
  expect([before?.level, drop(changed({}, laid))?.level]).toEqual(['fix', 'watch']);
});

/** All but names, places, readings, and what is usual where nobody has said it: their lack says nothing of the loom. */
const cells = {
  loomParts: ['kind', 'ratingA', 'made', 'sealed', 'seat'],
  cables: ['fromId', 'toId', 'wire', 'areaMm2', 'lengthM', 'insulation', 'guard'],
} as const;
test.each([
  ['borrowed from a panel', demoBuild('Fellgate Control')],
  ['twelve thin metres', demoBuild('Thimble Theatre')],
  ['a fuse far too large', changed({ fuse: { ratingA: 100 } }, all({ areaMm2: 1, lengthM: 3, insulation: 'c70' }))],
  ['without a fuse', changed({ fuse: { kind: 'joint', made: 'twisted' } }, { [feed]: { near: 'hot', guard: 'none' } })],
])('%s: nothing found bad of its loom becomes good by leaving a cell out', (_what, build) => {
  const bad = (of: Build) =>
    assess(of).filter(({ id, level }) => id.startsWith('wiring.') && (level === 'stop' || level === 'fix'));
  for (const list of ['loomParts', 'cables'] as const)
    for (const [at] of (build.lists?.[list] ?? []).entries())
      for (const column of cells[list]) {
        const rows = (build.lists?.[list] ?? []).map((row, i) => (i === at ? { ...row, [column]: undefined } : row));
        const after = new Map(assess({ ...build, lists: { ...build.lists, [list]: rows } }).map(({ id, level }) => [id, level]));
        for (const { id } of bad(build))
          expect([id, list, at, column, after.get(id)]).toEqual([id, list, at, column, expect.stringMatching(/stop|fix|open/)]);
      }
});

describe('a mains supply with a battery beside it', () => {
  const mainsId = '00000000-0000-4000-8000-000000000900';
  const backed = (more: Values = {}, battery: Partial<Part> = {}): Build => {
    const build = changed({ battery }, {}, { 'wiring.feedSource': 'mains', 'wiring.supplyA': 20, ...more });
    const [parts, cables] = [build.lists?.loomParts ?? [], build.lists?.cables ?? []];
    const own = parts.find(({ kind }) => kind === 'battery')?.id ?? '';
    const wire = (n: number, carries: 'plus' | 'minus'): Cable => ({
      id: `00000000-0000-4000-8000-00000000090${n}`,
      name: `mains ${carries}`,
      fromId: mainsId,
      toId: own,
      wire: carries,
      areaMm2: 6,
      lengthM: 1,
    });
    return {
      ...build,
      lists: {
        ...build.lists,
        loomParts: [...parts, { id: mainsId, name: 'mains supply', kind: 'supply', restV: 13.6 }],
        cables: [...cables, wire(1, 'plus'), wire(2, 'minus')],
      },
    };
  };
  const told = (build: Build, check: string) => {
    const found = assess(build).find(({ id }) => id === check);
    return [found?.level, found ? messageOf(found) : ''];
  };
  test('cut, it gives the heater what the battery alone gave it', () => {
    const alone = heaterV(loomOf(readerOf(changed({}, {}))), 'start');
    expect(cutOffV(loomOf(readerOf(backed())))).toBeCloseTo(alone, 9);
    expect(told(backed(), 'wiring.supply')).toEqual([
      'sound',
      expect.stringContaining(`${alone.toFixed(2)} V under its last glow`),
    ]);
    expect(told(backed(), 'wiring.source')[0]).toBe('sound');
  });
  test('one that is too weak to hold it up by itself is told, and the supply hides nothing of it', () =>
    expect(told(backed({}, { ownMohm: 250 }), 'wiring.supply')).toEqual(['fix', expect.stringMatching(/If the mains is cut/)]));
  test('without both in the loom a cut of the mains stops the cooling run', () =>
    expect(told(changed({}, {}, { 'wiring.feedSource': 'mains', 'wiring.supplyA': 20 }), 'wiring.source')[0]).toBe('watch'));
});

describe('more that a loom holds', () => {
  const added = (part: Partial<Part>): Build => {
    const build = changed({}, {});
    return {
      ...build,
      lists: {
        ...build.lists,
        loomParts: [...(build.lists?.loomParts ?? []), { id: '00000000-0000-4000-8000-000000000910', ...part }],
      },
    };
  };
  const morningV = (build: Build) => readerOf(build).derived('wiring.morningV');
  test('a charger of the loom charges through the night as one said on the sheet does; the sun does not', () => {
    expect(morningV(added({ kind: 'charger', givesA: 3 }))).toBeCloseTo(morningV(changed({}, {}, { 'wiring.chargeA': 3 })), 9);
    expect(morningV(added({ kind: 'solar', givesA: 3 }))).toBeCloseTo(morningV(changed({}, {})), 9);
  });
  test('a wire shorter than its way along the floor does not reach, and one as long does', () => {
    const at = (lengthM: number) =>
      assess(
        changed(
          { battery: { floorXMm: 500, floorYMm: 1500 }, fuse: { floorXMm: 1200, floorYMm: 1100 } },
          { 'battery to fuse': { lengthM } },
        ),
      ).find(({ id }) => id === 'wiring.route');
    const short = at(1);
    expect([short?.level, short && messageOf(short)]).toEqual([
      'fix',
      expect.stringMatching(/has 1\.0 m; along the sides of the floor it is 1\.1 m/),
    ]);
    expect(at(1.1)?.level).toBe('sound');
  });
});
