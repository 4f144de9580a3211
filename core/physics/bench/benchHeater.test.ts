import fc from 'fast-check';
import { BenchHeater } from './benchHeater';
import { type BenchEvent } from './benchStates';
import { usualBench, type BenchFacts } from './BenchFacts';
import { benchFaultIds, type BenchFaultId, type SetFault } from './faults';

const wrong = (id: BenchFaultId, strength = 1, fromS = 0): SetFault => ({ id, strength, fromS, growsS: 0 });
/** A heater lit at 5 s and watched for so long. */
function lit(forS: number, faults: SetFault[] = [], facts: BenchFacts = usualBench, seed = 1) {
  const heater = new BenchHeater(facts, { seed });
  heater.setFaults(faults);
  heater.run(5);
  heater.press(true);
  const events: (BenchEvent & { s: number })[] = [];
  const seconds: { s: number; volts: number; amps: number; outletC: number; blackSmoke: number; whiteSmoke: number }[] = [];
  const on = (s: number) => {
    for (let i = 0; i < s; i += 1) {
      heater.run(1);
      seconds.push({ ...heater.readings, s: heater.s - 5 });
      events.push(...heater.takeEvents().map((event) => ({ ...event, s: heater.s - 5 })));
    }
  };
  on(forS);
  const at = (kind: BenchEvent['kind']) => events.find((event) => event.kind === kind)?.s ?? NaN;
  const codes = () => events.flatMap((event) => (event.kind === 'code' ? [event.code] : []));
  return { heater, events, seconds, on, at, codes };
}

describe('a sound heater', () => {
  // Common practice, no source: full output three to five minutes after the button, 10 A falling to 1 to 1.5 A, an after-run of two to five minutes.
  const run = lit(900);
  const glow = run.seconds.filter(({ s }) => s > 40 && s < 70);
  test('gives full output within five minutes of the button, and not sooner than two and a half', () => {
    expect(run.at('full')).toBeGreaterThan(150);
    expect(run.at('full')).toBeLessThan(300);
  });
  test('draws about 10 A while it glows and 1 to 1.5 A at full', () => {
    for (const { amps } of glow) expect(amps).toBeCloseTo(11, -0.5);
    const { amps } = run.heater.readings;
    expect([amps >= 1, amps <= 1.5]).toEqual([true, true]);
  });
  test('gives its stated share of the fuel’s heat once it is warm, within 3 %', () => {
    const before = { ...run.heater.sums };
    run.on(120);
    const { heatJ, mediumJ, caseJ } = run.heater.sums;
    const share = (mediumJ + caseJ - before.mediumJ - before.caseJ) / (heatJ - before.heatJ);
    expect(Math.abs(share - usualBench.efficiency)).toBeLessThan(0.03);
  });
  test('runs on for two to five minutes after its button, and is cool then', () => {
    run.heater.press(false);
    run.on(400);
    const after = run.at('end') - run.at('off');
    expect([after >= 120, after <= 300, run.heater.state]).toEqual([true, true, 'off']);
    expect(run.heater.readings.caseC).toBeLessThan(60);
  });
});

test('fuel, heat and charge are all accounted for, whatever is wrong with it and whatever is done to it', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          id: fc.constantFrom(...benchFaultIds),
          strength: fc.double({ min: 0, max: 1, noNaN: true }),
          fromS: fc.integer({ min: 0, max: 600 }),
          growsS: fc.integer({ min: 0, max: 300 }),
        }),
        { maxLength: 4 },
      ),
      fc.array(fc.tuple(fc.constantFrom('on', 'off', 'cut', 'back'), fc.integer({ min: 1, max: 400 })), {
        minLength: 1,
        maxLength: 5,
      }),
      fc.integer(),
      (faults, acts, seed) => {
        const heater = new BenchHeater(usualBench, { seed });
        heater.setFaults(faults);
        heater.press(true);
        let chargeAs = 0;
        for (const [act, forS] of acts) {
          if (act === 'on' || act === 'off') heater.press(act === 'on');
          else heater.power(act === 'back');
          for (let i = 0; i < forS * 10; i += 1) {
            heater.step();
            chargeAs += heater.readings.amps * 0.1;
          }
        }
        const { sums } = heater;
        const near = (a: number, b: number, size: number) =>
          expect(Math.abs(a - b)).toBeLessThanOrEqual(0.005 * Math.max(size, 1e-9));
        near(sums.pumpedKg, sums.burntKg + sums.unburntKg + heater.poolKg, sums.pumpedKg);
        near(sums.heatJ, sums.gasJ + sums.mediumJ + sums.caseJ + heater.heldJ, sums.heatJ + 1000);
        near(sums.chargeAs, chargeAs, chargeAs);
      },
    ),
    { numRuns: process.env.LORBET_WHOLE === '1' ? 300 : 25 },
  );
});

test('the same seed gives the same course to the last figure, another one another', () => {
  const course = (seed: number) => lit(300, [wrong('suctionLeak', 0.7)], usualBench, seed).seconds;
  expect(course(7)).toEqual(course(7));
  expect(course(7)).not.toEqual(course(8));
});

describe('what is wrong shows', () => {
  const sound = lit(500);
  const drawn = ({ heater, seconds, events }: ReturnType<typeof lit>) => ({
    strokes: heater.strokes,
    seconds,
    events,
    co: heater.readings.coPpm,
    noise: heater.readings.noiseDb,
    room: heater.readings.roomC,
  });
  test.each(benchFaultIds)('%s changes what can be seen, read or heard', (id) => {
    const target = { ...usualBench, regulation: { ...usualBench.regulation, targetC: 6 } };
    const facts = id === 'roomSensor' ? target : usualBench;
    const like = id === 'roomSensor' ? lit(500, [], target) : sound;
    expect(drawn(lit(500, [wrong(id)], facts))).not.toEqual(drawn(like));
  });
  test('a thin feed costs what Ohm says: 0.1 Ω more under the glow', () => {
    const at60 = (faults: SetFault[]) => lit(60, faults).heater.readings;
    const [thin, plain] = [at60([wrong('thinFeed', 0.4)]), at60([])];
    expect(plain.batteryV - plain.volts).toBeCloseTo(plain.amps * 0.03, 2);
    expect(thin.batteryV - thin.volts).toBeCloseTo(thin.amps * 0.13, 2);
    expect(thin.volts).toBeLessThan(plain.volts - 0.6);
  });
  test.each([
    ['plugOpen', 'plug'],
    ['plugShort', 'plug'],
    ['tankEmpty', 'noFlame'],
    ['pumpReversed', 'noFlame'],
    ['pumpLeadOpen', 'noFlame'],
    ['fuelGelled', 'noFlame'],
    ['plugWorn', 'noFlame'],
    ['fanStuck', 'fan'],
    ['emptyBattery', 'lowVolts'],
    ['overCharged', 'highVolts'],
    ['flameSensorHot', 'sensor'],
    ['outletBlocked', 'overheat'],
    ['outletSensor', 'overheat'],
  ] as const)('%s at its worst ends in the code for %s', (id, code) => expect(lit(1200, [wrong(id)]).codes()).toContain(code));
  test('too little air smokes black and too much fuel before the flame smokes white', () => {
    const most = (id: BenchFaultId, strength: number, smoke: 'blackSmoke' | 'whiteSmoke') =>
      Math.max(...lit(400, [wrong(id, strength)]).seconds.map((at) => at[smoke]));
    expect(most('intakeBlocked', 0.5, 'blackSmoke')).toBeGreaterThan(0.5);
    expect(Math.max(...sound.seconds.map(({ blackSmoke }) => blackSmoke))).toBe(0);
    expect(most('overPrimed', 1, 'whiteSmoke')).toBeGreaterThan(0.7);
  });
  test('a flooded burner smokes before the pump has given a stroke, and burns rich once it is lit', () => {
    const flooded = lit(500, [wrong('overPrimed', 1)]);
    const early = flooded.seconds.filter(({ s }) => s < sound.at('pump'));
    expect(Math.max(...early.map(({ whiteSmoke }) => whiteSmoke))).toBeGreaterThan(0.5);
    expect(Math.max(...flooded.seconds.map(({ blackSmoke }) => blackSmoke))).toBeGreaterThan(0.5);
  });
  test('a fault comes when it is set to, and grows', () => {
    const run = lit(700, [{ id: 'exhaustBlocked', strength: 1, fromS: 400, growsS: 60 }]);
    expect(run.seconds.filter(({ s }) => s < 395)).toEqual(lit(700).seconds.filter(({ s }) => s < 395));
    expect([run.at('retry') > 400, run.codes()]).toEqual([true, ['noFlame']]);
  });
});

test('water that nothing drains narrows the exhaust: less air, a gas that flutters, and smoke in the end', () => {
  const wet = lit(2400, [], { ...usualBench, pocket: { holdsKg: 0.02, fillsKgS: 0.00002 } });
  const dry = lit(2400);
  const last = (run: typeof wet, of: 'blackSmoke' | 'outletC') => run.seconds.slice(-300).map((at) => at[of]);
  expect(Math.max(...last(wet, 'blackSmoke'))).toBeGreaterThan(0.3);
  expect(Math.max(...last(dry, 'blackSmoke'))).toBe(0);
  // As long as it fills, nothing is to be seen of it: 20 g by 0.02 g/s take a thousand seconds.
  expect(wet.seconds.filter(({ s }) => s < 250).every(({ blackSmoke }) => blackSmoke === 0)).toBe(true);
});

test('a heater for 24 V glows as hot and lights as soon as one for 12 V, at half the amps', () => {
  const { feed, plug } = usualBench;
  const double: BenchFacts = {
    ...usualBench,
    ratedV: 24,
    feed: { ...feed, openV: feed.openV * 2, ownOhm: feed.ownOhm * 4, feedOhm: feed.feedOhm * 4 },
    plug: { ...plug, coldOhm: plug.coldOhm * 4, hotOhm: plug.hotOhm * 4 },
    lowVoltageV: 21,
    highVoltageV: 31,
  };
  const [one, two] = [lit(200), lit(200, [], double)];
  expect(Math.abs(two.at('flame') - one.at('flame'))).toBeLessThan(2);
  const glowA = ({ seconds }: typeof one) => seconds.find(({ s }) => s > 60)?.amps ?? NaN;
  expect(glowA(two) / glowA(one)).toBeCloseTo(0.5, 1);
});

test('fuel that was drained out of a flooded burner stays in the books', () => {
  const { heater } = lit(20, [wrong('overPrimed')]);
  heater.unlock();
  const { pumpedKg, burntKg, unburntKg } = heater.sums;
  expect([heater.poolKg, pumpedKg > 0.009, Math.abs(pumpedKg - burntKg - unburntKg) < 1e-9]).toEqual([0, true, true]);
});

test('three presses without a flame lock it, until its burner was seen to', () => {
  const run = lit(900, [wrong('tankEmpty')]);
  for (let i = 0; i < 2; i += 1) {
    run.heater.press(true);
    run.on(900);
  }
  expect(run.heater.failed).toBe(3);
  run.heater.press(true);
  run.on(5);
  expect([run.heater.state, run.heater.code]).toEqual(['locked', 'locked']);
  run.heater.press(false);
  run.heater.unlock();
  run.heater.setFaults([]);
  run.heater.press(true);
  run.on(300);
  expect(run.heater.isLit).toBe(true);
});

test('power cut while it is hot leaves the heat in it: its case gets hotter than by its button', () => {
  const hottest = (act: (heater: BenchHeater) => void) => {
    const { heater } = lit(600);
    act(heater);
    let most = 0;
    for (let i = 0; i < 240; i += 1) {
      heater.run(1);
      most = Math.max(most, heater.readings.caseC);
    }
    return most;
  };
  expect(hottest((heater) => heater.power(false))).toBeGreaterThan(hottest((heater) => heater.press(false)) + 5);
});

test('a metre of 2 mm fills in 3.1416 mL by strokes of 0.022 mL, counted in its priming mode; then fuel runs into the burner', () => {
  const line = {
    chambers: [{ name: 'line', side: 'pressure' as const, volumeMl: Math.PI, isLine: true, trapMl: 0 }],
    doseMl: 0.022,
    dryShare: 1,
    gasShare: 0,
  };
  const heater = new BenchHeater({ ...usualBench, line }, { filled: false });
  heater.prime(4);
  while (heater.fill.at < 1) heater.step();
  expect(heater.strokes).toBe(Math.ceil(Math.PI / 0.022));
  expect(heater.takeEvents()).toEqual([{ kind: 'fuelHere' }]);
  heater.run(100);
  expect(heater.poolKg).toBeGreaterThan(390 * 0.022 * 832e-6);
});

test.each([
  ['strength of tankEmpty is 2', () => new BenchHeater(usualBench).setFaults([wrong('tankEmpty', 2)])],
  ['target is 90 °C', () => new BenchHeater(usualBench).set({ targetC: 90 })],
  ['dose is 0 mL', () => new BenchHeater({ ...usualBench, line: { ...usualBench.line, doseMl: 0 } })],
])('refuses, naming quantity and value: the %s', (words, act) => expect(act).toThrow(words));
