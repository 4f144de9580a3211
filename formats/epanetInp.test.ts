import fc from 'fast-check';
import { LinkProperty, Project, Workspace } from 'epanet-js';
import { soundBuild, withValues } from '../tests/soundBuild';
import { readerOf } from '../core/figures/readerOf';
import type { Conduit, Medium } from '../core/physics/flow/dropPa';
import { conduitOf, loopOf, type Loop, type LoopPart, type LoopRow } from '../core/model/warmth/loopOf';
import { seeded } from '../core/random/seeded';
import { writeDuctInp, writeLoopInp } from './epanetInp';
import { airAt, warmAir, type Duct, type WarmAir } from '../core/physics/duct/ductAir';
import { solveNet, type Net } from '../core/physics/flow/solveNet';

const square = (id: string, k: number): Net => ({ link: { id, dropPa: (q) => k * q ** 2 } });

describe('a net of links', () => {
  it('in series costs the sum: 1 + 3 of 400 Pa leave 10 kg/s, by hand', () => {
    const { totalKgS } = solveNet({ series: [square('a', 1), square('b', 3)] }, { shutPa: 400, fallPaS2Kg2: 0 });
    expect(totalKgS).toBeCloseTo(10, 4);
  });
  it('side by side splits as the roots: 1 and 4 share as 2 to 1, by hand', () => {
    const { byId } = solveNet({ parallel: [square('a', 1), square('b', 4)] }, { shutPa: 9, fallPaS2Kg2: 0 });
    expect([byId.get('a'), byId.get('b')]).toEqual([expect.closeTo(3, 4), expect.closeTo(1.5, 4)]);
  });
  it('has no flow where its one way is blocked, and none behind a blocked branch', () => {
    const shut: Net = { link: { id: 'shut', dropPa: () => Infinity } };
    expect(solveNet({ series: [square('a', 1), shut] }, { shutPa: 9, fallPaS2Kg2: 0 }).totalKgS).toBe(0);
    const { byId } = solveNet({ parallel: [square('a', 1), { series: [shut, square('b', 1)] }] }, { shutPa: 9, fallPaS2Kg2: 0 });
    expect([byId.get('a'), byId.get('b')]).toEqual([expect.closeTo(3, 4), 0]);
    const from = new Map([
      ['a', 2],
      ['b', 5],
      ['shut', 5],
    ]);
    const again = solveNet(
      { parallel: [square('a', 1), { series: [shut, square('b', 1)] }] },
      { shutPa: 9, fallPaS2Kg2: 0 },
      from,
    );
    expect([again.byId.get('b'), again.byId.get('shut')]).toEqual([0, 0]);
  });
  it('sends all of it through a way that costs nothing', () => {
    const { byId, totalKgS } = solveNet(
      { series: [square('a', 1), { parallel: [square('b', 4), { link: { id: 'free', dropPa: () => 0 } }] }] },
      { shutPa: 9, fallPaS2Kg2: 0 },
    );
    expect([totalKgS, byId.get('free')]).toEqual([expect.closeTo(3, 3), expect.closeTo(3, 2)]);
  });
  const anyNet = fc.letrec<{ net: Net }>((tie) => ({
    net: fc.oneof(
      { maxDepth: 4, withCrossShrink: true },
      // Between laminar and rough: pressure as the flow to the power 1 to 2.
      fc
        .tuple(fc.uuid(), fc.double({ min: 0.1, max: 1000, noNaN: true }), fc.double({ min: 1, max: 2, noNaN: true }))
        .map(([id, k, n]): Net => ({ link: { id, dropPa: (q) => k * q ** n } })),
      fc.array(tie('net'), { minLength: 1, maxLength: 3 }).map((series): Net => ({ series })),
      fc.array(tie('net'), { minLength: 1, maxLength: 3 }).map((parallel): Net => ({ parallel })),
    ),
  })).net;
  it('keeps what flows in at every meeting, and costs the same along every way side by side', () => {
    fc.assert(
      fc.property(anyNet, fc.double({ min: 1, max: 5000, noNaN: true }), (net, shutPa) => {
        const { totalKgS, byId } = solveNet(net, { shutPa, fallPaS2Kg2: 1 });
        const through = (one: Net): [kgS: number, pa: number] => {
          if ('link' in one) return [byId.get(one.link.id) ?? NaN, one.link.dropPa(byId.get(one.link.id) ?? NaN)];
          const parts = ('series' in one ? one.series : one.parallel).map(through);
          const [first] = parts;
          if (!first) throw new Error('empty');
          if ('series' in one) {
            for (const [kgS] of parts) expect(Math.abs(kgS / first[0] - 1)).toBeLessThan(1e-3);
            return [first[0], parts.reduce((sum, [, pa]) => sum + pa, 0)];
          }
          for (const [, pa] of parts) expect(Math.abs(pa / first[1] - 1)).toBeLessThan(5e-3);
          return [parts.reduce((sum, [kgS]) => sum + kgS, 0), first[1]];
        };
        const [kgS, pa] = through(net);
        expect(Math.abs(kgS / totalKgS - 1)).toBeLessThan(1e-3);
        expect(Math.abs(pa / (shutPa - totalKgS ** 2) - 1)).toBeLessThan(0.02);
      }),
      { numRuns: 200 },
    );
  });
});

/** A tree of ducts that somebody might build, from numbers of a seed. */
function anyTree(random: () => number): WarmAir {
  let n = 0;
  const between = (low: number, high: number) => low + (high - low) * random();
  const duct = (depth: number): Duct => {
    n += 1;
    const id = `d${n}`;
    const on = depth > 0 && random() < 0.6;
    return {
      id,
      lengthM: between(0.2, 4),
      boreMm: [60, 75, 90, 100][Math.floor(random() * 4)] ?? 75,
      roughnessMm: random() < 0.5 ? 2 : 0.05,
      zeta: between(0, 2) + (on ? 0 : between(1, 4)),
      then: on ? Array.from({ length: 1 + Math.floor(random() * 3) }, () => duct(depth - 1)) : [],
      shut: !on && random() < 0.1,
      uWM2K: 5,
      roundC: 20,
    };
  };
  return {
    blower: { shutPa: between(80, 600), freeM3S: between(50, 300) / 3600 },
    returnM2: random() < 0.2 ? null : between(0.002, 0.03),
    heatW: 0,
    inC: 20,
    ducts: Array.from({ length: 1 + Math.floor(random() * 2) }, () => duct(3)),
  };
}

/**
 * Friction as the EPANET engine has it: Swamee & Jain 1976 in place of Colebrook, and Dunlop's cubic where turbulence begins (its manual, from memory).
 * Rough and slow, that is up to 5 % off Colebrook, and so up to 3 % of a flow.
 */
function epanetFriction(re: number, rough: number): number {
  if (re <= 2000) return 64 / re;
  const at = (n: number) => rough / 3.7 + 5.74 / n ** 0.9;
  if (re >= 4000) return 0.25 / Math.log10(at(re)) ** 2;
  const r = re / 2000;
  const y3 = -0.86859 * Math.log(at(4000));
  const fa = y3 ** -2;
  const fb = fa * (2 - 0.00514215 / (at(re) * y3));
  const [x1, x2, x3, x4] = [7 * fa - fb, 0.128 - 17 * fa + 2.5 * fb, -0.128 + 13 * fa - 2 * fb, r * (0.032 - 3 * fa + 0.5 * fb)];
  return x1 + r * (x2 + r * (x3 + x4));
}
/** Pressure lost in a conduit with that friction, Pa of kg/s. */
function sameFriction(
  { lengthM, boreMm, roughnessMm, zeta }: Conduit,
  { densityKgM3, viscosityPaS }: Medium,
): (q: number) => number {
  const boreM = boreMm / 1000;
  const area = (Math.PI * boreM ** 2) / 4;
  return (q) =>
    ((epanetFriction((q * boreM) / (area * viscosityPaS), roughnessMm / boreMm) * lengthM) / boreM + zeta) *
    ((q / area) ** 2 / (2 * densityKgM3));
}
/** The tree as a net with that friction, solved by our own solver. */
function bySameFriction({ blower, returnM2, ducts }: WarmAir, airC: number): ReadonlyMap<string, number> {
  const { densityKgM3: rho } = airAt(airC);
  const net = (duct: Duct): Net => {
    const dropPa = sameFriction(duct, airAt(airC));
    const own: Net = { link: { id: duct.id, dropPa: duct.shut ? () => Infinity : dropPa } };
    return duct.then.length === 0 ? own : { series: [own, { parallel: duct.then.map(net) }] };
  };
  const back: Net = { link: { id: 'back', dropPa: (q) => (returnM2 === null ? 0 : (q / (0.62 * returnM2)) ** 2 / (2 * rho)) } };
  const shutPa = (blower.shutPa * rho) / 1.2;
  return solveNet({ series: [back, { parallel: ducts.map(net) }] }, { shutPa, fallPaS2Kg2: shutPa / (blower.freeM3S * rho) ** 2 })
    .byId;
}

describe('ducts against the EPANET engine, with the viscosity and density of their air', () => {
  const workspace = new Workspace();
  beforeAll(() => workspace.loadModule());
  /** Flows of 200 trees by the engine and by ours, with all that flows in the tree, m³/s. */
  function compare(
    ours: (air: WarmAir, airC: number) => ReadonlyMap<string, number>,
  ): [theirs: number, own: number, all: number][] {
    const random = seeded(13);
    const pairs: [number, number, number][] = [];
    for (let i = 0; i < 200; i += 1) {
      const air = anyTree(random);
      const airC = 20 + 80 * random();
      const kgS = ours(air, airC);
      const { densityKgM3 } = airAt(airC);
      workspace.writeFile('tree.inp', writeDuctInp({ name: `tree ${i}`, air, airC, nameOf: (id) => id }));
      const project = new Project(workspace);
      project.open('tree.inp', 'tree.rpt', 'tree.out');
      project.solveH();
      const flowOf = (name: string) => project.getLinkValue(project.getLinkIndex(name), LinkProperty.Flow) / 1000;
      const all = flowOf('BLOWER');
      let n = 0;
      const follow = (duct: Duct) => {
        n += 1;
        pairs.push([flowOf(`P${n}`), (kgS.get(duct.id) ?? NaN) / densityKgM3, all]);
        duct.then.forEach(follow);
      };
      air.ducts.forEach(follow);
      project.close();
    }
    expect(pairs.length).toBeGreaterThan(600);
    return pairs;
  }
  it('200 trees: every flow agrees within 1 % where both have the same friction', () => {
    for (const [theirs, own, all] of compare(bySameFriction))
      expect(Math.abs(own - theirs)).toBeLessThan(0.01 * theirs + 1e-4 * all + 1e-7);
  });
  it('200 trees: with Colebrook’s friction, of which the engine’s is an approximation, within 3 % of a flow or 1 % of all', () => {
    const flows = (air: WarmAir, airC: number) =>
      new Map([...warmAir({ ...air, inC: airC }).byId].map(([id, { massKgS }]) => [id, massKgS]));
    for (const [theirs, own, all] of compare(flows))
      expect(Math.abs(own - theirs)).toBeLessThan(0.03 * theirs + 0.01 * all + 1e-7);
  });
});

describe('coolant loops against the EPANET engine, with the viscosity and density of their mix', () => {
  const workspace = new Workspace();
  beforeAll(() => workspace.loadModule());
  /** A loop that somebody might build: parts in a row, now and then two ways beside each other. */
  function anyLoop(random: () => number): { rows: LoopRow[]; pump: Loop['pump'] } {
    const between = (low: number, high: number) => low + (high - low) * random();
    let n = 0;
    const row = (kind: LoopRow['kind'], limb: LoopRow['limb'], boreMm: number): LoopRow => {
      n += 1;
      return {
        id: `p${n}`,
        name: `part ${n}`,
        kind,
        limb,
        boreMm,
        lengthM: between(0.2, 4),
        bends: Math.floor(between(0, 4)),
        order: n,
      };
    };
    const kinds = ['hose', 'matrix', 'plate', 'tank', 'adapter', 'engine', 'hose'] as const;
    const some = (limb: LoopRow['limb'], many: number) =>
      Array.from({ length: many }, () => row(kinds[Math.floor(random() * kinds.length)], limb, between(10, 25)));
    const block = () =>
      random() < 0.4
        ? (['a', 'b', 'c', 'd'] as const)
            .slice(0, 2 + Math.floor(random() * 3))
            .flatMap((limb) => some(limb, 1 + Math.floor(random() * 3)))
        : some('main', 2);
    return {
      rows: [
        row('heater', 'main', 18),
        row('pump', 'main', 18),
        ...block(),
        row('hose', 'main', 18),
        ...block(),
        row('hose', 'main', 18),
      ],
      pump: { shutPa: between(5000, 40000), freeLMin: between(8, 40) },
    };
  }
  /** The loop as a net with the engine's friction, solved by our own solver. */
  const bySameFriction = (loop: Loop, coolant: Medium): ReadonlyMap<string, number> => {
    const link = (part: LoopPart): Net => ({ link: { id: part.id, dropPa: sameFriction(conduitOf(part), coolant) } });
    const limb = (parts: readonly LoopPart[]): Net => ({ series: parts.map(link) });
    const series = loop.steps.map((step): Net => ('one' in step ? link(step.one) : { parallel: step.ways.map(limb) }));
    const { shutPa, freeLMin } = loop.pump;
    return solveNet({ series }, { shutPa, fallPaS2Kg2: shutPa / ((freeLMin / 60000) * coolant.densityKgM3) ** 2 }).byId;
  };
  it('100 loops: every flow agrees within 1 % where both have the same friction, and within 3 % with Colebrook’s', () => {
    const random = seeded(29);
    let compared = 0;
    for (let i = 0; i < 100; i += 1) {
      const { rows, pump } = anyLoop(random);
      const build = withValues(soundBuild(), {
        'warmth.way': 'loop',
        'warmth.glycol': 'ethylene',
        'warmth.glycolPercent': 40,
        'warmth.pumpKPa': pump.shutPa / 1000,
        'warmth.pumpLMin': pump.freeLMin,
      });
      const loop = loopOf(readerOf({ ...build, lists: { ...build.lists, loop: rows } }));
      const { byId, coolant } = loop.flowAt(70);
      workspace.writeFile('loop.inp', writeLoopInp({ name: `loop ${i}`, loop, coolant, c: 70 }));
      const project = new Project(workspace);
      project.open('loop.inp', 'loop.rpt', 'loop.out');
      project.solveH();
      const same = bySameFriction(loop, coolant);
      const all = (byId.get('p1') ?? NaN) / coolant.densityKgM3;
      rows.forEach(({ id }, k) => {
        const theirs = project.getLinkValue(project.getLinkIndex(`L${k + 1}`), LinkProperty.Flow) / 1000;
        expect(Math.abs((same.get(id) ?? NaN) / coolant.densityKgM3 - theirs)).toBeLessThan(0.01 * theirs + 1e-4 * all);
        expect(Math.abs((byId.get(id) ?? NaN) / coolant.densityKgM3 - theirs)).toBeLessThan(0.03 * theirs + 0.01 * all);
        compared += 1;
      });
      project.close();
    }
    expect(compared).toBeGreaterThan(700);
  });
});
