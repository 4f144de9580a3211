import fc from 'fast-check';
import psychrolib from 'psychrolib';
import { airAt, airCp, warmAir, type Duct } from './ductAir';
import { ductUWM2K, outletZeta } from './ductLoss';
import { holeMm2, returnHoles } from './returnHoles';

describe('air in a duct', () => {
  beforeAll(() => psychrolib.SetUnitSystem(psychrolib.SI));
  it.each([-20, 0, 20, 60, 120])('at %d °C it is as dense as psychrolib has it, within 0.1 %', (c) => {
    expect(airAt(c).densityKgM3 / psychrolib.GetDryAirDensity(c, 101325)).toBeCloseTo(1, 3);
  });
  // Handbooks, from memory: 17.2, 18.2 and 21.8 µPa s at 0, 20 and 100 °C.
  it.each([
    [0, 17.2],
    [20, 18.2],
    [100, 21.8],
  ])('at %d °C it has the viscosity of the handbooks, %d µPa s', (c, microPaS) => {
    expect(airAt(c).viscosityPaS * 1e6).toBeCloseTo(microPaS, 0);
  });
  it('out of range is refused by name', () => {
    expect(() => airAt(900)).toThrow(/temperature of the air is 900 °C; allowed is -60 up to 400 °C|allowed is/);
  });
});

describe('the wall of a duct', () => {
  // EN ISO 6946 (from memory): 0.04 outside, 0.13 inside; 1/15 within the duct; 20 mm of 0.04 W/(m K) are 0.5 m² K/W.
  it.each([
    ['outside', false, 1 / (1 / 15 + 0.04)],
    ['inside', false, 1 / (1 / 15 + 0.13)],
    ['outside', true, 1 / (1 / 15 + 0.04 + 0.5)],
  ] as const)('%s, insulated %s, lets through its resistances in series', (runs, insulated, u) => {
    expect(ductUWM2K(runs, insulated)).toBeCloseTo(u, 1);
  });
  it('an outlet half shut costs four times as much', () => {
    expect(outletZeta(2.5, 0.5)).toBeCloseTo(10, 9);
    expect(() => outletZeta(1, 0)).toThrow(/open share of the outlet/);
  });
});

describe('holes for the air to come back by', () => {
  it('are one of 60 and two of 35 mm for 4,750 mm² (common practice, no source)', () => {
    const found = returnHoles(4750);
    expect(found?.holes).toEqual([
      { mm: 60, pieces: 1 },
      { mm: 35, pieces: 2 },
    ]);
    expect(found?.areaMm2).toBeCloseTo(4751.7, 0);
  });
  it('give what is wanted, and no other holes give it with less too much', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30000 }), (wanted) => {
        const found = returnHoles(wanted);
        if (!found) return;
        expect(found.areaMm2).toBeGreaterThanOrEqual(wanted);
        expect(found.holes.reduce((sum, { mm, pieces }) => sum + pieces * holeMm2(mm), 0)).toBeCloseTo(found.areaMm2, 6);
        for (let large = 0; large <= 8; large += 1)
          for (let small = 0; small <= 8; small += 1) {
            const area = large * holeMm2(60) + small * holeMm2(35);
            if (area >= wanted) expect(area).toBeGreaterThanOrEqual(found.areaMm2 - 1e-6);
          }
      }),
    );
  });
  it('are none where more than eight of each would be wanted', () => {
    expect(returnHoles(40000)).toBeNull();
  });
});

const duct = (id: string, then: Duct[] = [], more: Partial<Duct> = {}): Duct => ({
  id,
  lengthM: 1,
  boreMm: 75,
  roughnessMm: 2,
  zeta: then.length > 0 ? 1 : 2,
  then,
  shut: false,
  uWM2K: 6,
  roundC: 10,
  ...more,
});
const anyTree = fc.letrec<{ duct: Duct }>((tie) => ({
  duct: fc
    .record({
      id: fc.uuid(),
      then: fc.oneof({ maxDepth: 3 }, fc.constant<Duct[]>([]), fc.array(tie('duct'), { minLength: 1, maxLength: 3 })),
      lengthM: fc.double({ min: 0.1, max: 4, noNaN: true }),
      boreMm: fc.constantFrom(60, 75, 90, 100),
      uWM2K: fc.constantFrom(1.7, 5, 9.4),
    })
    .map(({ id, then, ...more }) => duct(id, then, more)),
})).duct;

describe('warm air through a tree', () => {
  const solve = (ducts: Duct[], more = {}) =>
    warmAir({ blower: { shutPa: 250, freeM3S: 0.03 }, returnM2: 0.012, heatW: 2200, inC: 18, ducts, ...more });
  it('carries off all the heat: what leaves by the outlets and what the walls lose is what the heater gives', () => {
    fc.assert(
      fc.property(fc.array(anyTree, { minLength: 1, maxLength: 2 }), (ducts) => {
        const flow = solve(ducts);
        let [out, lost] = [0, 0];
        const follow = (one: Duct): void => {
          const at = flow.byId.get(one.id);
          if (!at) throw new Error('no flow');
          lost += at.massKgS * airCp * (at.fromC - at.toC);
          if (one.then.length === 0) out += at.massKgS * airCp * (at.toC - 18);
          one.then.forEach(follow);
        };
        ducts.forEach(follow);
        expect(Math.abs((out + lost) / 2200 - 1)).toBeLessThan(0.002);
      }),
      { numRuns: 100 },
    );
  });
  it('less comes through with each thing that stands in its way', () => {
    const free = solve([duct('a')]).blowerM3S;
    const worse = [
      solve([duct('a', [], { lengthM: 4 })]),
      solve([duct('a', [], { boreMm: 60 })]),
      solve([duct('a', [], { zeta: 6 })]),
      solve([duct('a')], { returnM2: 0.003 }),
      solve([duct('a')], { blower: { shutPa: 120, freeM3S: 0.03 } }),
    ];
    for (const { blowerM3S } of worse) expect(blowerM3S).toBeLessThan(free);
    expect(solve([duct('a'), duct('b')]).blowerM3S).toBeGreaterThan(free);
  });
  it('less air leaves hotter', () => {
    expect(solve([duct('a')], { returnM2: 0.003 }).heaterC).toBeGreaterThan(solve([duct('a')]).heaterC);
  });
  it('with every way shut there is none, and its heat has nowhere to go', () => {
    const flow = solve([duct('a', [], { shut: true })]);
    expect([flow.massKgS, flow.heaterC, flow.byId.get('a')?.massKgS]).toEqual([0, Infinity, 0]);
  });
  it('is the same from wherever it is begun', () => {
    const ducts = [duct('a', [duct('b'), duct('c', [], { boreMm: 60 })])];
    const near = solve([duct('a', [duct('b', [], { zeta: 9 }), duct('c')])]);
    const [cold, warm] = [
      solve(ducts),
      warmAir({ blower: { shutPa: 250, freeM3S: 0.03 }, returnM2: 0.012, heatW: 2200, inC: 18, ducts }, near),
    ];
    for (const id of ['a', 'b', 'c'])
      expect((warm.byId.get(id)?.massKgS ?? 0) / (cold.byId.get(id)?.massKgS ?? NaN)).toBeCloseTo(1, 2);
  });
  it('a fan of nothing and a return of less than nothing are refused by name', () => {
    expect(() => solve([duct('a')], { blower: { shutPa: 100, freeM3S: 0 } })).toThrow(/free flow of the blower/);
    expect(() => solve([duct('a')], { returnM2: -1 })).toThrow(/free area of the ways back/);
  });
});
