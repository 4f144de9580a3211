import { copyOf, demoId, expectInLedger, open, signIn } from './people';
import { expect, test } from './silent';

test('a start is rehearsed on the bench heater, told what this build is: it runs on its course; a bad crimp is told as it begins', async ({
  page,
}) => {
  await signIn(page, 'bram');
  await open(page, `/builds/${await copyOf(page.request, 5)}/startup/rehearsal`);
  const bench = page.locator('.rehearsal');
  await page.getByRole('button', { name: '60 times' }).click();
  await page.getByRole('button', { name: 'Button on' }).click();
  await expect(bench).toHaveAttribute('data-state', 'run', { timeout: 20_000 });
  await expect(page.getByText('On its course.')).toBeVisible();
  await expect(page.getByText(/Found from the readings alone: glow at 0:\d\d · pump at 1:\d\d/)).toBeVisible();
  // By its button it runs on, and stops by itself.
  await page.getByRole('button', { name: 'Button off' }).click();
  await expect(bench).toHaveAttribute('data-state', 'off', { timeout: 20_000 });
  await page.getByRole('combobox', { name: 'What is wrong with it' }).click();
  await page.getByRole('option', { name: 'a crimp has resistance' }).click();
  await page.getByRole('button', { name: 'Button on' }).click();
  const volts = page.locator('[data-departure="volts.under"]').first();
  await expect(volts).toContainText('More is lost on the way than this feed should lose', { timeout: 20_000 });
  await expect(volts).toContainText('Later: Read volts at battery and plug under the next glow');
});

test('a feed that is known to be too thin ends the rehearsal in volts too low, and nothing of it is kept', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 2);
  await open(page, `/builds/${id}/startup/rehearsal`);
  await expect(page.getByText('As this build is known, its start does not reach full output.')).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: '60 times' }).click();
  await page.getByRole('button', { name: 'Button on' }).click();
  await expect(page.getByText('It says: volts too low')).toBeVisible({ timeout: 20_000 });
  const ledger = await (await page.request.get(`/api/builds/${id}/ledger/file`)).text();
  expect(ledger).not.toContain('"kind":"start"');
});

test('what a device tells is drawn before the band of this build, and kept as a start by one touch', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 5);
  await page.request.post(`/api/builds/${id}/live`, { data: { do: 'speed', times: 60 } });
  await open(page, `/builds/${id}/startup`);
  await page.getByRole('button', { name: 'bench heater' }).click();
  expect((await page.request.post(`/api/builds/${id}/live`, { data: { do: 'on' } })).status()).toBe(200);
  const devices = page.getByRole('region', { name: 'Read from devices' });
  await expect(devices.getByRole('status')).toContainText(/^([3-9]|\d\d):\d\d/, { timeout: 20_000 });
  await devices.getByRole('button', { name: 'Keep it as a start' }).click();
  await expect(page.getByRole('heading', { name: /Start 1/ })).toBeVisible();
  await expectInLedger(page, /start read from a device: \d events, \d+ readings/);
});

test('a CO meter that speaks feeds the plan: what it keeps goes to the place that is read next', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 5);
  await open(page, `/builds/${id}/proving/co`);
  const next = page.locator('.co-next');
  const asked = await next.getAttribute('data-next');
  await page.getByRole('button', { name: 'stand-in CO meter' }).click();
  await expect(next.getByRole('status')).toContainText(/^\d+ ppm so far, still moving: wait$/);
  await page.request.post(`/api/builds/${id}/live`, { data: { do: 'speed', times: 60 } });
  await expect(next.getByRole('status')).toContainText(/^\d+ ppm, steady for half a minute$/);
  await next.getByRole('button', { name: /^Keep \d+ ppm, and on$/ }).click();
  await expect(next).not.toHaveAttribute('data-next', asked ?? '');
  await expectInLedger(page, /\d+ ppm/);
});

test('who only looks gives the bench heater no orders, and nonsense is refused in one sentence', async ({ page }) => {
  await signIn(page, 'ines');
  const order = (data: object) => page.request.post(`/api/builds/${demoId(1)}/live`, { data });
  expect((await order({ do: 'on' })).status()).toBe(403);
  await signIn(page, 'bram');
  const told = await order({ do: 'explode' });
  expect([told.status(), ((await told.json()) as { errors: string[] }).errors[0]]).toEqual([
    400,
    expect.stringContaining('do is "explode"; allowed is'),
  ]);
  const device = await page.request.get(`/api/builds/${demoId(1)}/live?device=a%20b`);
  expect(device.status()).toBe(400);
});

test('the file of another logger is read by what its columns are; when things happened is put right, and kept', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 5);
  await open(page, `/builds/${id}/startup`);
  const amps = (s: number) => (s < 8 ? 0.1 : s < 20 ? 0.5 : s < 130 ? 10 : 1.5);
  const lines = Array.from({ length: 400 }, (_, i) => i * 2).map(
    (s) =>
      `00:${String(Math.floor(s / 60)).padStart(2, '0')}:${String(s % 60).padStart(2, '0')};${(12.6 - amps(s) * 0.05).toFixed(2).replace('.', ',')};${amps(s).toFixed(1).replace('.', ',')};x`,
  );
  const csv = ['Logger of another make', 'Clock;Supply voltage;I main;Remark', ...lines].join('\r\n');
  await page.getByLabel('Start log, CSV').setInputFiles({ name: 'other.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  const file = page.getByRole('region', { name: 'A logger’s file' });
  // Ink and axes are two layers: stretched over one another, figures would be read off wrong.
  const ink = await file.locator('canvas').boundingBox();
  expect(ink?.height).toBeCloseTo((await file.locator('svg.trace-axes').boundingBox())?.height ?? NaN, 1);
  await expect(file.getByLabel('It is: Supply voltage')).toHaveValue('volts');
  await file.getByLabel('It is: I main').selectOption({ label: 'Amps, A' });
  await expect(file.getByLabel('glow plug on, s')).toHaveValue('19');
  await file.getByLabel('button on, s').fill('never');
  await file.getByRole('button', { name: 'Keep it as a start' }).click();
  await expect(file.getByText('button on is at “never”; allowed is 0 to 86400 s.')).toBeVisible();
  await file.getByLabel('button on, s').fill('8');
  await file.getByRole('button', { name: 'Keep it as a start' }).click();
  await expect(page.getByRole('heading', { name: /Start 1/ })).toBeVisible();
  await expectInLedger(page, /start log imported: [23] events/);
  // The next file with the same names is read without asking.
  await page.getByLabel('Start log, CSV').setInputFiles({ name: 'again.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(file.getByLabel('It is: I main')).toHaveValue('amps');
});
