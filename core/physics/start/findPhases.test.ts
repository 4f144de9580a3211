import { seeded } from '../../random/seeded';
import { BenchHeater } from '../bench/benchHeater';
import { type BenchEvent } from '../bench/benchStates';
import { usualBench } from '../bench/BenchFacts';
import { findPhases, onsetOf, type PhaseEvent, type Series, type Signals } from './findPhases';

/** Readings of a start whose truth is known: steps and slopes, the noise of meters, now and then a reading that is wrong or missing. Made here, and by no simulation. */
function made(seed: number): { signals: Signals; truth: [PhaseEvent, number][] } {
  const draw = seeded(seed);
  const from = (low: number, high: number) => low + (high - low) * draw();
  const normal = () => draw() + draw() + draw() + draw() - 2;
  const everyS = from(0.4, 1);
  const glow = from(8, 40);
  const pump = glow + from(40, 90);
  const flame = pump + from(12, 45);
  const glowOff = flame + from(15, 40);
  const full = Math.max(glowOff, flame) + from(30, 90);
  const off = full + from(120, 300);
  const end = off + from(120, 240);
  const [plugA, runA, restV, ohm, maxHz, slope] = [
    from(7, 12),
    from(0.9, 1.5),
    from(12.2, 13),
    from(0.03, 0.2),
    from(2, 5.5),
    from(0.25, 0.9),
  ];
  const read = (noise: number, value: (s: number) => number): Series => {
    const series = { s: [] as number[], value: [] as number[] };
    for (let s = 0; s < end + 40; s += everyS) {
      if (draw() < 0.02) continue;
      series.s.push(s);
      series.value.push(draw() < 0.004 ? value(s) + from(-5, 5) : value(s) + noise * normal());
    }
    return series;
  };
  const glows = (s: number) => s >= glow && s < glowOff;
  const ampsAt = (s: number) => (s >= end ? 0.02 : s < 4 ? 0.02 : (glows(s) ? plugA : 0) + 0.4 + (s > flame && s < off ? (runA - 0.4) * Math.min(1, (s - flame) / (full - flame)) : 0)); // prettier-ignore
  const amps = read(0.12, ampsAt);
  const volts = read(0.03, (s) => restV - ohm * ampsAt(s));
  const hertz = read(0.03, (s) =>
    s >= pump && s < off ? (s < full ? 0.8 + ((maxHz - 0.8) * Math.max(0, s - flame)) / (full - flame) : maxHz) : 0,
  );
  const heat = read(0.25, (s) =>
    s < flame ? 5 : s < off ? 5 + 70 * (1 - Math.exp((-slope * (s - flame)) / 70)) : 60 * Math.exp(-(s - off) / 90),
  );
  return { signals: { amps, volts, hertz, heat }, truth: [['glow', glow], ['pump', pump], ['flame', flame], ['glowOff', glowOff], ['full', full], ['off', off], ['end', end]] }; // prettier-ignore
}

const courses = Array.from({ length: 500 }, (_, i) => made(i + 1));
const found = courses.map(({ signals }) => findPhases(signals));

describe('in 500 starts with noise', () => {
  test.each(['glow', 'pump', 'flame', 'glowOff', 'off', 'end'] as const)('“%s” is found within 3 s in 95 of 100', (event) => {
    const near = courses.filter(({ truth }, i) => {
      const is = truth.find(([name]) => name === event)?.[1] ?? NaN;
      return found[i]?.some((one) => one.event === event && Math.abs(one.atS - is) <= 3);
    });
    expect(near.length / courses.length).toBeGreaterThanOrEqual(0.95);
  });
  test('full output, which comes by degrees, is found within 8 s in 95 of 100', () => {
    const near = courses.filter(({ truth }, i) => {
      const is = truth.find(([name]) => name === 'full')?.[1] ?? NaN;
      return found[i]?.some((one) => one.event === 'full' && Math.abs(one.atS - is) <= 8);
    });
    expect(near.length / courses.length).toBeGreaterThanOrEqual(0.95);
  });
  test('none is invented: each event once, and no other', () => {
    const odd = courses.filter(
      ({ truth }, i) =>
        found[i]?.length !== truth.length || truth.some(([name]) => found[i]?.filter(({ event }) => event === name).length !== 1),
    );
    expect(odd.length).toBe(0);
  });
});

test('of noise alone nothing is found', () => {
  for (let seed = 1; seed <= 100; seed += 1) {
    const draw = seeded(seed);
    const noise = (level: number, wide: number): Series => ({
      s: Array.from({ length: 600 }, (_, i) => i * 0.7),
      value: Array.from({ length: 600 }, () => level + wide * (draw() + draw() - 1)),
    });
    const signals = { amps: noise(0.05, 0.04), volts: noise(12.6, 0.05), hertz: noise(0.02, 0.02), heat: noise(8, 0.5) };
    expect(findPhases(signals)).toEqual([]);
  }
});
test('a kink whose place is known by hand: flat at 5, from 30 s on up by 0.5 a second', () => {
  const s = Array.from({ length: 80 }, (_, i) => i);
  expect(onsetOf({ s, value: s.map((at) => (at < 30 ? 5 : 5 + (at - 30) / 2)) }, 0, 79)).toBe(30);
});
test('the bench heater’s own course gives glow, pump, flame, full, off and end back', () => {
  const heater = new BenchHeater(usualBench);
  const events: [BenchEvent['kind'], number][] = [];
  const series = {
    amps: { s: [] as number[], value: [] as number[] },
    hertz: { s: [] as number[], value: [] as number[] },
    heat: { s: [] as number[], value: [] as number[] },
  };
  heater.run(5);
  heater.press(true);
  for (let i = 0; i < 1500; i += 1) {
    if (i === 800) heater.press(false);
    heater.run(0.5);
    for (const { kind } of heater.takeEvents()) events.push([kind, heater.s]);
    series.amps.s.push(heater.s);
    series.amps.value.push(heater.readings.amps);
    series.hertz.s.push(heater.s);
    series.hertz.value.push(heater.readings.hertz);
    series.heat.s.push(heater.s);
    series.heat.value.push(heater.readings.exhaustC);
  }
  const phases = findPhases(series);
  const at = (event: PhaseEvent) => phases.find((one) => one.event === event)?.atS ?? NaN;
  for (const event of ['glow', 'pump', 'off', 'end'] as const)
    expect(Math.abs(at(event) - (events.find(([kind]) => kind === event)?.[1] ?? NaN))).toBeLessThan(3);
  // Its controller sees the flame once the exhaust has warmed; the exhaust goes up before.
  const seen = events.find(([kind]) => kind === 'flame')?.[1] ?? NaN;
  expect([at('flame') < seen, seen - at('flame') < 25]).toEqual([true, true]);
});
