import fc from 'fast-check';
import { odexNight } from '../../../tests/odexNight';
import { heatedNight, startsIn, type NightOfHeat, type Regulation } from './heatedNight';
import type { TwoNodes } from './warmUp';

const room: fc.Arbitrary<TwoNodes> = fc.record({
  airJK: fc.double({ min: 1e4, max: 5e4, noNaN: true }),
  shellJK: fc.double({ min: 3e5, max: 2e6, noNaN: true }),
  airToShellWK: fc.double({ min: 100, max: 500, noNaN: true }),
  shellToOutsideWK: fc.double({ min: 10, max: 150, noNaN: true }),
  airToOutsideWK: fc.double({ min: 0, max: 30, noNaN: true }),
});
const regulation: Regulation = {
  targetC: 18,
  rateKw: 1.2,
  minKw: 0.8,
  maxKw: 2.4,
  stopsAboveK: null,
  lightsBelowK: 3,
  bandK: 2,
  lightingMin: 4,
};
const evening = 20 * 60;
const nightOf = (more: Partial<NightOfHeat>, set: Partial<Regulation> = {}): NightOfHeat => ({
  fromMin: evening,
  toMin: evening + 12 * 60,
  outsideC: (min) => 2 - 0.01 * (min - evening),
  freeW: () => 72,
  spells: [{ fromMin: evening + 30, toMin: evening + 11 * 60, byItself: false }],
  begin: { airC: 2, shellC: 2 },
  ...more,
  regulation: { ...regulation, ...set },
});

test('a night under a thermostat that slows agrees with package odex within 0.15 K, minute by minute', () => {
  fc.assert(
    fc.property(room, fc.integer({ min: 8, max: 24 }), (nodes, targetC) => {
      const night = nightOf({}, { targetC });
      const own = heatedNight(nodes, night);
      const odex = odexNight(nodes, night);
      for (const [i, { airC, shellC }] of own.entries()) {
        // As it is lit and put out the air jumps within a minute.
        if (i % 15 !== 0) continue;
        expect(Math.abs(airC - (odex[i]?.airC ?? NaN))).toBeLessThan(0.15);
        expect(Math.abs(shellC - (odex[i]?.shellC ?? NaN))).toBeLessThan(0.15);
      }
    }),
    { numRuns: 12 },
  );
}, 120_000);

test('heat given is heat stored and lost, within 0.5 %', () => {
  fc.assert(
    fc.property(room, fc.constantFrom(null, 18), fc.constantFrom(null, 1), (nodes, targetC, stopsAboveK) => {
      const points = heatedNight(nodes, nightOf({}, { targetC, stopsAboveK }));
      const [first, last] = [points[0], points[points.length - 1]];
      if (!first || !last) throw new Error('no night');
      let [given, lost] = [0, 0];
      for (const [i, one] of points.slice(0, -1).entries()) {
        const next = points[i + 1] ?? one;
        given += (one.kw * 1000 + 72) * 60;
        const [airC, shellC] = [(one.airC + next.airC) / 2, (one.shellC + next.shellC) / 2];
        lost += ((airC - one.outsideC) * nodes.airToOutsideWK + (shellC - one.outsideC) * nodes.shellToOutsideWK) * 60;
      }
      const stored = (last.airC - first.airC) * nodes.airJK + (last.shellC - first.shellC) * nodes.shellJK;
      expect(Math.abs(given - stored - lost) / given).toBeLessThan(0.005);
    }),
  );
});

describe('what a thermostat does', () => {
  const tight: TwoNodes = { airJK: 17e3, shellJK: 6e5, airToShellWK: 230, shellToOutsideWK: 30, airToOutsideWK: 6 };
  const burning = (set: Partial<Regulation>, more: Partial<NightOfHeat> = {}) => heatedNight(tight, nightOf(more, set));
  test('one that only slows is lit once, and never gives less than its least', () => {
    const points = burning({});
    expect(startsIn(points)).toBe(1);
    expect(Math.min(...points.filter(({ state }) => state === 'burning').map(({ kw }) => kw))).toBeGreaterThanOrEqual(0.8);
  });
  test('one that pauses is lit again only once it is so much colder, and never rests under its target', () => {
    const points = burning({ stopsAboveK: 1, lightsBelowK: 3 });
    expect(startsIn(points)).toBeGreaterThan(2);
    for (const [i, { state, airC }] of points.entries()) {
      if (i === 0 || points[i - 1]?.state !== 'off' || state !== 'lighting') continue;
      if (airC > 10) expect(airC).toBeLessThanOrEqual(18 - 3);
    }
  });
  test('until the flame is there it gives nothing', () =>
    expect(
      burning({})
        .filter(({ min }) => min < evening + 34)
        .every(({ kw }) => kw === 0),
    ).toBe(true));
  test('a fixed rate gives the same whatever the room does', () =>
    expect(
      new Set(
        burning({ targetC: null })
          .filter(({ state }) => state === 'burning')
          .map(({ kw }) => kw),
      ),
    ).toEqual(new Set([1.2])));
  test('outside its spells it is out', () =>
    expect(burning({}, { spells: [] }).every(({ state }) => state === 'off')).toBe(true));
  test('a night of three days is refused', () => expect(() => burning({}, { toMin: evening + 3 * 1440 })).toThrow(/night.*2880/));
});
