import path from 'node:path';
import { appUser } from './process.mjs';
import { root, start, Trouble } from './run.mjs';

/**
 * Starts the stand-ins: a bench heater and meters, spoken to by lines (docs/device-lines.md), on this machine only.
 * They end with whoever began them.
 * @returns where they are reached, and how to end them
 */
export async function startDevices({ port = 0, webPort = 0, quiet = false } = {}) {
  const as = appUser();
  const child = start(process.execPath, ['--max-old-space-size=256', path.join(root, '.next/lorbet-devices.cjs')], {
    env: { PATH: process.env.PATH ?? '', LORBET_DEVICES_PORT: String(port), LORBET_DEVICES_WEB_PORT: String(webPort) },
    stdio: ['pipe', 'pipe', quiet ? 'ignore' : 'inherit'],
    ...(as ? { uid: as.uid, gid: as.gid } : {}),
  });
  const said = await new Promise((resolve) => {
    let text = '';
    child.stdout.on('data', (more) => {
      text += more;
      if (text.includes('\n')) resolve(text.slice(0, text.indexOf('\n')));
    });
    child.once('exit', () => resolve(null));
    child.once('error', () => resolve(null));
  });
  if (said === null)
    throw new Trouble(`The stand-in devices did not start on port ${port}; set LORBET_DEVICES_PORT to a free one.`);
  const { tcpPort, webPort: web } = JSON.parse(said);
  const end = async () => {
    const dead = child.exitCode !== null || child.signalCode !== null;
    const gone = dead ? null : new Promise((resolve) => child.once('exit', resolve));
    if (gone) child.kill('SIGTERM');
    await gone;
  };
  return { address: `127.0.0.1:${tcpPort}`, webAddress: `ws://127.0.0.1:${web}`, child, end };
}
