import fc from 'fast-check';
import { entryTime, longestWaitMs } from './entryTime';

const now = Date.parse('2026-11-29T12:00:00Z');
const day = 24 * 3600_000;
const began = now - 10 * day;

test('whatever a device says, an entry lies between the earliest moment at which it was possible and now', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: now - 400 * day, max: now + 400 * day }),
      fc.integer({ min: 0, max: 90 * day }),
      (said, age) => {
        const { atMs } = entryTime('note', said, now, now - age);
        expect(atMs).toBeGreaterThanOrEqual(now - age);
        expect(atMs).toBeLessThanOrEqual(now);
      },
    ),
  );
});
test('what a device says is kept beside the server’s time wherever the two differ by more than a minute', () => {
  const told = (said: number, kind = 'note') => entryTime(kind, said, now, began).told;
  expect(told(now - 3600_000)).toEqual({ madeAt: '2026-11-29T11:00:00.000Z' });
  expect(told(began - day)).toEqual({ deviceAt: new Date(began - day).toISOString() });
  expect(told(now + day)).toEqual({ deviceAt: new Date(now + day).toISOString() });
  expect(told(now - 30_000)).toEqual({});
});
test('an entry that waited for sixty days on a device or longer bears the server’s time', () => {
  const at = (waited: number) => entryTime('note', now - waited, now, now - 100 * day).atMs;
  expect([at(longestWaitMs - 1000), at(longestWaitMs)]).toEqual([now - longestWaitMs + 1000, now]);
});
test('nobody signs, waives or withdraws in the past: what the device says of it is kept, and not believed', () => {
  for (const kind of ['sign', 'waive', 'withdraw'])
    expect(entryTime(kind, now - day, now, began)).toEqual({ atMs: now, told: { deviceAt: new Date(now - day).toISOString() } });
});
