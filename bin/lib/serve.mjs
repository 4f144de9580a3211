import { closeSync, existsSync, mkdirSync, openSync, readFileSync, rmSync, writeFileSync, writeSync } from 'node:fs';
import path from 'node:path';
import { freePort, startPostgres } from './postgres.mjs';
import { next, runOrFail, start, Trouble, tsx } from './run.mjs';

const alive = (pid) => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === 'EPERM';
  }
};

/** Only one Lorbet may run on a data folder; a lock left by a dead one is taken over. */
function lock(data) {
  mkdirSync(data, { recursive: true });
  const file = path.join(data, 'running.pid');
  const [other = 0, app = 0] = existsSync(file) ? readFileSync(file, 'utf8').split(' ').map(Number) : [];
  if (other && other !== process.pid && alive(other))
    throw new Trouble(`Lorbet runs on ${data} already (process ${other}); stop that one, or set LORBET_DATA to another folder.`);
  // A start that was killed outright leaves its app behind: end it, or it keeps the port.
  if (app && alive(app)) {
    try {
      process.kill(-app, 'SIGKILL');
    } catch {
      /* gone */
    }
  }
  rmSync(file, { force: true });
  const handle = openSync(file, 'wx', 0o600);
  writeSync(handle, String(process.pid));
  closeSync(handle);
  return { file, release: () => rmSync(file, { force: true }) };
}

async function answers(url, child) {
  for (let i = 0; i < 300; i += 1) {
    if (child.exitCode !== null) return false;
    try {
      if ((await fetch(url)).ok) return true;
    } catch {
      /* not yet */
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  return false;
}

/**
 * Starts database and app on a data folder, loads the demo where wanted, and waits until the app answers.
 * @returns the address, and how to stop both
 */
export async function serve({ data, port, dev = false, demo = true, quiet = false }) {
  const held = lock(data);
  let database;
  try {
    database = await startPostgres(data);
    const env = { ...process.env, ...database.env, NEXT_TELEMETRY_DISABLED: '1' };
    runOrFail(
      tsx,
      ['bin/prepare.ts', ...(demo ? ['--demo'] : [])],
      'The database could not be prepared; look at the lines above',
      { env, stdio: quiet ? 'pipe' : 'inherit' },
    );
    const usedPort = port || (await freePort());
    const app = start(next, [dev ? 'dev' : 'start', '-H', '127.0.0.1', '-p', String(usedPort)], {
      env: { ...env, NODE_ENV: dev ? 'development' : 'production' },
      stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
      detached: true,
    });
    writeFileSync(held.file, `${process.pid} ${app.pid}`);
    const address = `http://127.0.0.1:${usedPort}`;
    const stop = async () => {
      const gone = app.exitCode !== null ? null : new Promise((resolve) => app.once('exit', resolve));
      // Next starts its server as a child of its own: the whole group has to go.
      if (gone) {
        try {
          process.kill(-app.pid, 'SIGTERM');
        } catch {
          /* gone already */
        }
      }
      const timer = setTimeout(() => {
        try {
          process.kill(-app.pid, 'SIGKILL');
        } catch {
          /* gone */
        }
      }, 8000);
      await gone;
      clearTimeout(timer);
      database.stop();
      held.release();
    };
    if (!(await answers(`${address}/health`, app))) {
      await stop();
      throw new Trouble(`The app did not answer at ${address}; look at the lines above, or set PORT to a free port.`);
    }
    return { address, stop, app, env };
  } catch (error) {
    database?.stop();
    held.release();
    throw error;
  }
}
