import { id, soundBuild } from '../../../tests/soundBuild';
import type { Build, CoReading } from '../../build/Build';
import { askKey, coPlan, plannedAsks, waitMs, walkOf, type CoAsk } from './coPlan';

const at = '2026-11-20T10:00:00.000Z';
const reading = ({ place, state, doors, wind }: Omit<CoAsk, 'read'>, more: Partial<CoReading> = {}): CoReading => ({
  id: id(80),
  at,
  by: 'A',
  ppm: 0,
  place,
  state,
  doors,
  ...(wind ? { wind } : {}),
  ...more,
});
const readSoFar = (asks: readonly Omit<CoAsk, 'read'>[]): Build => ({
  ...soundBuild(),
  coReadings: asks.map((ask) => reading(ask)),
});
/** Every order of some things. */
const orders = <T>(all: readonly T[]): T[][] =>
  all.length < 2 ? [[...all]] : all.flatMap((one, i) => orders(all.filter((_, k) => k !== i)).map((rest) => [one, ...rest]));

test('no other order within the states of the heater is walked in fewer steps', () => {
  const still = plannedAsks().filter(({ wind }) => wind === undefined);
  const states = [...new Set(still.map(({ state }) => state))];
  const groups = states.map((state) => orders(still.filter((ask) => ask.state === state)));
  const all = groups.reduce<(typeof still)[]>((so, group) => so.flatMap((one) => group.map((more) => [...one, ...more])), [[]]);
  expect(all.length).toBeGreaterThan(100);
  expect(walkOf(still)).toBe(Math.min(...all.map(walkOf)));
});
test('each reading that is taken as asked moves on to the next, until all are there', () => {
  const asks = plannedAsks();
  for (let n = 0; n < asks.length; n += 1) {
    const { next, done } = coPlan(readSoFar(asks.slice(0, n)));
    expect(done).toBe(n);
    expect(next).toMatchObject(asks[n] ?? {});
  }
  expect(coPlan(readSoFar(asks)).next).toBeNull();
});
test('what is put off comes after all others, and is not lost', () => {
  const asks = plannedAsks();
  const later = new Set(asks.slice(0, 2).map(askKey));
  expect(coPlan(readSoFar([]), later).next).toMatchObject(asks[2] ?? {});
  expect(coPlan(readSoFar(asks.slice(2)), later).next).toMatchObject(asks[0] ?? {});
  expect(new Set(asks.map(askKey)).size).toBe(asks.length);
});
test('the place of every reading by handbook is among them, at full output with the doors shut', () => {
  const full = plannedAsks().filter(({ state, doors }) => state === 'full' && doors === 'closed');
  expect(new Set(full.map(({ place }) => place))).toEqual(new Set(['pillow', 'floor', 'outlet', 'return']));
});
test.each<[string, Partial<CoReading>]>([
  ['in another state', { state: 'low' }],
  ['with the doors open', { doors: 'open' }],
  ['without a word of the state', { state: undefined }],
])('a reading %s answers another question', (_what, more) => {
  const ask = plannedAsks().find(({ place, state }) => place === 'pillow' && state === 'full');
  if (!ask) throw new Error('no such ask');
  const build = { ...soundBuild(), coReadings: [reading(ask, more)] };
  expect(
    coPlan(build).asks.find((one) => one.place === 'pillow' && one.state === 'full' && one.wind === undefined)?.read,
  ).toBeNull();
});
test('what was read before the exhaust was worked on, or gas was found and mended, is read again', () => {
  const build = readSoFar(plannedAsks());
  expect(coPlan({ ...build, worked: { exhaust: '2026-11-20T11:00:00.000Z' } }).done).toBe(0);
  const repair = {
    id: id(81),
    checkId: 'co.reading',
    at: '2026-11-20T11:00:00.000Z',
    by: 'A',
    found: '4 ppm',
    cause: 'joint',
    repair: 'anew',
  };
  expect(coPlan({ ...build, repairs: [repair] }).done).toBe(0);
  expect(coPlan({ ...build, worked: { tank: '2026-11-20T11:00:00.000Z' } }).done).toBe(plannedAsks().length);
});

test('a wait runs down from its minutes to none, and a clock that was set back makes it no longer', () => {
  const ask = { afterMin: 10 };
  expect([0, 4, 10, 60, -30].map((min) => waitMs(ask, 0, min * 60_000) / 60_000)).toEqual([10, 6, 0, 0, 10]);
});
