import { messageOf, remedyOf } from '../../checks/findingText';
import type { Simulation } from 'eecircuit-engine';
import fc from 'fast-check';
import { runModule } from '../../../tests/runModule';
import { soundBuild, type Values } from '../../../tests/soundBuild';
import type { Build } from '../../build/Build';
import { assessOne } from '../../checks/assess';
import { ambientShare, ampacityA, bundleShare } from './ampacityA';
import { chargeShare, coldCapacityShare, coldResistance, restVAt } from './battery';
import { copperOhmPerKm } from './copperOhmPerKm';
import { solveFeed } from './solveFeed';

const spice = `import { Simulation } from 'eecircuit-engine'; import { readFileSync } from 'node:fs';
const sim = new Simulation(); await sim.start(); sim.setNetList(readFileSync(0, 'utf8')); process.stdout.write(JSON.stringify((await sim.runSim()).data), () => process.exit(0));`;
type Columns = Awaited<ReturnType<Simulation['runSim']>>['data'];

describe('solveFeed', () => {
  test.each([
    [2.5, 0.638],
    [4, 0.396],
    [6, 0.264],
  ])('4 m apart, 10 A, %d mm²: %d V (Ohm, IEC 60228 from memory)', (area, drop) => {
    expect(
      solveFeed({ restV: 12, batteryMohm: 0, lengthM: 4, ohmPerKm: copperOhmPerKm(area, 20), jointsMohm: 0, currentA: 10 }).dropV,
    ).toBeCloseTo(drop, 3);
  });

  test('agrees with the SPICE engine over 100 generated circuits: battery, both cables, joints, load', () => {
    const feeds = fc.sample(
      fc.record({
        restV: fc.double({ min: 10, max: 29, noNaN: true }),
        batteryMohm: fc.double({ min: 1, max: 80, noNaN: true }),
        lengthM: fc.double({ min: 0.3, max: 15, noNaN: true }),
        ohmPerKm: fc.double({ min: 1, max: 26, noNaN: true }),
        jointsMohm: fc.double({ min: 1, max: 60, noNaN: true }),
        currentA: fc.double({ min: 0.5, max: 25, noNaN: true }),
      }),
      { numRuns: 100, seed: 11 },
    );
    // All circuits stand side by side in one netlist: one run of the engine solves them together.
    const net = feeds
      .map(
        (f, i) =>
          `V${i} a${i} 0 ${f.restV}\nRb${i} a${i} b${i} ${f.batteryMohm / 1000}\nRp${i} b${i} c${i} ${(f.lengthM * f.ohmPerKm) / 1000}\nRj${i} c${i} d${i} ${f.jointsMohm / 1000}\nI${i} d${i} e${i} ${f.currentA}\nRm${i} e${i} 0 ${(f.lengthM * f.ohmPerKm) / 1000}`,
      )
      .join('\n');
    const result = runModule<Columns>(spice, `feeds\n${net}\n.op\n.end`);
    const at = (name: string): number => {
      const column = result.find((d) => d.name.toLowerCase() === `v(${name})`);
      return column ? Number(column.values[0]) : NaN;
    };
    feeds.forEach((feed, i) => expect(at(`d${i}`) - at(`e${i}`)).toBeCloseTo(solveFeed(feed).heaterV, 4));
  });
});

describe('a cable in the warm and in a bundle', () => {
  test.each([
    [20, 70, 1, 1],
    [30, 90, 1, 1],
    [45, 70, 0.875, 0.791],
    [60, 70, 0.75, 0.5],
    [60, 90, 0.82, 0.707],
    [60, 105, 0.86, 0.775],
    // above 60 °C the table ends, and the heat balance is the lesser
    [66, 70, 0.316, 0.316],
    [70, 70, 0, 0],
    [85, 90, 0, 0],
    [105, 105, 0, 0],
  ] as const)(
    'at %d °C insulation of %d °C leaves %d by the standard, %d by its heat balance (ISO 10133 Annex A, from memory)',
    (t, rated, table, balance) => {
      const share = ambientShare(t, rated);
      expect([share.table, share.balance]).toEqual([expect.closeTo(table, 3), expect.closeTo(balance, 3)]);
    },
  );
  test.each([
    [1, 1],
    [3, 1],
    [4, 0.7],
    [6, 0.7],
    [7, 0.6],
    [24, 0.6],
    [25, 0.5],
  ])('%d loaded wires in a bundle leave %d (ISO 10133; ABYC E-11, from memory)', (wires, share) =>
    expect(bundleShare(wires)).toBe(share),
  );
  test('2.5 mm² of 70 °C insulation, fused at 25 A: enough at 20 °C, too little at 60 °C, nothing at 85 °C', () => {
    const at = (values: Values) => {
      const made = assessOne(
        soundBuild({ 'wiring.cableAreaMm2': 2.5, 'wiring.insulationC': 'c70', 'wiring.fuseA': 25, ...values }),
        'wiring.cable.ampacity',
      );
      return [made?.level, made && messageOf(made)];
    };
    expect(at({ 'wiring.cableC': 20 })).toEqual(['sound', expect.stringMatching(/may carry 25 A; its fuse is 25 A/)]);
    expect(at({ 'wiring.cableC': 60 })).toEqual(['stop', expect.stringMatching(/at 60 °C may carry 18\.8 A/)]);
    expect(at({ 'wiring.cableC': 85 })).toEqual(['stop', expect.stringMatching(/softens there/)]);
    expect(at({ 'wiring.cableC': 20, 'wiring.bundled': 5 })).toEqual([
      'stop',
      expect.stringMatching(/in a bundle of 5 may carry 17\.5 A/),
    ]);
    expect(at({ 'wiring.cableC': 60, 'wiring.fuseA': 15 })).toEqual(['watch', expect.stringMatching(/heat balance 12\.5 A/)]);
  });
});

describe('a battery by its rest and in the cold', () => {
  // The trade's table: 12.7 V full, 12.5 80 %, 12.2 50 %, 11.9 20 % (common practice, no source)
  test.each([
    [12.7, 'agm', 1],
    [12.05, 'agm', 0.35],
    [11.9, 'flooded', 0.2],
    [11.5, 'flooded', 0],
    [13.25, 'lithium', 0.55],
    [12.5, 'lithium', 0.1],
  ] as const)('%d V of %s: %d of its charge', (volts, kind, share) => expect(chargeShare(volts, kind)).toBeCloseTo(share, 9));
  test('rest and charge are each other’s inverse', () => {
    for (const kind of ['agm', 'lithium'] as const)
      for (let share = 0; share <= 1; share += 0.05) expect(chargeShare(restVAt(share, kind), kind)).toBeCloseTo(share, 9);
  });
  test('0 °C leaves 85 %, −18 °C 60 % and twice the resistance (handbooks, order of magnitude); of lithium nothing is taken off', () => {
    expect([0, -18].map((t) => coldCapacityShare(t, 'agm'))).toEqual([0.85, 0.6]);
    expect(coldResistance(-18, 'flooded')).toBeCloseTo(2, 6);
    expect([coldCapacityShare(-18, 'lithium'), coldResistance(-18, 'lithium')]).toEqual([1, 1]);
  });
});

describe('what the fuse and the cable are told', () => {
  const made = (values: Values, id: string, maker: Build['maker'] = {}) => assessOne({ ...soundBuild(values), maker }, id);
  test('what the maker asks for is no fault; that the trade loads a fuse less is told', () => {
    const at = (fuseA: number) =>
      made({ 'wiring.fuseA': fuseA, 'heater.startCurrentA': 13 }, 'wiring.fuse.rating', { fuseA: 15 })?.level;
    expect([at(10), at(15), at(20)]).toEqual(['fix', 'watch', 'fix']);
    const on24 = made({ 'heater.supplyV': 'v24', 'heater.startCurrentA': 5, 'wiring.fuseA': 15 }, 'wiring.fuse.rating', {
      fuseA: 15,
    });
    expect(on24?.level).toBe('sound');
  });
  test('the cable that is advised is one that is sold, and does: over 300 feeds', () => {
    fc.assert(
      fc.property(
        fc.record({
          'wiring.feedLengthM': fc.integer({ min: 1, max: 400 }).map((n) => n / 10),
          'wiring.cableAreaMm2': fc.constantFrom(0.75, 1, 1.5, 2.5),
          'wiring.jointsMohm': fc.integer({ min: 0, max: 200 }),
        }),
        (values) => {
          const advised = made(values, 'wiring.drop.start');
          if (advised?.level !== 'fix') return;
          const sold = /Use ([\d.]+) mm²/.exec(remedyOf(advised))?.[1];
          if (sold) {
            expect([0.75, 1, 1.5, 2.5, 4, 6, 10, 16, 25]).toContain(Number(sold));
            expect(made({ ...values, 'wiring.cableAreaMm2': Number(sold) }, 'wiring.drop.start')?.level).not.toBe('fix');
          } else if (/joints alone lose/.test(remedyOf(advised)))
            expect((10 * values['wiring.jointsMohm']) / 1000).toBeGreaterThan(1.2);
          else expect(made({ ...values, 'wiring.cableAreaMm2': 25 }, 'wiring.drop.start')?.level).toBe('fix');
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe('copper', () => {
  test('a hot cable resists more: 0.00393 /K (IEC 60028, from memory)', () =>
    expect(copperOhmPerKm(2.5, 60) / copperOhmPerKm(2.5, 20)).toBeCloseTo(1.1572, 4));
  test('an American gauge lies near its area’s share: 14 AWG (2.081 mm²) at about 9.59 Ω/km', () =>
    expect(copperOhmPerKm(2.081, 20)).toBeCloseTo(9.587, 2));
  test.each([
    [0.75, 70, 10],
    [1.5, 90, 21],
    [2.5, 70, 25],
    [4, 105, 45],
    [10, 90, 70],
    // straight between 1.5 and 2.5 mm²; below the table in proportion; above it as its last
    [2.081, 90, 26.229],
    [0.5, 105, 10.667],
    [25, 70, 120],
    [70, 105, 330],
  ] as const)('%d mm² at %d °C may carry %d A (ISO 10133 Annex A, from memory)', (area, insulation, amps) =>
    expect(ampacityA(area, insulation)).toBeCloseTo(amps, 2),
  );
});
