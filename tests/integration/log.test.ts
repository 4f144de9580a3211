import { randomUUID } from 'node:crypto';
import { closeDatabase, database } from '../../store/database';
import { migrate } from '../../store/migrate';
import { errorForLog } from '../../store/log';

beforeAll(migrate);
afterAll(closeDatabase);
const secret = 'what a person typed about a leak';

test('an error of the database goes to the log without its statement, its values or its message', async () => {
  const error = await database()
    .sequelize.query('INSERT INTO ledger (build_id, seq, body) VALUES (:id, 1, :secret)', {
      replacements: { id: randomUUID(), secret },
    })
    .then(
      () => null,
      (thrown: unknown) => thrown,
    );
  if (!(error instanceof Error)) throw new Error('it was taken');
  // It does hold it: else this proves nothing.
  expect(JSON.stringify(error)).toContain(secret);
  const told = errorForLog(error);
  expect(JSON.stringify(told)).not.toContain(secret);
  expect(JSON.stringify(told)).not.toContain('INSERT');
  expect(told).toMatchObject({ type: expect.stringMatching(/^Sequelize/), code: '23502' });
});
test('what goes to the log of an error is short, however much it says', () => {
  const error = new Error('x'.repeat(5_000_000));
  expect(JSON.stringify(errorForLog(error)).length).toBeLessThan(2000);
});
