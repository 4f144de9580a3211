import fc from 'fast-check';
import { longestSpellMs, pumpRest } from './pumpRest';

const [onEnd, rest] = [300_000, 120_000];
const spell = (startMs: number, stopMs: number | null) => ({ startMs, stopMs });

test('five minutes on end it runs, then it is due for its rest', () => {
  expect(pumpRest([spell(0, null)], 299_000, onEnd, rest)).toEqual({ kind: 'runs', leftMs: 1000 });
  expect(pumpRest([spell(0, null)], 300_000, onEnd, rest)).toEqual({ kind: 'due' });
});
test('a pause shorter than the rest is none: both spells count together', () => {
  expect(pumpRest([spell(0, 200_000), spell(230_000, null)], 300_000, onEnd, rest)).toEqual({ kind: 'due' });
  expect(pumpRest([spell(0, 200_000), spell(320_000, null)], 500_000, onEnd, rest)).toEqual({ kind: 'runs', leftMs: 120_000 });
});
test('stopped after its time it rests until its rest is over', () => {
  expect(pumpRest([spell(0, 310_000)], 340_000, onEnd, rest)).toEqual({ kind: 'rests', leftMs: 90_000 });
  expect(pumpRest([spell(0, 310_000)], 430_000, onEnd, rest)).toEqual({ kind: 'runs', leftMs: onEnd });
});
test('the longest spell is no longer than from first to last, and no shorter than the longest single one', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(200_000), fc.nat(400_000)), { minLength: 1, maxLength: 8 }), (parts) => {
      let t = 0;
      const spells = parts.map(([pause, run]) => spell((t += pause), (t += run)));
      const single = Math.max(...parts.map(([, run]) => run));
      const longest = longestSpellMs(spells, t, rest);
      return longest >= single && longest <= t - (spells[0]?.startMs ?? 0);
    }),
  );
});
