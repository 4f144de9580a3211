import type { Simulation } from 'eecircuit-engine';
import fc from 'fast-check';
import { runModule } from '../../../tests/runModule';
import { sampleOf } from '../../../tests/seed';
import { fuseOpens } from './fuseOpens';
import { solveCircuit, type Branch, type Circuit } from './solveCircuit';
import { cableBearsA2S, spoiltShare } from './withstand';

const spice = `import { Simulation } from 'eecircuit-engine'; import { readFileSync } from 'node:fs';
const sim = new Simulation(); await sim.start(); sim.setNetList(readFileSync(0, 'utf8')); process.stdout.write(JSON.stringify((await sim.runSim()).data), () => process.exit(0));`;
type Columns = Awaited<ReturnType<Simulation['runSim']>>['data'];

describe('solveCircuit', () => {
  /** A loom of so many nodes, all joined; with meshes, one or two sources, loads, and here and there a dead short. */
  const anyCircuit = fc
    .tuple(fc.integer({ min: 3, max: 14 }), fc.array(fc.nat(), { minLength: 60, maxLength: 60 }))
    .map(([count, picks]): Circuit => {
      let at = 0;
      const pick = (below: number) => (picks[(at += 1) % picks.length] ?? 0) % below;
      const ohm = () => (1 + pick(400)) / 1000;
      const tree = Array.from({ length: count - 1 }, (_, i): Branch => ({
        id: `t${i}`,
        from: `n${pick(i + 1)}`,
        to: `n${i + 1}`,
        ohm: ohm(),
      }));
      const mesh = Array.from({ length: pick(5) }, (_, i): Branch => ({
        id: `m${i}`,
        from: `n${pick(count)}`,
        to: `n${pick(count)}`,
        ohm: ohm(),
      }));
      const cells = Array.from({ length: 1 + pick(2) }, (_, i): Branch => ({
        id: `c${i}`, from: 'n0', to: `n${1 + pick(count - 1)}`, ohm: (2 + pick(40)) / 1000, emfV: 11 + pick(30) / 10,
      })); // prettier-ignore
      const short = pick(4) === 0 ? [{ id: 's0', from: `n${pick(count)}`, to: 'n0', ohm: 0.002 }] : [];
      const draws = Array.from({ length: pick(4) }, () => ({ from: `n${pick(count)}`, to: 'n0', amps: pick(120) / 10 }));
      return { branches: [...tree, ...mesh, ...cells, ...short], draws, ground: 'n0' };
    });
  test('300 looms with meshes, two batteries and shorts: every node as by the SPICE engine, within 0.1 %', () => {
    const looms = fc.sample(anyCircuit, { numRuns: 300, seed: 14 });
    // All of them stand beside each other in one netlist: one run of the engine solves them together.
    const lines = looms.flatMap(({ branches, draws }, k) => {
      const node = (name: string) => (name === 'n0' ? '0' : `${name}x${k}`);
      return [
        ...branches
          .filter(({ from, to }) => from !== to)
          .flatMap(({ id, from, to, ohm, emfV }) =>
            emfV === undefined
              ? [`R${id}x${k} ${node(from)} ${node(to)} ${ohm}`]
              : [`V${id}x${k} ${id}in${k} ${node(from)} ${emfV}`, `R${id}x${k} ${id}in${k} ${node(to)} ${ohm}`],
          ),
        ...draws
          .filter(({ from, to }) => from !== to)
          .map(({ from, to, amps }, i) => `I${i}x${k} ${node(from)} ${node(to)} ${amps}`),
      ];
    });
    const result = runModule<Columns>(spice, `looms\n${lines.join('\n')}\n.op\n.end`);
    const theirs = new Map(result.map(({ name, values }) => [name.toLowerCase(), Number(values[0])]));
    let compared = 0;
    looms.forEach((loom, k) => {
      for (const [node, volts] of solveCircuit(loom).volts) {
        if (node === 'n0') continue;
        const other = theirs.get(`v(${node}x${k})`) ?? NaN;
        expect(Math.abs(volts - other)).toBeLessThan(0.001 * Math.abs(other) + 1e-4);
        compared += 1;
      }
    });
    expect(compared).toBeGreaterThan(2000);
  }, 120_000);
  test('what comes into a node goes out of it', () => {
    fc.assert(
      fc.property(anyCircuit, (circuit) => {
        const { amps } = solveCircuit(circuit);
        const sums = new Map<string, number>();
        const add = (node: string, a: number) => sums.set(node, (sums.get(node) ?? 0) + a);
        for (const { id, from, to } of circuit.branches) {
          add(from, -(amps.get(id) ?? 0));
          add(to, amps.get(id) ?? 0);
        }
        for (const { from, to, amps: drawn } of circuit.draws) {
          add(from, -drawn);
          add(to, drawn);
        }
        for (const sum of sums.values()) expect(Math.abs(sum)).toBeLessThan(1e-5);
      }),
      { numRuns: sampleOf(500, 100) },
    );
  });
  test('what no wire joins has neither volts nor amps', () => {
    const { volts, amps } = solveCircuit({
      branches: [
        { id: 'cell', from: '0', to: 'a', ohm: 1, emfV: 12 },
        { id: 'apart', from: 'x', to: 'y', ohm: 1 },
      ],
      draws: [{ from: 'x', to: 'y', amps: 5 }],
      ground: '0',
    });
    expect([volts.get('a'), volts.has('x'), amps.get('apart')]).toEqual([12, false, 0]);
  });
});

describe('a blade fuse', () => {
  test.each([
    [1.1, Infinity, Infinity],
    [1.35, 0.75, 600],
    [1.6, 0.25, 50],
    [2, 0.15, 5],
    [3.5, 0.04, 0.5],
    [6, 0.02, 0.1],
    [40, 0.02, 0.1],
  ])('at %d times its rating opens between %d and %d s (ISO 8820-3, from memory)', (share, leastS, mostS) => {
    const found = fuseOpens(share);
    expect([found.leastS, found.mostS]).toEqual([expect.closeTo(leastS, 6), expect.closeTo(mostS, 6)]);
  });
  test('more never takes longer', () => {
    let before = fuseOpens(1.11);
    for (let share = 1.12; share < 8; share += 0.01) {
      const now = fuseOpens(share);
      expect(now.leastS <= before.leastS && now.mostS <= before.mostS && now.leastS <= now.mostS).toBe(true);
      before = now;
    }
  });
});

describe('a cable in a short', () => {
  const cable = { areaMm2: 2.5, insulationC: 70 as const, carriesA: 25 };
  test('bears (115 × S)² of PVC, (143 × S)² cross-linked (IEC 60364-4-43, from memory)', () => {
    expect([cableBearsA2S(2.5, 70), cableBearsA2S(4, 90)]).toEqual([(115 * 2.5) ** 2, (143 * 4) ** 2]);
  });
  test('for a moment is spoilt as its I² t is of what it bears', () => {
    expect(spoiltShare(cable, [{ amps: 500, seconds: 0.1 }])).toBeCloseTo((500 ** 2 * 0.1) / cableBearsA2S(2.5, 70), 2);
  });
  test('for good is not spoilt by what it may carry, and is by twice that', () => {
    expect(spoiltShare(cable, [{ amps: 25, seconds: Infinity }])).toBeLessThan(1);
    expect(spoiltShare(cable, [{ amps: 50, seconds: Infinity }])).toBeGreaterThan(1);
  });
  test('remembers the first of two currents, and cools between', () => {
    const pulse = { amps: 400, seconds: 0.2 };
    const once = spoiltShare(cable, [pulse]);
    expect(spoiltShare(cable, [pulse, pulse])).toBeGreaterThan(1.9 * once);
    expect(spoiltShare(cable, [pulse, { amps: 0, seconds: 600 }, pulse])).toBeCloseTo(once, 2);
  });
});
