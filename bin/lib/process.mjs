import { chmodSync, chownSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { ask, isRoot, root, say } from './run.mjs';

/**
 * What tells a process from any other that may get its number later: when it began, in which run of the machine, and its command line.
 * Null where there is none of that number, or the machine does not say.
 */
export function identify(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    // The name stands in brackets and may hold blanks; the 22nd field is when it began.
    const began = stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
    const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ').trim();
    const boot = readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim();
    return { pid, began, boot, command };
  } catch {
    return null;
  }
}

/** The processes that began a process, the nearest first. */
export function ancestors(pid, most) {
  const found = [];
  for (let at = pid; found.length < most;) {
    try {
      const stat = readFileSync(`/proc/${at}/stat`, 'utf8');
      at = Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]);
    } catch {
      break;
    }
    const one = at > 1 ? identify(at) : null;
    if (!one) break;
    found.push(one);
  }
  return found;
}

/** Whether the very process that was written down still runs; a stranger of the same number is not it. */
export function stillRuns(known) {
  const now = known && Number.isInteger(known.pid) && known.pid > 1 ? identify(known.pid) : null;
  return now !== null && now.began === known.began && now.boot === known.boot && now.command === known.command;
}

const user = 'lorbet';
/** As root: the ordinary user under which the app and what unpacks pictures run, made where it is missing. Null where there is none to be. */
export function appUser() {
  if (!isRoot) return null;
  const idOf = (name) => {
    const [uid, gid] = [ask('id', ['-u', name]), ask('id', ['-g', name])];
    return uid.status === 0 && gid.status === 0 ? { name, uid: Number(uid.out), gid: Number(gid.out) } : null;
  };
  if (!idOf(user)) ask('useradd', ['--system', '--no-create-home', '--shell', '/usr/sbin/nologin', user]);
  const found = idOf(user) ?? idOf('nobody');
  if (!found) return null;
  const reaches = ['node_modules/next/package.json', '.next/BUILD_ID'].every(
    (file) => ask('runuser', ['-u', found.name, '--', 'test', '-r', path.join(root, file)], { cwd: '/' }).status === 0,
  );
  if (!reaches) {
    say(`the user ${found.name} can't read ${root}, so the app runs as root; a folder that others may read would be safer`);
    return null;
  }
  // The one place into which the app writes by itself.
  const cache = path.join(root, '.next/cache');
  if (!existsSync(cache)) mkdirSync(cache);
  chownSync(cache, found.uid, found.gid);
  chmodSync(cache, 0o755);
  return found;
}
