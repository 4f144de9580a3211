import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { archiveSettings, baseFor, restoreSetting } from './archive.mjs';
import { postgresProgram } from './install.mjs';
import { clusterFolder, quietLog, runAs, secretsOf } from './postgres.mjs';
import { ask, isRoot, runOrFail, Trouble } from './run.mjs';

const owned = (file) => {
  if (isRoot) chownSync(file, Number(ask('id', ['-u', 'postgres']).out), Number(ask('id', ['-g', 'postgres']).out));
};
/** The last thing that the database wrote down of why it would not start. */
function whyNot(cluster) {
  const folder = path.join(cluster, 'log');
  const own = existsSync(folder) ? readdirSync(folder).map((name) => path.join(folder, name)) : [];
  const lines = [path.join(path.dirname(cluster), 'postgres.log'), ...own].flatMap((file) =>
    readFileSync(file, 'utf8').split('\n'),
  );
  return (
    lines
      .filter((line) => /FATAL|PANIC/.test(line))
      .at(-1)
      ?.replace(/^.*?(FATAL|PANIC):\s*/, '') ?? 'it gave no reason'
  );
}

/**
 * Makes a cluster as it was at a moment: from the newest base backup before it, and every change since that the archive holds.
 * Nobody reaches it meanwhile. What was there before is laid aside, and put back where anything fails.
 * @param toMs the moment; null for the last that the archive knows
 * @param goesOn whether the archive goes on from there; not where this is only tried
 * @returns where the former cluster lies; null where there was none
 */
export function restoreTo({ data, archive, toMs, goesOn = true }) {
  const base = baseFor(archive, toMs);
  const cluster = clusterFolder(data);
  const stamp = new Date().toISOString().slice(0, 19).replace(/[-:]/g, '');
  const aside = existsSync(cluster) ? `${cluster}.before-${stamp}` : null;
  const socket = `${cluster}.socket`;
  const hba = `${cluster}.hba`;
  const tidy = () => [socket, hba].forEach((one) => rmSync(one, { recursive: true, force: true }));
  const program = postgresProgram;
  const stop = () => runAs(program('pg_ctl'), ['-D', cluster, '-m', 'fast', '-w', 'stop']);
  if (aside) renameSync(cluster, aside);
  try {
    mkdirSync(cluster, { mode: 0o700 });
    runOrFail('tar', ['-xzf', path.join(base.folder, 'base.tar.gz'), '-C', cluster], 'The base backup could not be unpacked', {
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    writeFileSync(path.join(cluster, 'recovery.signal'), '');
    rmSync(path.join(cluster, 'log'), { recursive: true, force: true });
    if (isRoot) runOrFail('chown', ['-R', 'postgres:postgres', cluster], 'The cluster could not be given to the user postgres');
    chmodSync(cluster, 0o700);
    // Through a door that only the database's own user can open: its passwords may be those of a machine that is gone.
    mkdirSync(socket, { mode: 0o700 });
    writeFileSync(hba, 'local all all trust\n', { mode: 0o600 });
    [socket, hba].forEach(owned);
    // Zones are known by their numbers alone at that moment.
    const target =
      toMs === null
        ? []
        : [
            `'recovery_target_time=${new Date(toMs).toISOString().replace('T', ' ').replace('Z', '+00')}'`,
            'recovery_target_action=promote',
          ];
    const own = quietLog.filter((setting) => !setting.startsWith('unix_socket'));
    const settings = [
      ...own,
      ...(goesOn ? archiveSettings(archive) : []),
      ...target,
      restoreSetting(archive),
      `unix_socket_directories=${socket}`,
      `hba_file=${hba}`,
    ];
    const options = `-h '' ${settings.map((setting) => `-c ${setting}`).join(' ')}`;
    const log = path.join(path.dirname(cluster), 'postgres.log');
    writeFileSync(log, '', { mode: 0o600 });
    owned(log);
    if (runAs(program('pg_ctl'), ['-D', cluster, '-l', log, '-w', '-t', '600', '-o', options, 'start']).status !== 0)
      throw new Trouble(whyNot(cluster));
    const query = (text) => runAs(program('psql'), ['-h', socket, '-U', 'lorbet', '-d', 'postgres', '-tAc', text]);
    for (let tries = 0; query('SELECT pg_is_in_recovery()').out !== 'f'; tries += 1) {
      if (tries > 3000) throw new Trouble('the changes since the base backup could not be gone through within ten minutes');
      if (runAs(program('pg_ctl'), ['-D', cluster, 'status']).status !== 0) throw new Trouble(whyNot(cluster));
      Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 200);
    }
    const secrets = secretsOf(data);
    // Both are letters and digits, made here.
    const set = (role, password) => query(`ALTER ROLE ${role} PASSWORD '${password}'`);
    if (set('lorbet', secrets.database).status !== 0) throw new Trouble('its owner’s password could not be set');
    set('lorbet_app', secrets.app);
    stop();
    tidy();
    return aside;
  } catch (error) {
    stop();
    tidy();
    rmSync(cluster, { recursive: true, force: true });
    if (aside) renameSync(aside, cluster);
    throw new Trouble(`Nothing was restored: ${error.message}. The database is as it was.`);
  }
}
