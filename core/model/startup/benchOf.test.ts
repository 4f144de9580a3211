import { demoBuild } from '../../../tests/demoBuild';
import { id, soundBuild } from '../../../tests/soundBuild';
import { withRows } from '../../../tests/withRows';
import { takeAssumed } from '../../build/takeAssumed';
import { readerOf } from '../../figures/readerOf';
import { BenchHeater } from '../../physics/bench/benchHeater';
import { benchOf } from './benchOf';

/** A heater of a build, lit and watched for a quarter of an hour. */
function lit(build: Parameters<typeof readerOf>[0]) {
  const facts = benchOf(readerOf(takeAssumed(build)));
  const heater = new BenchHeater(facts);
  heater.press(true);
  const events = new Map<string, number>();
  const codes: string[] = [];
  let lowestV = Infinity;
  for (let s = 0; s < 900; s += 1) {
    heater.run(1);
    lowestV = Math.min(lowestV, heater.readings.volts);
    for (const event of heater.takeEvents()) {
      if (!events.has(event.kind)) events.set(event.kind, heater.s);
      if (event.kind === 'code') codes.push(event.code);
    }
  }
  return { facts, events, codes, lowestV, readings: heater.readings };
}

test('a sound build runs at its stated current, and is at full in three to five minutes', () => {
  const { events, readings, facts } = lit(soundBuild());
  expect(readings.amps).toBeCloseTo(1.4, 1);
  expect([(events.get('full') ?? 0) > 150, (events.get('full') ?? 999) < 300]).toEqual([true, true]);
  // By hand: 4 Hz of 0.022 mL at 0.832 kg/L are 0.0732 g/s; 14.5 kg of air a kilogram are 1.06 g/s, and there is more than that.
  expect(facts.airFullKgS).toBeGreaterThan(0.00106);
});
test('twelve thin metres of feed end in volts too low', () => {
  const { codes, lowestV } = lit(demoBuild('Thimble Theatre'));
  expect(codes).toEqual(['lowVolts']);
  expect(lowestV).toBeLessThan(10.5);
});
test('up a mountain the same heater has as much less air as the air is thinner', () => {
  const at = (altitudeM: number) => benchOf(readerOf(soundBuild({ 'heater.altitudeM': altitudeM }))).airFullKgS;
  // ISO 2533, from memory: 70,109 Pa at 3,000 m of 101,325 at the sea.
  expect(at(3000) / at(0)).toBeCloseTo(70109 / 101325, 2);
});
const plain = {
  wall: 'corrugated',
  bends: 0,
  bendDeg: 90,
  joint: 'band',
  sealed: 'yes',
  cover: 'bare',
  through: 'none',
  state: 'new',
};
test('an exhaust that turns up again and has no drain holds water, one that is drained none', () => {
  const pipes = (drain: 'none' | 'drilled') =>
    withRows(
      {},
      {
        pipes: () => [
          {
            id: id(801),
            name: 'down',
            of: 'exhaust',
            kind: 'pipe',
            lengthM: 0.5,
            riseMm: -60,
            boreMm: 24,
            ...plain,
            order: 1,
            drain,
          },
          { id: id(802), name: 'up', of: 'exhaust', kind: 'pipe', lengthM: 3, riseMm: 60, boreMm: 24, ...plain, order: 2 },
        ],
      },
    );
  const holds = (drain: 'none' | 'drilled') => benchOf(readerOf(pipes(drain))).pocket;
  // π × 12² mm² over 60 mm: 27 mL
  expect(holds('none').holdsKg).toBeCloseTo(0.0271, 3);
  expect(holds('none').fillsKgS).toBeGreaterThan(0);
  expect(holds('drilled')).toEqual({ holdsKg: 0, fillsKgS: 0 });
});
