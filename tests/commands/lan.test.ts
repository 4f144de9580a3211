import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import http2 from 'node:http2';
import https from 'node:https';
import net from 'node:net';
import path from 'node:path';
import { chromium, type Browser } from '@playwright/test';
import cast from '../../demo/people.json';

const root = path.resolve(__dirname, '../..');
const data = path.join(root, '.test/lan-test');
/** A second loopback address stands for the workshop's network. */
const host = '127.0.0.2';
let app: ChildProcess;
let said = '';
let [local, lan, trust] = ['', '', ''];
let ca: Buffer;

const until = async (done: () => boolean, ms = 120_000) => {
  for (const began = Date.now(); !done(); await new Promise((resolve) => setTimeout(resolve, 200)))
    if (Date.now() - began > ms) throw new Error(`Waited in vain; it said:\n${said}`);
};
beforeAll(async () => {
  rmSync(data, { recursive: true, force: true });
  app = spawn(process.execPath, ['bin/start.mjs', '--lan'], {
    cwd: root,
    env: {
      ...process.env,
      PORT: '0',
      LORBET_DATA: data,
      LORBET_LAN_HOST: host,
      LORBET_LAN_PORT: '0',
      LORBET_LAN_TRUST_PORT: '0',
    },
  });
  app.stdout?.on('data', (chunk) => (said += String(chunk)));
  app.stderr?.on('data', (chunk) => (said += String(chunk)));
  await until(() => said.includes('Ctrl-C stops it'));
  [local = ''] = /http:\/\/127\.0\.0\.1:\d+/.exec(said) ?? [];
  [lan = ''] = /https:\/\/127\.0\.0\.2:\d+/.exec(said) ?? [];
  [trust = ''] = /http:\/\/127\.0\.0\.2:\d+/.exec(said) ?? [];
  ca = readFileSync(path.join(data, 'lan/open/root.crt'));
}, 180_000);
afterAll(async () => {
  app.kill('SIGTERM');
  await until(() => app.exitCode !== null, 20_000);
}, 30_000);

const port = (address: string) => Number(new URL(address).port);
const opens = (at: string, onPort: number) =>
  new Promise<boolean>((resolve) => {
    const socket = net.connect({ host: at, port: onPort }, () => {
      socket.destroy();
      resolve(true);
    });
    socket.on('error', () => resolve(false));
  });
const signIn = async (address: string, headers: Record<string, string> = {}) => {
  const body = JSON.stringify({ login: 'bram', password: cast.password });
  const asked = { method: 'POST', headers: { 'content-type': 'application/json', ...headers } };
  if (address.startsWith('http:'))
    return (await fetch(`${address}/api/sign-in`, { ...asked, body })).headers.get('set-cookie') ?? '';
  return new Promise<string>((resolve, reject) => {
    const request = https.request(`${address}/api/sign-in`, { ...asked, ca }, (answer) => {
      answer.resume();
      resolve((answer.headers['set-cookie'] ?? []).join('; '));
    });
    request.on('error', reject).end(body);
  });
};

test('the app is reached by HTTPS with HTTP/2, under a certificate of the workshop’s own authority', async () => {
  const session = http2.connect(lan, { ca });
  const status = await new Promise((resolve, reject) => {
    session.on('error', reject);
    session
      .request({ ':path': '/health/live' })
      .on('response', (headers) => resolve(headers[':status']))
      .end();
  });
  expect(status).toBe(200);
  session.close();
});
test('whoever does not trust that authority gets nothing', async () => {
  await expect(fetch(`${lan}/health/live`)).rejects.toThrow();
});
test('nothing else opens to the network: neither the app’s own port nor the database', async () => {
  expect(await opens(host, port(lan))).toBe(true);
  expect(await opens(host, port(local))).toBe(false);
  expect(await opens('127.0.0.1', port(lan))).toBe(false);
});
test('a page without HTTPS says in four steps how a phone comes to trust it, and gives the certificate alone', async () => {
  const page = await (await fetch(trust)).text();
  expect(page.match(/<li>/g)).toHaveLength(4);
  expect(page).toContain(lan);
  expect(page).not.toContain('<script');
  const certificate = await fetch(`${trust}/root.crt`);
  expect(certificate.headers.get('content-type')).toBe('application/x-x509-ca-cert');
  expect(Buffer.from(await certificate.arrayBuffer())).toEqual(ca);
  for (const way of ['/../store/pki/authorities/local/root.key', '/%2e%2e/store', '/Caddyfile', '/api/me'])
    expect((await fetch(`${trust}${way}`)).status).toBe(404);
});
test('a cookie that came by HTTPS is sent by HTTPS alone; what claims to have come so is not believed', async () => {
  expect(await signIn(lan)).toMatch(/Secure/);
  expect(await signIn(local, { 'x-forwarded-proto': 'https', 'x-lorbet-proxy': 'f'.repeat(48) })).not.toMatch(/Secure/);
});

describe('a phone', () => {
  let browser: Browser;
  beforeAll(async () => {
    browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--ignore-certificate-errors'],
    });
  });
  afterAll(() => browser.close());

  test('is signed in by a code from the PC, once, stands in the list of devices, works without coverage, and can be ended', async () => {
    const pc = await browser.newContext({ baseURL: local });
    const desk = await pc.newPage();
    await desk.goto('/sign-in');
    await desk.getByLabel('Sign-in name').fill('bram');
    await desk.getByLabel('Password').fill(cast.password);
    await desk.getByRole('button', { name: 'Sign in' }).click();
    await desk.getByRole('heading', { name: 'The bay' }).waitFor();
    await desk.goto('/settings');
    await desk.getByRole('button', { name: 'Sign a phone in' }).click();
    const url = (await desk.locator('[data-qr*="/pair#"]').getAttribute('data-qr')) ?? '';
    expect(url.startsWith(`${lan}/pair#`)).toBe(true);

    const userAgent = 'Test phone (Mobile)';
    const pocket = await browser.newContext({ userAgent, viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
    const phone = await pocket.newPage();
    await phone.goto(url);
    await phone.getByRole('heading', { name: 'The bay' }).waitFor();
    // What only a page that is trusted may have.
    expect(await phone.evaluate(() => [isSecureContext, 'mediaDevices' in navigator, 'serviceWorker' in navigator])).toEqual([
      true,
      true,
      true,
    ]);

    const other = await (await browser.newContext()).newPage();
    await other.goto(url);
    await other.getByText(/This code was used already/).waitFor();

    await phone.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await phone
      .getByRole('link', { name: /Sedge Otter/ })
      .first()
      .click();
    await phone.getByRole('heading', { name: 'Sedge Otter' }).waitFor();
    await phone.waitForTimeout(2500);
    await pocket.setOffline(true);
    await phone.reload();
    await phone.getByRole('heading', { name: 'Sedge Otter' }).waitFor();
    await pocket.setOffline(false);

    await desk.reload();
    const devices = desk.locator('[data-device]');
    await devices.nth(1).waitFor();
    await desk
      .locator('[data-device]')
      .filter({ hasText: userAgent })
      .first()
      .getByRole('button', { name: /^Sign out: / })
      .click();
    await desk.getByText('Signed out there.').waitFor();
    await phone.goto(`${lan}/settings`);
    await phone.getByRole('heading', { name: 'Sign in' }).waitFor();
  }, 90_000);
});
