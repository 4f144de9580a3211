// The workshop's network: HTTPS with HTTP/2 by Caddy, with an authority of its own, beside the app that listens on loopback alone.
import { randomBytes } from 'node:crypto';
import { chownSync, existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { hostname, networkInterfaces } from 'node:os';
import path from 'node:path';
import { ensureCaddy } from './install.mjs';
import { freePort } from './postgres.mjs';
import { appUser } from './process.mjs';
import { ask, start, Trouble } from './run.mjs';
import { trustPage } from './trustPage.mjs';

const isPrivate = (address) => /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.)/.test(address);
/** This machine's address in the workshop: a private one before any other. */
export function lanAddress() {
  if (process.env.LORBET_LAN_HOST) return process.env.LORBET_LAN_HOST;
  const own = Object.values(networkInterfaces())
    .flat()
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
  return own.find(isPrivate) ?? own[0] ?? null;
}

/** By its name too, where something on this machine tells names to the network. */
const mdnsName = () => (existsSync('/run/avahi-daemon/socket') ? `${hostname().split('.')[0].toLowerCase()}.local` : null);

const caddyfile = ({ host, name, port, plainPort, appPort, secret, folder }) => `{
	admin off
	storage file_system ${folder}/store
	skip_install_trust
	auto_https disable_redirects
	local_certs
	default_sni ${host}
	servers {
		protocols h1 h2
	}
}
${[host, ...(name ? [name] : [])].map((one) => `https://${one}:${port}`).join(', ')} {
	bind ${host}
	tls internal
	reverse_proxy 127.0.0.1:${appPort} {
		header_up X-Lorbet-Proxy ${secret}
		flush_interval -1
	}
}
http://${host}:${plainPort} {
	bind ${host}
	root * ${folder}/open
	header X-Content-Type-Options nosniff
	header /root.crt Content-Type application/x-x509-ca-cert
	file_server
}
`;

/** A port that was asked for, or any free one for 0. */
const portOf = async (text, otherwise) => {
  const port = Number(text ?? otherwise);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Trouble(`The LAN port is ${text}; allowed is a whole number from 0 (any free port) to 65535.`);
  return port || freePort();
};

/** A secret between the proxy and the app: only what bears it is believed about where a request came from. */
export const proxySecret = () => randomBytes(24).toString('hex');

/** Where phones will find it, known before anything runs. */
export async function planLan() {
  const host = lanAddress();
  if (!host) throw new Trouble('This machine has no address on a network; connect it, or set LORBET_LAN_HOST.');
  const port = await portOf(process.env.LORBET_LAN_PORT, 3778);
  const plainPort = await portOf(process.env.LORBET_LAN_TRUST_PORT, 3779);
  return { host, name: mdnsName(), port, plainPort, address: `https://${host}:${port}`, trust: `http://${host}:${plainPort}/` };
}

/**
 * Opens the app to the workshop's network. Two ports open there and nothing else: the app by HTTPS, and one page that says how a phone
 * comes to trust it, with the authority's certificate. Certificates are renewed by Caddy itself.
 */
export async function startLan({ data, plan, appPort, secret }) {
  const caddy = ensureCaddy();
  const folder = path.join(data, 'lan');
  const open = path.join(folder, 'open');
  for (const dir of [folder, open, path.join(folder, 'store')]) mkdirSync(dir, { recursive: true });
  const file = path.join(folder, 'Caddyfile');
  writeFileSync(file, caddyfile({ ...plan, appPort, secret, folder }), { mode: 0o600 });
  writeFileSync(path.join(open, 'index.html'), trustPage(plan));
  const as = appUser();
  if (as) ask('chown', ['-R', `${as.uid}:${as.gid}`, folder]);
  const child = start(caddy, ['run', '--config', file, '--adapter', 'caddyfile'], {
    env: { PATH: process.env.PATH, HOME: folder, XDG_DATA_HOME: folder, XDG_CONFIG_HOME: folder },
    stdio: ['ignore', 'ignore', 'pipe'],
    ...(as ? { uid: as.uid, gid: as.gid } : {}),
  });
  let said = '';
  child.stderr.on('data', (chunk) => {
    said = (said + String(chunk)).slice(-4000);
  });
  const certificate = path.join(folder, 'store/pki/authorities/local/root.crt');
  const stop = () =>
    new Promise((resolve) => {
      if (child.exitCode !== null || child.signalCode !== null) return resolve();
      child.once('exit', resolve);
      child.kill('SIGTERM');
    });
  for (let i = 0; i < 150; i += 1) {
    if (child.exitCode !== null) break;
    if (existsSync(certificate)) {
      writeFileSync(path.join(open, 'root.crt'), readFileSync(certificate));
      if (as) chownSync(path.join(open, 'root.crt'), as.uid, as.gid);
      return { ...plan, certificate, child, stop };
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  await stop();
  const why = /"error":"([^"]+)"|Error: (.+)/.exec(said);
  throw new Trouble(
    `The workshop’s network could not be opened at ${plan.address}: ${why?.[1] ?? why?.[2] ?? 'Caddy gave no certificate'}.`,
  );
}
