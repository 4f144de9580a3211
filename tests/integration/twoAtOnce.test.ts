import { spawn } from 'node:child_process';
import path from 'node:path';
import { Sequelize } from 'sequelize';
import pg from 'pg';

// Two start commands on one empty database at the same moment, as two containers of one release begin.
const root = path.resolve(__dirname, '../..');
const name = 'two_at_once';
const withDatabase = (url: string): string => Object.assign(new URL(url), { pathname: `/${name}` }).toString();
const open = (url: string) => new Sequelize(url, { dialect: 'postgres', dialectModule: pg, logging: false });
const owner = process.env.LORBET_OWNER_URL ?? '';

const prepare = (env: NodeJS.ProcessEnv) =>
  new Promise<{ status: number | null; said: string }>((resolve) => {
    const child = spawn(path.join(root, 'node_modules/.bin/tsx'), ['bin/prepare.ts', '--demo'], { cwd: root, env });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text: Buffer) => (said += text.toString()));
    child.once('exit', (status) => resolve({ status, said }));
  });

test('two that prepare one empty database at once both end well, and the demo is loaded once', async () => {
  const sequelize = open(owner);
  await sequelize.query(`CREATE DATABASE ${name}`);
  try {
    const env = {
      ...process.env,
      LORBET_OWNER_URL: withDatabase(owner),
      LORBET_DATABASE_URL: withDatabase(process.env.LORBET_DATABASE_URL ?? ''),
    };
    const done = await Promise.all([prepare(env), prepare(env)]);
    expect(done.map(({ status, said }) => (status === 0 ? 0 : said))).toEqual([0, 0]);
    expect(done.filter(({ said }) => said.includes('demo data loaded'))).toHaveLength(1);
    const fresh = open(withDatabase(owner));
    const [rows] = await fresh.query('SELECT count(*)::int AS n, count(DISTINCT login)::int AS logins FROM people');
    await fresh.close();
    expect(rows).toEqual([{ n: 3, logins: 3 }]);
  } finally {
    await sequelize.query(`DROP DATABASE ${name} WITH (FORCE)`);
    await sequelize.close();
  }
}, 120_000);
