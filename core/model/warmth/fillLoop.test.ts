import { id } from '../../../tests/soundBuild';
import { fillState, type FillStep } from './fillLoop';

const at = (minute: number) => new Date(Date.UTC(2026, 10, 27, 12, minute)).toISOString();
const rows = (...steps: [FillStep, number][]) => steps.map(([step, minute], i) => ({ id: id(i + 1), step, doneAt: at(minute) }));
const ms = (minute: number) => Date.parse(at(minute));
const engine = [{ kind: 'engine' as const }];

test('step after step; the pump’s ten minutes run from the step before', () => {
  expect(fillState([], engine, ms(0))).toMatchObject({ next: 'flush', leftMs: null });
  const filled = rows(['flush', 0], ['open', 2], ['fill', 12]);
  expect(fillState(filled, engine, ms(15))).toMatchObject({ next: 'pump', leftMs: 7 * 60_000 });
  expect(fillState(filled, engine, ms(40)).leftMs).toBe(0);
});
test('an engine is run only where one is in the loop', () => {
  const pumped = rows(['flush', 0], ['open', 2], ['fill', 12], ['pump', 22]);
  expect([fillState(pumped, engine, ms(22)).next, fillState(pumped, [], ms(22)).next]).toEqual(['engine', 'heat']);
});
test('begun anew, nothing of before counts; all done, nothing comes next', () => {
  const all = rows(['flush', 0], ['open', 1], ['fill', 2], ['pump', 12], ['heat', 32], ['bleed', 50], ['mark', 51]);
  expect(fillState(all, [], ms(60))).toMatchObject({ next: null, leftMs: null });
  expect(fillState([...all, ...rows(['flush', 70])], [], ms(71))).toMatchObject({ next: 'open' });
});
