import { accessSync, closeSync, constants, mkdirSync, openSync, readFileSync, rmSync, writeFileSync, writeSync } from 'node:fs';
import { randomInt } from 'node:crypto';
import path from 'node:path';
import { archiveFolder, keepBases } from './archive.mjs';
import { startDevices } from './devices.mjs';
import { planLan, proxySecret, startLan } from './lan.mjs';
import { connectionEnv, freePort, portIsFree, startPostgres } from './postgres.mjs';
import { appUser, identify, stillRuns } from './process.mjs';
import { runOrFail, say, start, Trouble, tsx } from './run.mjs';
import { keepRunning, watch } from './supervise.mjs';

/** Letters and digits that nobody mistakes for one another. */
const plain = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
/** Whoever names the first lead has to have seen what the start command prints. */
const setUpCode = () => Array.from({ length: 9 }, (_, i) => (i === 4 ? '-' : plain[randomInt(plain.length)])).join('');

/** What was written down of who runs on a data folder; nothing of it where it can't be read. */
function readLock(file) {
  try {
    const known = JSON.parse(readFileSync(file, 'utf8'));
    return typeof known === 'object' && known !== null ? known : {};
  } catch {
    return {};
  }
}

/** Only one Lorbet may run on a data folder; a lock left by a dead one is taken over. */
function lock(data) {
  try {
    mkdirSync(data, { recursive: true });
    accessSync(data, constants.W_OK | constants.X_OK);
  } catch (error) {
    throw new Trouble(
      `The data folder ${data} can't be written (${error.code}); make it writable, or set LORBET_DATA to another.`,
    );
  }
  const file = path.join(data, 'running.pid');
  const { main, ...children } = readLock(file);
  if (main && main.pid !== process.pid && stillRuns(main))
    throw new Trouble(
      `Lorbet runs on ${data} already (process ${main.pid}); stop that one, or set LORBET_DATA to another folder.`,
    );
  // A start that was killed outright leaves its app behind, and what opens it to the network: end them, or they keep the ports. Only that very process, never one of its number.
  for (const child of Object.values(children))
    if (child && stillRuns(child))
      for (const pid of [-child.pid, child.pid])
        try {
          process.kill(pid, 'SIGKILL');
        } catch {
          /* gone */
        }
  rmSync(file, { force: true });
  const keep = (children = {}) => JSON.stringify({ main: identify(process.pid), ...children });
  let handle;
  try {
    handle = openSync(file, 'wx', 0o600);
  } catch (error) {
    throw new Trouble(`${file} can't be written (${error.code}): another Lorbet starts on this folder now, or the disk is full.`);
  }
  writeSync(handle, keep());
  closeSync(handle);
  return {
    file,
    release: () => rmSync(file, { force: true }),
    name: (children) =>
      writeFileSync(file, keep(Object.fromEntries(Object.entries(children).map(([of, { pid }]) => [of, identify(pid)]))), {
        mode: 0o600,
      }),
  };
}

/** Waits until an address answers well. @returns false where the program behind it ended, or after a minute */
export async function answers(url, child) {
  for (let i = 0; i < 300; i += 1) {
    if (child.exitCode !== null || child.signalCode !== null) return false;
    try {
      if ((await fetch(url)).ok) return true;
    } catch {
      /* not yet */
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  return false;
}

/** Starts one process of the app. @returns its address, and how to end it */
export async function startApp({ port, dev = false, quiet = false, env }) {
  const usedPort = port || (await freePort());
  // In development the app writes all over its own folder; served for good it needs to write nothing and be nobody.
  const as = dev ? null : appUser();
  const app = start(process.execPath, ['bin/server.mjs', ...(dev ? ['--dev'] : [])], {
    env: {
      ...env,
      PORT: String(usedPort),
      NODE_ENV: dev ? 'development' : 'production',
      // Threads share two heaps: with one each, what one large body took is never given back.
      MALLOC_ARENA_MAX: '2',
      ...(as ? { HOME: '/nonexistent', USER: as.name } : {}),
    },
    stdio: ['ignore', quiet ? 'ignore' : 'inherit', 'inherit'],
    detached: true,
    ...(as ? { uid: as.uid, gid: as.gid } : {}),
  });
  const signal = (name) => {
    // What unpacks pictures is a child of it: the whole group has to go.
    try {
      process.kill(-app.pid, name);
    } catch {
      /* gone already */
    }
  };
  const end = async () => {
    const dead = app.exitCode !== null || app.signalCode !== null;
    const gone = dead ? null : new Promise((resolve) => app.once('exit', resolve));
    if (gone) signal('SIGTERM');
    const timer = setTimeout(() => signal('SIGKILL'), 8000);
    await gone;
    clearTimeout(timer);
  };
  return { app, address: `http://127.0.0.1:${usedPort}`, end, kill: () => signal('SIGKILL') };
}

/** One more process of the app on the database of one that runs. */
export async function serveAnother(running) {
  const another = await startApp({ quiet: true, env: running.env });
  if (!(await answers(`${another.address}/health/ready`, another.app))) {
    await another.end();
    throw new Trouble(`The second process did not answer at ${another.address}; look at the lines above.`);
  }
  return { address: another.address, stop: another.end, kill: another.kill, app: another.app };
}

/**
 * Starts database and app on a data folder, loads the demo where wanted, and waits until the app answers.
 * @param giveUp where it is given, what ends by itself is started again; it is called with a sentence when that was of no use
 * @returns the address, and how to stop both
 */
export async function serve({ data, port, dev = false, demo = true, quiet = false, lan = false, giveUp = null }) {
  const held = lock(data);
  if (port && !(await portIsFree(port))) {
    held.release();
    throw new Trouble(`Port ${port} is held by another program; set PORT to a free one, or to 0 for any that is free.`);
  }
  let database;
  // They start while the database does.
  const starting = startDevices({ quiet });
  starting.catch(() => undefined);
  try {
    database = await startPostgres(data);
    // What the app itself needs; the owner's address is not among it.
    const env = { ...process.env, ...database.env, NEXT_TELEMETRY_DISABLED: '1' };
    delete env.LORBET_OWNER_URL;
    runOrFail(
      tsx,
      ['bin/prepare.ts', ...(demo ? ['--demo'] : [])],
      'The database could not be prepared; look at the lines above',
      { env: { ...env, ...database.ownerEnv }, stdio: quiet ? 'pipe' : 'inherit' },
    );
    const plan = lan ? await planLan() : null;
    env.LORBET_SETUP_CODE ??= setUpCode();
    if (plan)
      Object.assign(env, {
        LORBET_PROXY_SECRET: proxySecret(),
        LORBET_LAN: plan.address,
        LORBET_LAN_TRUST: plan.trust,
        LORBET_HOSTS: [env.LORBET_HOSTS, plan.host, plan.name].filter(Boolean).join(','),
      });
    const devices = await starting;
    env.LORBET_DEVICES = devices.address;
    let running = await startApp({ port, dev, quiet, env });
    const { address, app } = running;
    const appPort = Number(new URL(address).port);
    let network = null;
    const name = () => held.name({ app: running.app, ...(network ? { lan: network.child } : {}) });
    name();
    let stopping = false;
    let unwatch = () => undefined;
    const stop = async () => {
      stopping = true;
      unwatch();
      await network?.stop();
      // Pages that hear them would keep the app waiting.
      await devices.end();
      await running.end();
      database.stop();
      held.release();
    };
    if (!(await answers(`${address}/health/ready`, app))) {
      await stop();
      throw new Trouble(`The app did not answer at ${address}; look at the lines above, or set PORT to a free port.`);
    }
    try {
      if (plan) network = await startLan({ data, plan, appPort, secret: env.LORBET_PROXY_SECRET });
      name();
    } catch (error) {
      await stop();
      throw error;
    }
    if (giveUp) {
      const how = { giveUp, stopping: () => stopping };
      const appGone = keepRunning('The app', {
        ...how,
        again: async () => {
          running = await startApp({ port: appPort, dev, quiet, env });
          name();
          running.app.once('exit', () => void appGone());
          return answers(`${address}/health/live`, running.app);
        },
      });
      app.once('exit', () => void appGone());
      const databaseGone = keepRunning('The database', { ...how, again: () => Promise.resolve(database.again()) });
      const unwatchDatabase = watch(database.runs, () => void databaseGone());
      const archive = archiveFolder();
      const leaveOff = archive ? keepBases(archive, connectionEnv(database.ownerEnv.LORBET_OWNER_URL), say) : () => undefined;
      unwatch = () => {
        unwatchDatabase();
        leaveOff();
      };
    }
    return { address, stop, app, env, ownerEnv: database.ownerEnv, lan: network };
  } catch (error) {
    await (await starting.catch(() => null))?.end();
    database?.stop();
    held.release();
    throw error;
  }
}
