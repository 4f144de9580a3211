import { randomUUID } from 'node:crypto';
import { builtInCases } from '../../core/model/trainer/builtInCases';
import type { LearnerRecord } from '../../core/model/trainer/learner';
import type { TrainerCase } from '../../core/model/trainer/TrainerCase';
import { closeDatabase } from '../../store/database';
import { cast, forgetLimits, type Client } from './client';

let own: Awaited<ReturnType<typeof cast>>;
let other: Awaited<ReturnType<typeof cast>>;
beforeAll(async () => {
  [own, other] = [await cast('Learning Shed'), await cast('Far Learning Shed')];
}, 60000);
afterAll(async () => {
  await forgetLimits();
  await closeDatabase();
});
interface Answer {
  errors?: string[];
  record?: Omit<LearnerRecord, 'at'>;
  records?: (LearnerRecord & { person: string })[];
  cases?: TrainerCase[];
}
const read = async (answer: Response): Promise<Answer> => (await answer.json()) as Answer;
const ended = (more: object = {}) => ({
  id: randomUUID(),
  caseId: 'plug-open',
  seed: 1,
  acts: [
    { does: 'look', check: 'plugOhms' },
    { does: 'mend', cause: 'plugOpen' },
  ],
  ...more,
});
const records = async (who: Client) => (await read(await who.ask('/api/training'))).records ?? [];

test('what a case took is worked out on the server, whatever was sent beside what was done, and kept once', async () => {
  const sent = ended({ record: { over: false, minutes: 1 } });
  const first = await read(await own.fitter.post('/api/training', sent));
  expect(first.record).toMatchObject({ caseId: 'plug-open', over: true, dangers: 0, wrongly: 0, checks: 1 });
  expect(first.record?.minutes).toBeGreaterThan(20);
  await own.fitter.post('/api/training', sent);
  expect(await records(own.fitter)).toHaveLength(1);
});
test('a learner sees what is one’s own, a lead all of the workshop, and nobody that of another', async () => {
  await own.viewer.post('/api/training', ended({ caseId: 'fuse-blown' }));
  await other.fitter.post('/api/training', ended());
  expect((await records(own.viewer)).map(({ caseId }) => caseId)).toEqual(['fuse-blown']);
  expect((await records(own.lead)).map(({ caseId }) => caseId).sort()).toEqual(['fuse-blown', 'plug-open']);
  const table = await (await own.lead.ask('/api/training/file')).text();
  expect(table.split('\n')[0]).toBe('person,at,caseId,seed,over,checks,minutes,parts,dangers,wrongly,shortestMinutes');
  expect(table.trim().split('\n')).toHaveLength(3);
});
test('an id that is somebody else’s is refused, and theirs stays', async () => {
  const sent = ended();
  expect((await own.fitter.post('/api/training', sent)).status).toBe(200);
  expect((await own.viewer.post('/api/training', sent)).status).toBe(409);
});
test.each<[object, number, RegExp]>([
  [{ id: 'x' }, 400, /id is no UUID/],
  [{ caseId: 'no-such-case' }, 404, /There is no case no-such-case/],
  [{ seed: 1.5 }, 400, /seed must be a whole number/],
  [{ seed: -1 }, 400, /seed must be/],
  [{ acts: [{ does: 'dance' }] }, 400, /acts\[0\] is nothing that can be done/],
  [{ acts: 'all' }, 400, /must be a list/],
])('%j is refused with one sentence', async (more, status, sentence) => {
  const answer = await own.fitter.post('/api/training', ended(more));
  expect([answer.status, (await read(answer)).errors?.join(' ')]).toEqual([status, expect.stringMatching(sentence)]);
});
test('a workshop’s own case is learned on by its people and by nobody else’s; one that closes a ring with what is there is refused', async () => {
  const mine = { ...builtInCases[0], id: 'own-ferry' };
  const file = (...cases: object[]) => ({ format: 'lorbet-trainer-cases', version: 1, cases });
  expect((await own.lead.post('/api/training/cases', file(mine, { ...mine, id: 'own-next', after: 'own-ferry' }))).status).toBe(
    200,
  );
  expect((await own.fitter.post('/api/training', ended({ caseId: 'own-ferry' }))).status).toBe(200);
  expect((await other.fitter.post('/api/training', ended({ caseId: 'own-ferry' }))).status).toBe(404);
  const ring = await own.lead.post('/api/training/cases', file({ ...mine, after: 'own-next' }));
  expect([ring.status, (await read(ring)).errors?.join(' ')]).toEqual([400, expect.stringMatching(/in a ring/)]);
  const kept = (await read(await own.lead.ask('/api/training'))).cases ?? [];
  expect(kept.map(({ id, after }) => [id, after])).toEqual([
    ['own-ferry', undefined],
    ['own-next', 'own-ferry'],
  ]);
});
