import { expect, test } from './silent';
import {
  copyOf,
  countStoodStill,
  demoId,
  enter,
  expectInLedger,
  expectLevel,
  newBuild,
  open,
  openRun,
  section,
  settled,
  signIn,
} from './people';

test('the pump dragged, tilted and moved by keys: figures and findings follow', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/fuel/line`);
  await openRun(page);
  const angle = page.getByLabel(/^Pump angle, outlet up, as fitted/);
  const suction = page.getByLabel(/^Length, filter to pump/);
  await expect(suction).toHaveValue('0.34');
  const pump = page.locator('[data-drag="pump"]');
  const box = await pump.boundingBox();
  if (!box) throw new Error('no pump');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 60, y, { steps: 4 });
  await page.mouse.move(x + 420, y, { steps: 10 });
  // Before the hand lets go, the finding stands already.
  await expectLevel(page, 'fuel.suction.length', 'fix');
  await page.mouse.up();
  await settled(page);
  expect(Number(await suction.inputValue())).toBeGreaterThan(1.7);
  await pump.focus();
  for (let i = 0; i < 20; i += 1) await pump.press('[');
  await expect(page.locator('[data-finding="fuel.pump.angle"]')).toContainText('Pump lies at 7°');
  await pump.press('Shift+ArrowLeft');
  await settled(page);
  await section(page, 'Filter and pump');
  await expect(angle).toHaveValue('7');
  await page.reload();
  await expect(angle).toHaveValue('7');
  await expect(page).toHaveURL(/fuel\/pump$/);
});

test('every kind of wrong input gets one sentence, nothing is kept, and what was typed stays', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await newBuild(page.request, 'Wrong Input');
  await open(page, `/builds/${id}/fuel/pump`);
  const angle = page.getByLabel(/^Pump angle, outlet up, as fitted/);
  for (const [text, sentence] of [
    ['999', 'Pump angle, outlet up is 999 deg; allowed is -90 to 90 deg.'],
    ['24 V', '“24 V” is in V, which does not fit a figure in deg'],
    ['steep', '“steep” is not a number'],
    ['1,250', '“1,250” could be read two ways'],
    ['<b>5</b>', 'is not a number'],
    ['5 furlongs', 'is not a unit known here'],
  ] as const) {
    await angle.fill(text);
    await angle.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
    await expect(angle).toHaveValue(text);
    await expect(angle).toHaveAttribute('aria-invalid', 'true');
  }
  await angle.fill('');
  await angle.press('Enter');
  const quick = page.getByLabel('Quick entry');
  await quick.fill('12.4 V');
  await quick.press('Enter');
  await expect(page.getByText('Which is “12.4 V”?')).toBeVisible();
  await page.getByRole('button', { name: 'Battery at rest: 12.4 v' }).click();
  await expect(page.getByText('Kept: Battery at rest 12.4 V, as fitted')).toBeVisible();
  await quick.fill('pump 240 deg');
  await quick.press('Enter');
  await expect(page.getByText('allowed is -90 to 90 deg')).toBeVisible();
  await page.getByRole('button', { name: 'Open the ledger' }).click();
  await expect(page.locator('.roll li')).toHaveCount(2);
});

test('the priming count survives a reload and halts unmissably', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await countStoodStill(page, id);
  await page.clock.runFor(30000);
  await page.reload();
  // The clock went on while the page was away; 563 are expected, 716 at the latest.
  await page.clock.fastForward(60000);
  const count = page.locator('[data-strokes]');
  await expect(count).toHaveAttribute('data-strokes', /^3[56]\d$/);
  await page.getByRole('button', { name: 'Pump stopped' }).click();
  await page.clock.fastForward(60000);
  await expect(count).toHaveAttribute('data-strokes', /^3[56]\d$/);
  await page.getByRole('button', { name: 'Pump runs again: go on' }).click();
  await page.clock.fastForward(95000);
  await page.clock.runFor(300);
  await expect(page.getByRole('alertdialog', { name: 'STOP THE PUMP' })).toBeVisible();
  await page.getByRole('button', { name: 'The pump is stopped' }).click();
  await page.getByRole('button', { name: 'fuel seen at the heater' }).click();
  await page.clock.resume();
  await expectLevel(page, 'priming.over', 'stop');
});

test('a session that ends in the middle of a form: what was typed is kept and goes in after signing in', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await newBuild(page.request, 'Session Ends');
  await open(page, `/builds/${id}/fuel`);
  const cookies = await page.context().cookies();
  await page.context().clearCookies();
  await enter(page, 'Tank, length', '444');
  await expect(page.getByText('You are signed out.')).toBeVisible();
  await enter(page, 'Fuel standing in it', '123');
  await page.getByRole('main').getByRole('link', { name: 'Sign in' }).click();
  await page.getByLabel('Sign-in name').fill('bram');
  await page.getByLabel('Password').fill('kettle-and-flame');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByLabel(/^Tank, length, as fitted/)).toHaveValue('444');
  await settled(page);
  await expectInLedger(page, 'Fuel standing in it: 123 mm');
  const kept = (await (await page.request.get(`/api/builds/${id}/file`)).json()) as {
    sheets: { fuel: Record<string, { fitted: number }> };
  };
  expect([kept.sheets.fuel.tankLengthMm?.fitted, kept.sheets.fuel.fuelLevelMm?.fitted]).toEqual([444, 123]);
  expect(cookies.find((c) => c.name === 'lorbet')).toMatchObject({ httpOnly: true, sameSite: 'Lax' });
});

test('two people on one figure: the second sees both values and chooses', async ({ page, browser }) => {
  await signIn(page, 'bram');
  const id = await newBuild(page.request, 'Two Hands');
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'odile');
  await Promise.all([open(page, `/builds/${id}/fuel/tank`), open(other, `/builds/${id}/fuel/tank`)]);
  await other.route(/\/(state|changes)/, (route) => route.abort());
  await enter(page, 'Tank, length', '500');
  await expect(page.locator('.ledger-last[data-seq]', { hasText: 'Tank, length: 500 mm' })).toBeVisible();
  await enter(other, 'Tank, length', '600');
  const dialog = other.getByRole('alertdialog', { name: 'Changed by somebody else' });
  await expect(dialog.getByRole('button', { name: /^500\s*Bram Tully, / })).toBeVisible();
  // A choice that nobody has made yet survives a closed tab.
  await other.reload();
  await dialog.getByRole('button', { name: /^600\s*you, / }).click();
  await dialog.getByRole('button', { name: 'Keep these' }).click();
  // The other sees it without reloading, as it happens.
  await expect(page.getByLabel(/^Tank, length, as fitted/)).toHaveValue('600', { timeout: 4000 });
  await expectInLedger(page, 'Tank, length: 600 mm (was 500 mm)');
});

test('wrong role, no session, another site and nonsense by direct request are refused on the server', async ({
  page,
  playwright,
  baseURL,
}) => {
  await signIn(page, 'ines');
  const url = `/api/builds/${demoId(3)}/commands`;
  const command = (kind: object) => ({ commandId: crypto.randomUUID(), command: kind });
  const figure = { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'fitted', from: 27, to: 1 }] };
  expect((await page.request.post(url, { data: command(figure) })).status()).toBe(403);
  expect((await page.request.post('/api/builds', { data: { name: 'x' } })).status()).toBe(403);
  await open(page, `/builds/${demoId(3)}/fuel/pump`);
  await expect(page.getByLabel(/^Pump angle, outlet up, as fitted/)).toHaveAttribute('readonly', '');
  const nobody = await playwright.request.newContext({ baseURL: baseURL ?? '' });
  for (const path of ['file', 'certificate', 'state?after=0'])
    expect((await nobody.get(`/api/builds/${demoId(1)}/${path}`)).status()).toBe(401);
  expect((await nobody.post(url, { data: command(figure) })).status()).toBe(401);
  expect((await nobody.post('/api/sign-in', { data: { login: 'odile', password: 'guess' } })).status()).toBe(401);
  expect(
    (
      await nobody.post('/api/set-up', { data: { workshop: 'Mine', name: 'Me', login: 'me', password: 'long enough to pass' } })
    ).status(),
  ).toBe(400);
  await page.request.post('/api/sign-in', { data: { login: 'bram', password: 'kettle-and-flame' } });
  expect(
    (
      await page.request.post(url, {
        data: command({ kind: 'waive', checkId: 'fuel.line.joint', code: 'gap', values: {}, why: 'because I say so' }),
      })
    ).status(),
  ).toBe(403);
  expect(
    (
      await page.request.post(url, {
        data: command(figure),
        headers: { origin: 'http://elsewhere.invalid', 'sec-fetch-site': 'cross-site' },
      })
    ).status(),
  ).toBe(403);
  for (const data of [
    '{',
    '[]',
    'null',
    '{"commandId":"x"}',
    JSON.stringify(command({ kind: 'nothing' })),
    JSON.stringify(command({ kind: 'figures', changes: [{ path: '__proto__.x', slot: 'fitted', from: null, to: 1 }] })),
  ]) {
    const answer = await page.request.post(url, { data, headers: { 'content-type': 'application/json' } });
    expect([data, answer.status()]).toEqual([data, 400]);
    expect(((await answer.json()) as { errors: string[] }).errors[0]).toMatch(/\.$/);
  }
  expect((await page.request.get('/api/builds/00000000-0000-4000-8000-000000000000/file')).status()).toBe(404);
  await page.goto('/sign-in?to=//elsewhere.invalid');
  await expect(page.getByRole('heading', { name: 'The bay' })).toBeVisible();
});
