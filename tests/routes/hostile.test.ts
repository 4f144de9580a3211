import { closeDatabase } from '../../store/database';
import { hostiles } from '../hostile';
import { base, buildOf, cast, forgetLimits, type Client } from './client';

// The most that any one request may hold the loop that answers everybody, ms.
const longestMs = 200;
let own: Record<'viewer' | 'fitter' | 'lead', Client>;
let buildId: string;
beforeAll(async () => {
  own = await cast('Hostile Shed');
  buildId = await buildOf(own.lead);
}, 30000);
afterAll(async () => {
  await forgetLimits();
  await closeDatabase();
});

const heldMs = async (): Promise<number> => ((await (await fetch(`${base}/health/loop`)).json()) as { maxMs: number }).maxMs;

test.each(hostiles.map((hostile) => [hostile.name, hostile] as const))(
  '%s: answered in a sentence or kept, and nobody else waits for it',
  async (_name, { by, way, body }) => {
    let best = Infinity;
    // A machine that does something else meanwhile counts against us: the best of three tells what is ours.
    for (let i = 0; i < 3 && best >= longestMs; i += 1) {
      const sent = body();
      await forgetLimits();
      await heldMs();
      const answer = await own[by].ask(way(buildId), { method: 'POST', body: sent });
      const text = await answer.text();
      best = Math.min(best, await heldMs());
      expect([200, 201, 400, 401, 403, 409, 413, 422, 503]).toContain(answer.status);
      expect(text.length).toBeLessThan(answer.ok ? 2_000_000 : 20_000);
      if (by === 'viewer') expect(answer.status).toBe(403);
      expect((await fetch(`${base}/health/live`)).status).toBe(200);
    }
    expect(best).toBeLessThan(longestMs);
  },
  120_000,
);

test('what one person sends in large bodies goes one after the other with pauses; too many at once are refused, and others do not wait', async () => {
  const way = `/api/builds/${buildId}/commands`;
  const sent = JSON.stringify({ commandId: 'x', command: { kind: 'note', text: 'x'.repeat(20_000) } });
  const began = performance.now();
  const answers = Array.from({ length: 16 }, async () => {
    const { status } = await own.fitter.ask(way, { method: 'POST', body: sent });
    return { status, ms: performance.now() - began };
  });
  const small = JSON.stringify({ commandId: crypto.randomUUID(), command: { kind: 'note', text: 'mine' } });
  const mine = await own.lead.ask(way, { method: 'POST', body: small });
  const mineMs = performance.now() - began;
  const first = (await Promise.all(answers.map((answer) => answer))).sort((a, b) => a.ms - b.ms);
  const taken = first.filter(({ status }) => status === 400);
  expect([mine.status, first.length - taken.length, first.filter(({ status }) => status === 429).length]).toEqual([200, 4, 4]);
  // Eleven pauses of a second or more lie between the first and the last of twelve.
  expect((taken.at(-1)?.ms ?? 0) - (taken[0]?.ms ?? 0)).toBeGreaterThan(10_900);
  expect(mineMs).toBeLessThan(2000);
}, 60_000);
