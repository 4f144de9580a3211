import { openRoute } from '../../app/lib/handle';
import { closeDatabase, database, isDatabaseAway, isDiskFull } from '../../store/database';
import { migrate } from '../../store/migrate';
import { probeWrite } from '../../store/probe';

// Where nothing can be kept, whoever enters something is told why; what is not known is not said.
beforeAll(async () => {
  await migrate();
});
afterAll(closeDatabase);

/** What PostgreSQL answers with a code of its own choosing. */
const failing = (code: string) => () =>
  database().sequelize.query(`DO $$ BEGIN RAISE EXCEPTION 'no' USING ERRCODE = '${code}'; END $$`);
const answerTo = async (work: () => Promise<unknown>) => {
  const route = openRoute(async () => {
    await work();
    return new Response();
  });
  const answer = await route(new Request('http://localhost/api/none'), { params: Promise.resolve({}) });
  return { status: answer.status, error: ((await answer.json()) as { errors: string[] }).errors[0] };
};

test('a full disk is told as such, and that nothing was kept', async () => {
  const error: unknown = await failing('53100')().catch((thrown: unknown) => thrown);
  expect([isDiskFull(error), isDiskFull(new Error('No space left on device'))]).toEqual([true, false]);
  expect(await answerTo(failing('53100'))).toEqual({
    status: 507,
    error: expect.stringMatching(
      /^The disk of the machine on which Lorbet runs is full, and nothing of this was kept\./,
    ) as string,
  });
});
test.each([
  ['57P01', 503],
  ['22012', 500],
])('whatever else fails (%s) is not said to have been lost: look whether it was kept', async (code, status) => {
  const error: unknown = await failing(code)().catch((thrown: unknown) => thrown);
  expect([isDiskFull(error), isDatabaseAway(error)]).toEqual([false, status === 503]);
  const told = await answerTo(failing(code));
  expect(told.status).toBe(status);
  expect(told.error).toMatch(/Look whether this was kept before you enter it again\./);
});
test('it is ready only where a row of its own can be written, and asks the database no oftener than every two seconds', async () => {
  const at = Date.now() + 100_000;
  expect(await probeWrite(at)).toBeNull();
  const { sequelize } = database();
  const asked = jest.spyOn(sequelize, 'query');
  expect(await probeWrite(at + 1999)).toBeNull();
  expect(asked).not.toHaveBeenCalled();
  asked.mockRejectedValueOnce(new Error('gone'));
  expect(await probeWrite(at + 2000)).toMatch(/^The database does not answer, can’t keep anything/);
  asked.mockRestore();
});
