import type { Page } from '@playwright/test';
import { Secret, TOTP } from 'otpauth';
import cast from '../../demo/people.json';
import { newBuild, open } from './people';
import { expect, test } from './silent';

/** A lead of one's own, signed in. */
async function leadOfOnesOwn(page: Page): Promise<string> {
  const login = `step-${crypto.randomUUID().slice(0, 8)}`;
  await page.request.post('/api/sign-in', { data: { login: 'odile', password: cast.password } });
  const invited = await page.request.post('/api/crew/invite', { data: { name: `Twofold ${login}`, login, role: 'lead' } });
  const { token } = (await invited.json()) as { token: string };
  await page.request.post('/api/join', { data: { token, password: cast.password } });
  expect((await page.request.post('/api/sign-in', { data: { login, password: cast.password } })).status()).toBe(200);
  return login;
}
/** Waits for the next half minute where the code that shows now was used already. */
const codeOf = (secret: string, ms = 0) =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + ms });

async function switchOn(page: Page): Promise<{ secret: string; codes: string[] }> {
  await page.goto('/settings');
  await page.getByLabel('Your password', { exact: true }).fill('not the one');
  await page.getByRole('button', { name: 'Switch it on' }).click();
  await expect(page.getByText('Password is another one.')).toBeVisible();
  await page.getByLabel('Your password', { exact: true }).fill(cast.password);
  await page.getByRole('button', { name: 'Switch it on' }).click();
  const uri = (await page.getByRole('img', { name: 'QR code for the code app' }).getAttribute('data-qr')) ?? '';
  const secret = new URL(uri).searchParams.get('secret') ?? '';
  await page.getByLabel('Then type the code').fill('000000');
  await page.getByRole('button', { name: 'It works' }).click();
  await expect(page.getByText('Code is another one')).toBeVisible();
  await page.getByLabel('Then type the code').fill(codeOf(secret, -30_000));
  await page.getByRole('button', { name: 'It works' }).click();
  await expect(page.locator('[data-recovery] li')).toHaveCount(10);
  const codes = await page.locator('[data-recovery] li').allTextContents();
  await page.getByRole('button', { name: 'I have written them down' }).click();
  await expect(page.getByText(/^On since .*Recovery codes left: 10/)).toBeVisible();
  return { secret, codes };
}
async function enterAgain(page: Page, login: string): Promise<void> {
  await page.request.post('/api/sign-out', { data: {} });
  await page.goto('/sign-in');
  await page.getByLabel('Sign-in name').fill(login);
  await page.getByLabel('Password').fill(cast.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Your second step' })).toBeVisible();
}
const bay = (page: Page) => expect(page.getByRole('heading', { name: 'The bay' })).toBeVisible();

/** Signs in by a code, as a phone does: the second step was not given in that session. */
async function pairAnew(page: Page): Promise<void> {
  const { url } = (await (await page.request.post('/api/pairing', { data: {} })).json()) as { url: string };
  const paired = await page.request.post('/api/pairing/take', { data: { code: url.split('#')[1] } });
  expect(paired.status()).toBe(200);
}

test('a lead switches a second step on, signs in with it, and gives it again before a hold point is released', async ({
  page,
}) => {
  const login = await leadOfOnesOwn(page);
  const { secret, codes } = await switchOn(page);
  await enterAgain(page, login);
  await page.getByLabel('Code').fill('12');
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText('six digits')).toHaveCount(2);
  await page.getByLabel('Code').fill(codeOf(secret));
  await page.getByLabel('Code').press('Enter');
  await bay(page);

  // A phone that was signed in by a code has not given it yet: as after 15 minutes, it is asked for.
  const id = await newBuild(page.request, `Twofold ${login}`);
  await pairAnew(page);
  await open(page, `/builds/${id}/siting`);
  await page.getByRole('button', { name: 'the first hole' }).click();
  await page.getByRole('button', { name: /^Release.*the first hole/ }).click();
  const ask = page.getByRole('dialog', { name: 'Your second step, once more' });
  await expect(ask).toContainText('RELEASED');
  await ask.getByRole('button', { name: 'Not now' }).click();
  await expect(page.getByText('It waits on this device until you have given it.')).toBeVisible();
  // It is still there after the page was opened anew.
  await open(page, `/builds/${id}/siting`);
  await ask.getByLabel('Code').fill(codes[0] ?? '');
  await ask.getByRole('button', { name: 'Go on' }).click();
  await expect(ask).toHaveCount(0);
  await expect(page.locator('[data-waiting]')).toHaveCount(0);
  const told = (await (await page.request.get(`/api/builds/${id}/ledger?before=1000`)).json()) as { rows: { kind: string }[] };
  expect(told.rows.some(({ kind }) => kind === 'holdPoint')).toBe(true);

  // So it is before somebody is given a way in.
  await pairAnew(page);
  await page.goto('/people');
  await page.getByLabel('Name, as it stands under certificates').fill(`Brought in ${login}`);
  await page.getByLabel(/^Sign-in name/).fill(`in-${login}`);
  await page.getByRole('button', { name: 'Make a link for this person' }).click();
  const again = page.getByRole('group', { name: 'Your second step, once more' });
  await again.getByLabel('Code').fill(codes[1] ?? '');
  await again.getByRole('button', { name: 'Go on' }).click();
  await expect(page.locator('[data-link]')).toContainText('/join/');
  await expect(again).toHaveCount(0);
});

test('a passkey stands for the code where Lorbet is reached by a name', async ({ browser, baseURL }) => {
  const byName = (baseURL ?? '').replace('127.0.0.1', 'localhost');
  const context = await browser.newContext({ baseURL: byName });
  const page = await context.newPage();
  const devtools = await context.newCDPSession(page);
  await devtools.send('WebAuthn.enable');
  await devtools.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  });
  const login = await leadOfOnesOwn(page);
  const { codes } = await switchOn(page);
  await page.getByLabel('Name of this device').fill('Bench PC');
  await page.getByRole('button', { name: 'Make a passkey here' }).click();
  await expect(page.getByText('Bench PC')).toBeVisible();
  await enterAgain(page, login);
  await page.getByRole('button', { name: 'Use a passkey' }).click();
  await bay(page);
  // Taken away, it lets nobody in any more.
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Take passkey away: Bench PC' }).click();
  await expect(page.getByText('Bench PC')).toHaveCount(0);
  await enterAgain(page, login);
  await expect(page.getByRole('button', { name: 'Use a passkey' })).toHaveCount(0);
  await page.getByLabel('Code').fill(codes[1] ?? '');
  await page.getByRole('button', { name: 'Go on' }).click();
  await bay(page);
  await context.close();
});
