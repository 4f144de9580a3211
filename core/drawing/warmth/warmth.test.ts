import fc from 'fast-check';
import { anyLists } from '../../../tests/anyRow';
import { sampleOf } from '../../../tests/seed';
import { id, soundBuild, type Values } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import type { ListValues, RowOf } from '../../build/lists';
import { layoutDucts } from './layoutDucts';
import { layoutLoop } from './layoutLoop';

type Duct = RowOf<'ducts'>;
type Part = RowOf<'loop'>;
const withLists = (lists: ListValues, values: Values = {}): Build => {
  const build = soundBuild(values);
  return { ...build, lists: { ...build.lists, ...lists } };
};
const duct = (n: number, more: Partial<Duct> = {}): Duct => ({
  id: id(700 + n),
  name: `duct ${n}`,
  lengthM: 1,
  boreMm: 75,
  wall: 'flexible',
  bends: 0,
  end: 'open',
  grille: 'free',
  runs: 'inside',
  xMm: 2000,
  yMm: 800,
  ...more,
});
const ducts = (rows: Duct[], values?: Values) => layoutDucts(withLists({ ducts: rows }, values), 720, 400);
const at = (drawing: ReturnType<typeof layoutDucts>, n: number) => {
  const found = drawing?.ducts.find((one) => one.id === id(700 + n));
  if (!found || !drawing) throw new Error(`duct ${n} is not drawn`);
  return { ...found, drawing };
};

describe('the duct tree on the floor', () => {
  it('is to scale: a far end stands as far from the heater as it was measured', () => {
    // The heater stands at 1500, 800 on the floor; the front is at the left, the floor’s left side below.
    const { end, drawing } = at(ducts([duct(1, { xMm: 2000, yMm: 1100 })]), 1);
    expect((end.x - drawing.heater.x) / drawing.scale).toBeCloseTo(500, 0);
    expect((drawing.heater.y - end.y) / drawing.scale).toBeCloseTo(300, 0);
  });
  it('shows a far end outside of the floor too', () => {
    const { end, drawing } = at(ducts([duct(1, { xMm: -900, yMm: 2500 })]), 1);
    expect(end.x).toBeGreaterThan(0);
    expect(end.y).toBeGreaterThan(0);
    expect(end.x).toBeLessThan(drawing.width);
  });
  it('draws a duct of which nobody has said where it ends from what it comes from, and says so', () => {
    const unplaced = { xMm: undefined, yMm: undefined };
    const drawing = ducts([
      duct(1, { end: 'on' }),
      duct(2, { ...unplaced, fromId: id(701), leaves: 'straight' }),
      duct(3, { ...unplaced, fromId: id(701), leaves: 'branch' }),
    ]);
    const [trunk, one, other] = [at(drawing, 1), at(drawing, 2), at(drawing, 3)];
    expect([trunk.placed, one.placed, other.placed]).toEqual([true, false, false]);
    // To either side of the way that the trunk takes.
    expect(one.end.y - trunk.end.y).toBeCloseTo(-(other.end.y - trunk.end.y), 0);
    expect(one.end.x).toBeGreaterThan(trunk.end.x);
  });
  it('is not drawn while nobody has said how large the floor is', () => {
    expect(ducts([duct(1)], { 'siting.floorLengthMm': null })).toBeNull();
  });
  it('leaves out what leads back to itself, and says why nothing flows', () => {
    const drawing = ducts([duct(1, { fromId: id(702), leaves: 'straight' }), duct(2, { fromId: id(701), leaves: 'straight' })]);
    expect(drawing?.ducts).toEqual([]);
    expect(drawing?.missing?.labels.join()).toContain('leads back to itself');
  });
  it('tells at each outlet what comes out, at a shut one that it is shut, and nothing where a duct goes on', () => {
    const drawing = ducts([
      duct(1, { end: 'on' }),
      duct(2, { fromId: id(701), leaves: 'straight', xMm: 2500 }),
      duct(3, { fromId: id(701), leaves: 'branch', yMm: 400, end: 'closable', closedPercent: 100 }),
    ]);
    expect(at(drawing, 1).label.lines).toEqual(['duct 1']);
    expect(at(drawing, 2).label.lines).toEqual(['duct 2', expect.stringMatching(/^\d+ m³\/h, \d+ °C$/)]);
    expect(at(drawing, 3).label.lines).toEqual(['duct 3', 'shut']);
    expect(drawing?.words).toMatch(/^duct 2: \d+ m³\/h, \d+ °C; duct 3: shut$/);
  });
  it('marks an outlet that is too hot or gets too little, and no other', () => {
    const fair = ducts([duct(1), duct(2, { yMm: 400 })]);
    expect([at(fair, 1).poor, at(fair, 2).poor]).toEqual([false, false]);
    const starved = ducts([duct(1), duct(2, { yMm: 400, boreMm: 40, lengthM: 5, bends: 4, bendDeg: 90 })]);
    expect([at(starved, 1).poor, at(starved, 2).poor]).toEqual([false, true]);
    const hot = ducts([duct(1)], { 'warmth.blowerM3H': 40 });
    expect(at(hot, 1).poor).toBe(true);
  });
  it('dragged farther, a duct that nobody has measured gives less; a measured one gives what it gave', () => {
    const flow = (row: Duct, x: number) => {
      const build = withLists({ ducts: [row, duct(2, { yMm: 500 })] });
      const drawing = layoutDucts(build, 720, 400, { moved: { id: row.id, x, y: 800 } });
      return Number(/(\d+) m³/.exec(at(drawing, 1).label.lines[1] ?? '')?.[1]);
    };
    const unmeasured = duct(1, { lengthM: undefined });
    expect(flow(unmeasured, 2900)).toBeLessThan(flow(unmeasured, 1700));
    expect(flow(duct(1), 2900)).toBe(flow(duct(1), 1700));
  });
  it('keeps labels on their side while one is dragged', () => {
    const build = withLists({ ducts: [duct(1), duct(2, { yMm: 300 })] });
    const still = layoutDucts(build, 720, 400);
    const moved = layoutDucts(build, 720, 400, { moved: { id: id(701), x: 2300, y: 900 }, labelsOf: still });
    for (const n of [1, 2]) {
      const [before, after] = [at(still, n), at(moved, n)];
      expect(after.label.x - after.end.x).toBeCloseTo(before.label.x - before.end.x, 0);
      expect(after.label.anchor).toBe(before.label.anchor);
    }
  });
  it('is as it would be if: with every outlet shut that can be, the rest takes all', () => {
    const build = withLists({ ducts: [duct(1), duct(2, { yMm: 400, end: 'closable', closedPercent: 0 })] });
    const shut = layoutDucts(build, 720, 400, { stand: { shut: true } });
    expect(at(shut, 2).outlet).toBe('shut');
    expect(at(shut, 1).label.lines[1]).not.toBe(at(layoutDucts(build, 720, 400), 1).label.lines[1]);
  });
  it('is dotted where it is only assumed', () => {
    const build: Build = {
      ...soundBuild(),
      lists: { ...soundBuild().lists, ducts: [] },
      assumed: { basis: 'test', figures: {}, lists: { ducts: [duct(1)] } },
    };
    expect(layoutDucts(build, 720, 400)?.assumed).toBe(true);
    expect(ducts([duct(1)])?.assumed).toBe(false);
  });
  it('holds no mark that is not a number, whatever the rows', () => {
    fc.assert(
      fc.property(anyLists, fc.integer({ min: 300, max: 1400 }), (lists, width) => {
        const drawing = layoutDucts(withLists(lists), width, 400);
        expect(JSON.stringify(drawing?.ducts.map(({ d, end, label, thick }) => [d, end, label, thick]))).not.toMatch(
          /NaN|Infinity|null/,
        );
      }),
      { numRuns: sampleOf(500, 60) },
    );
  });
});

const part = (n: number, kind: Part['kind'], more: Partial<Part> = {}): Part => ({
  id: id(800 + n),
  name: `${kind ?? ''} ${n}`,
  kind,
  boreMm: 18,
  riseMm: 0,
  arrow: 'with',
  shut: 'no',
  order: n,
  ...(kind === 'hose' ? { lengthM: 1, bends: 1 } : {}),
  ...more,
});
const simple: Part[] = [part(1, 'heater'), part(2, 'hose'), part(3, 'matrix'), part(4, 'hose'), part(5, 'pump'), part(6, 'hose')];
const loop = (rows: Part[], width = 720) => {
  const drawing = layoutLoop(withLists({ loop: rows }, { 'warmth.way': 'loop' }), width);
  if (!drawing) throw new Error('no loop is drawn');
  return drawing;
};

describe('the coolant loop in the order of flow', () => {
  it('is not drawn while no part of it is entered', () => {
    expect(layoutLoop(withLists({ loop: [] }), 720)).toBeNull();
  });
  it('reads from the left to the right, and back again below', () => {
    const { parts } = loop(simple, 720);
    const above = parts.filter(({ y }) => y === parts[0]?.y);
    const below = parts.filter(({ y }) => y !== parts[0]?.y);
    expect(above.map(({ x }) => x)).toEqual([...above.map(({ x }) => x)].sort((a, b) => a - b));
    expect(below.map(({ x }) => x)).toEqual([...below.map(({ x }) => x)].sort((a, b) => b - a));
    expect(below.length).toBeGreaterThan(0);
  });
  it('reads from the top down on a phone', () => {
    const { parts } = loop(simple, 360);
    expect(parts.map(({ y }) => y)).toEqual([...parts.map(({ y }) => y)].sort((a, b) => a - b));
    expect(new Set(parts.map(({ x }) => x)).size).toBe(1);
  });
  it('goes by the order of flow and not by that of the rows', () => {
    const { parts } = loop([...simple].reverse());
    expect(parts.map(({ name }) => name)).toEqual(simple.map(({ name }) => name));
  });
  it.each([
    [360, 2],
    [1100, 2],
    [360, 4],
    [1100, 4],
  ])('at %d px has %d ways beside each other', (width, many) => {
    const ways = (['a', 'b', 'c', 'd'] as const).slice(0, many).map((limb, i) => part(3 + i / 10, 'plate', { limb }));
    const { parts } = loop(
      simple.flatMap((row) => (row.order === 3 ? ways : [row])),
      width,
    );
    const [along, across] = width < 500 ? (['y', 'x'] as const) : (['x', 'y'] as const);
    const beside = ways.map(({ id }) => parts.find((one) => one.id === id));
    expect(new Set(beside.map((one) => one?.[along])).size).toBe(1);
    expect(new Set(beside.map((one) => one?.[across])).size).toBe(many);
  });
  it('tells what passes each part, and of a hose its length and bore', () => {
    const { parts, words } = loop(simple);
    expect(parts[0]?.lines).toEqual(['heater 1', expect.stringMatching(/^\d+\.\d L\/min$/)]);
    expect(parts[1]?.lines).toEqual(['hose 2', '1 m, 18 mm']);
    expect(words).toMatch(/^heater 1 → hose 2 → matrix 3 → hose 4 → pump 5 → hose 6 → and back\./);
  });
  it('marks what stands against the flow or shuts it off, and what is bled', () => {
    const { parts } = loop([
      part(1, 'heater', { arrow: 'against' }),
      ...simple.slice(1),
      part(7, 'valve', { shut: 'yes', bleed: 'yes' }),
    ]);
    expect(parts.filter(({ wrong }) => wrong).map(({ name }) => name)).toEqual(['heater 1', 'valve 7']);
    expect(parts.filter(({ bled }) => bled).map(({ name }) => name)).toEqual(['valve 7']);
  });
  it('says what is missing before it flows, and draws the parts all the same', () => {
    const { parts, missing } = loop(simple.filter(({ kind }) => kind !== 'pump'));
    expect(parts).toHaveLength(5);
    expect(missing?.labels.join()).toContain('circulation pump');
  });
  it('never lays one part over another, nor out of the page, whatever the rows', () => {
    fc.assert(
      fc.property(anyLists, fc.integer({ min: 340, max: 1300 }), (lists, width) => {
        const drawing = layoutLoop(withLists(lists), width);
        if (!drawing) return;
        expect(JSON.stringify(drawing)).not.toMatch(/NaN|Infinity/);
        for (const [i, a] of drawing.parts.entries()) {
          expect(a.x).toBeGreaterThanOrEqual(0);
          expect(a.y + a.h).toBeLessThanOrEqual(drawing.height);
          for (const b of drawing.parts.slice(i + 1)) {
            const apart = a.x + a.w <= b.x || b.x + b.w <= a.x || a.y + a.h <= b.y || b.y + b.h <= a.y;
            if (!apart) throw new Error(`${a.name} lies over ${b.name} at ${width} px`);
          }
        }
      }),
      { numRuns: sampleOf(1000, 150) },
    );
  });
  it('has an arrow wherever the flow goes on, and one home', () => {
    for (const width of [360, 720, 1200]) {
      const { arrows, lines } = loop(simple, width);
      expect(arrows.length).toBeGreaterThanOrEqual(4);
      expect(lines.filter(({ warm }) => !warm)).toHaveLength(1);
    }
  });
});
