import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './silent';
import type { Build } from '../../core/build/Build';
import {
  chooseCoSetting,
  copyOf,
  demoId,
  did,
  enter,
  expectInLedger,
  expectLevel,
  keptForOffline,
  newBuild,
  open,
  openRun,
  quick,
  section,
  settled,
  signIn,
  signInAsSomebodyNew,
  signInByHand,
  soundCopy,
} from './people';

test('any figure tells formula, inputs with who and when, source and the line of code, down to the first one; by keyboard', async ({
  page,
}) => {
  await signIn(page, 'bram');
  await open(page, `/builds/${demoId(1)}/priming/figures`);
  await page.locator('[data-derived="priming.expectedStrokes"]').focus();
  await page.keyboard.press('Enter');
  const told = page.getByRole('dialog', { name: 'How this is computed' });
  await expect(told).toContainText('(before the pump / 0.91 + after it) / dose');
  await expect(told).toContainText(/Filter holds 0.5 mL measured as fitted by Bram Tully, \d+ Nov 2026/);
  await expect(told).toContainText('core/figures/priming/primingFigures.ts');
  const deeper = told.getByRole('button', { name: 'how computed? Dose that counts' });
  await deeper.focus();
  await page.keyboard.press('Enter');
  await expect(told).toContainText('Σ volume / Σ strokes');
  await expect(told).toContainText('Dose test 3 pieces recorded');
  await told.getByRole('button', { name: 'Back to fills in' }).click();
  await expect(told).toContainText('(before the pump / 0.91 + after it) / dose');
  await page.keyboard.press('Escape');
  await open(page, `/builds/${demoId(1)}/startup`);
  await page.locator('[data-derived="start.ignitionS"]').click();
  await expect(told).toContainText(/Flame 10\d\.\d s recorded by Bram Tully/);
});

test.describe('kept on the device', () => {
  test.use({ serviceWorkers: 'allow' });
  test('under the floor, with the page closed and opened again without coverage: priming and readings are taken, and go in once, in order', async ({
    page,
    context,
  }) => {
    test.setTimeout(150000);
    await signIn(page, 'bram');
    const id = await copyOf(page.request, 3);
    await open(page, `/builds/${id}/fuel`);
    await keptForOffline(page, id);
    await context.setOffline(true);
    await page.getByRole('link', { name: /^Priming/ }).click();
    await page.getByRole('button', { name: 'Count clicks by hand' }).click();
    for (let i = 0; i < 5; i += 1) await page.getByRole('button', { name: 'Click', exact: true }).click();
    await page.reload();
    await expect(page.locator('[data-strokes]')).toHaveAttribute('data-strokes', '5');
    await page.getByRole('button', { name: 'stopped before fuel was seen' }).click();
    await expect(page.getByText('1 not sent yet')).toBeVisible();
    await page.getByRole('link', { name: /^First start/ }).click();
    await page.getByRole('button', { name: 'Begin a start' }).click();
    await page.getByRole('group', { name: 'What happens now' }).getByRole('button', { name: 'button on' }).click();
    await page.waitForTimeout(1500);
    await quick(page, '11.7 V under glow');
    await expect(page.getByText('Not sent yet: Volts at the heater 11.7 V')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: /Start 1, under way/ })).toBeVisible();
    await expect(page.getByText('4 not sent yet')).toBeVisible();
    // A sheet that was never opened on this device.
    await page.goto(`/builds/${id}/wiring`);
    await expect(page.getByLabel(/^Cable, as fitted/)).toHaveValue('4');
    await expect(page.getByText('4 not sent yet')).toBeVisible();
    await context.setOffline(false);
    await settled(page);
    const rows = (await (await page.request.get(`/api/builds/${id}/state?after=1`)).json()) as {
      rows: { kind: string; body: { readings?: { atS: number }[] } }[];
    };
    expect(rows.rows.map((row) => row.kind)).toEqual(['priming', 'start', 'readings', 'readings']);
    // Seconds count from when it was begun on the device, not from when it came in.
    expect(rows.rows[3]?.body.readings?.[0]?.atS).toBeGreaterThan(1);
  });
});

test('a tab closed in the middle of a figure: what was typed is there again, and still to be sent', async ({ page, context }) => {
  await signIn(page, 'bram');
  const id = await newBuild(page.request, 'Closed Tab');
  await open(page, `/builds/${id}/fuel/tank`);
  await page.getByLabel(/^Tank, length, as fitted/).pressSequentially('512');
  await page.getByLabel('Quick entry').fill('note half a sent');
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await open(again, `/builds/${id}/fuel/tank`);
  await expect(again.getByLabel('Quick entry')).toHaveValue('note half a sent');
  const cell = again.getByLabel(/^Tank, length, as fitted/);
  await expect(cell).toHaveValue('512');
  await cell.press('Enter');
  await settled(again);
  await expectInLedger(again, 'Tank, length: 512 mm');
});

test('entries that wait on a shared device go in under their own person’s name only', async ({ page, context }) => {
  await signIn(page, 'bram');
  const id = await newBuild(page.request, 'Shared Tablet');
  await open(page, `/builds/${id}/fuel`);
  await context.setOffline(true);
  await quick(page, 'note seen by bram');
  await expect(page.getByText('1 not sent yet')).toBeVisible();
  await context.clearCookies();
  await context.setOffline(false);
  await signIn(page, 'odile');
  await open(page, `/builds/${id}/fuel`);
  await expect(page.getByText('Entries of bram wait on this device')).toBeVisible();
  await page.waitForTimeout(1000);
  await page.getByRole('button', { name: 'Open the ledger' }).click();
  await expect(page.locator('.roll li').first()).toBeVisible();
  await expect(page.locator('.roll')).not.toContainText('seen by bram');
  await page.keyboard.press('Escape');
  await context.clearCookies();
  await signIn(page, 'bram');
  await open(page, `/builds/${id}/fuel`);
  await settled(page);
  await expectInLedger(page, 'seen by bram · Bram');
});

test('imperial units and American gauges: shown, typed and read back, kept metric', async ({ page }) => {
  await signInAsSomebodyNew(page);
  const id = await copyOf(page.request, 2);
  await page.goto('/settings');
  // Each choice is kept by itself; one page's "Kept." is no word of the other's.
  for (const choice of ['imperial: in, ft, °F, psi', 'cable by American gauge'])
    await Promise.all([page.waitForResponse('**/api/settings'), page.getByLabel(choice).check()]);
  await expect(page.getByText('Kept.').first()).toBeVisible();
  await open(page, `/builds/${id}/fuel`);
  await expect(page.locator('[data-finding="fuel.pickup.level"]')).toContainText('Fuel stands at 1.42 in, the pickup at 1.65 in');
  await enter(page, 'Fuel standing in it', '6');
  await settled(page);
  await enter(page, 'Tank, inside height', '250 mm');
  await settled(page);
  const rough = await copyOf(page.request, 5);
  await open(page, `/builds/${rough}/wiring`);
  await enter(page, 'Cable', '12 AWG');
  await expect(page.getByLabel(/^Cable, as fitted, AWG/)).toHaveValue('12');
  await settled(page);
  const kept = async (build: string) =>
    (
      (await (await page.request.get(`/api/builds/${build}/file`)).json()) as {
        sheets: Record<string, Record<string, { fitted: number }>>;
      }
    ).sheets;
  const { fuel } = await kept(id);
  expect([
    fuel?.fuelLevelMm?.fitted,
    fuel?.tankHeightMm?.fitted,
    (await kept(rough)).wiring?.cableAreaMm2?.fitted?.toFixed(2),
  ]).toEqual([152.4, 250, '3.31']);
});

test('a lead invites somebody, who chooses a password, works, and is put out; the record of sign-ins tells it all', async ({
  page,
  browser,
}) => {
  await signInByHand(page, 'odile');
  await page.getByRole('link', { name: 'People', exact: true }).click();
  const login = `hand-${Date.now()}`;
  await page.getByLabel('Name, as it stands under certificates').fill('Wim Arden');
  await page.getByLabel('Sign-in name: a to z').fill('Not A Login');
  await page.getByRole('button', { name: 'Make a link for this person' }).click();
  const name = page.getByLabel('Sign-in name: a to z');
  await expect(name).toHaveAccessibleDescription('Sign-in name must be 2 to 60 of a to z, 0 to 9, point and hyphen.');
  await name.fill('odile');
  await page.getByRole('button', { name: 'Make a link for this person' }).click();
  // Only the server knows that; it is said at the field all the same.
  await expect(name).toHaveAccessibleDescription('Sign-in name odile is taken.');
  await name.fill(login);
  await page.getByRole('button', { name: 'Make a link for this person' }).click();
  const link = (await page.locator('[data-link]').textContent()) ?? '';
  const other = await (await browser.newContext()).newPage();
  await other.goto(link);
  await other.getByLabel('Password, 10 characters or more').fill('a new hand in the shed');
  await other.getByLabel('The same again').fill('something else again');
  await other.getByRole('button', { name: 'Keep it and sign in' }).click();
  await expect(other.getByText('The two passwords are not the same.')).toBeVisible();
  await other.getByLabel('The same again').fill('a new hand in the shed');
  await other.getByRole('button', { name: 'Keep it and sign in' }).click();
  await expect(other.getByRole('heading', { name: 'The bay' })).toBeVisible();
  await page.locator('.crew-row', { hasText: login }).getByRole('button', { name: 'Disable' }).click();
  await expect(page.locator('.crew-row', { hasText: login })).toContainText('disabled');
  await other.reload();
  await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  for (const event of ['invited', 'password chosen', 'signed in', 'disabled'])
    await expect(page.getByRole('region', { name: 'Record of sign-ins' })).toContainText(event);
  await other.goto(link);
  await expect(other.getByText('This link was used already')).toBeVisible();
});

test('the record is checked on the screen and taken away as lines', async ({ page }) => {
  await signIn(page, 'odile');
  await open(page, `/builds/${demoId(1)}/signoff/papers`);
  await page.getByRole('button', { name: 'Check every entry' }).click();
  await expect(page.getByText(/\d+ entries, all whole and in order/)).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Export the record' }).click(),
  ]);
  const lines = readFileSync(await file.path(), 'utf8')
    .trim()
    .split('\n');
  expect(lines.length).toBeGreaterThan(10);
});

/** Goes on by Tab until the wanted thing has the focus. */
async function tabTo(page: Page, name: RegExp, max = 260): Promise<void> {
  for (let i = 0; i < max; i += 1) {
    const label = await page.evaluate(() => {
      const here = document.activeElement;
      const labelled =
        here instanceof HTMLInputElement || here instanceof HTMLTextAreaElement ? here.labels?.[0]?.textContent : '';
      return here?.getAttribute('aria-label') || labelled || here?.textContent || '';
    });
    if (name.test(label.trim())) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never came to ${name.source}.`);
}

test('by keyboard alone: from the sign-in to the signature', async ({ page }) => {
  test.setTimeout(180000);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/sign-in');
  await tabTo(page, /^Sign-in name/);
  await page.keyboard.type('odile');
  await tabTo(page, /^Password/);
  await page.keyboard.type('kettle-and-flame');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'The bay' })).toBeVisible();
  // A copy of its own, so that the demo stays as it is; the rest is keys only.
  const id = await copyOf(page.request, 3);
  const { lists } = (await (await page.request.get(`/api/builds/${id}/file`)).json()) as Build;
  const yesterday = new Date(Date.now() - 24 * 3600_000).toISOString();
  await did(page.request, id, {
    kind: 'rows',
    changes: (lists?.leaks ?? []).map(({ id: row }) => ({
      list: 'leaks',
      row,
      action: 'set',
      column: 'wipedAt',
      from: null,
      to: yesterday,
    })),
  });
  // Under a name of its own: others copy the same build meanwhile, and the newest stands first.
  await did(page.request, id, { kind: 'identity', changes: [{ key: 'name', from: 'Sedge Otter', to: 'Keys Alone' }] });
  await page.reload();
  await tabTo(page, /^Keys Alone/);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(`${id}/`));
  await open(page, `/builds/${id}/priming`);
  await tabTo(page, /^Count clicks by hand/);
  await page.keyboard.press('Enter');
  await page.keyboard.press('/');
  await page.keyboard.type('prime 563 strokes empty reached\n');
  await settled(page);
  await page.keyboard.press('Tab');
  await tabTo(page, /^Throw this count away/);
  await page.keyboard.press('Enter');
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Controller', exact: true })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'First start', exact: true })).toBeVisible();
  await tabTo(page, /^Begin a start/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /under way/ })).toBeVisible();
  for (const key of ['button on', 'glow plug on']) {
    await tabTo(page, new RegExp(`^${key}`));
    await page.keyboard.press('Enter');
  }
  await page.keyboard.press('Tab');
  for (const line of ['11.7 V under glow', 'flame', 'full', '1.4 A running']) {
    await page.keyboard.press('Shift+Tab');
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('/');
    await page.keyboard.type(`${line}\n`);
    await settled(page);
  }
  await expectLevel(page, 'start.voltage.sag', 'sound');
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Proving', exact: true })).toBeVisible();
  for (const name of [
    /^Carbon monoxide alarm in the space, as fitted/,
    /^Its test button sounded it, as fitted/,
    /^Sited by its own instructions, as fitted/,
  ]) {
    await tabTo(page, name);
    await page.keyboard.type('y');
  }
  await chooseCoSetting(page);
  await tabTo(page, /^Meter shows, ppm/);
  await page.keyboard.type('0');
  await tabTo(page, /^at the pillow/);
  await page.keyboard.press('Enter');
  // The joints were wiped yesterday; the first look is due, and made by keys as well.
  await tabTo(page, /^Carbon monoxide(?! alarm)/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await tabTo(page, /^dry$/);
  await page.keyboard.press('Enter');
  await expectLevel(page, 'leak.fuel', 'open');
  await expect(page.locator('[data-finding="leak.fuel"]')).toContainText('look at it after a night: “pump, inlet”');
  // Everything else here holds but that nobody went round the exhaust’s joints; that no night was logged yet is watched.
  await expect(page.locator('#findings [data-finding][data-level]:not([data-level="sound"], [data-level="watch"])')).toHaveCount(
    2,
  );
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Sign-off', exact: true })).toBeVisible();
  // The after-run was not waited for, so it can't be signed: what is in the way is said, and reached by keys too.
  await tabTo(page, /missing$/);
  await page.keyboard.press('Enter');
  await tabTo(page, /waits?$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main').locator('[data-finding="start.afterrun"]')).toBeVisible();
  await open(page, `/builds/${await soundCopy(page.request)}/signoff`);
  await tabTo(page, /^Set a cross instead of drawing/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Name, typed in full/);
  await page.keyboard.type('Odile Farrow');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
});

test('at 200 % and with reduced motion: nothing runs off the side, nothing moves by itself', async ({ browser }) => {
  const page = await (await browser.newContext({ viewport: { width: 640, height: 400 }, reducedMotion: 'reduce' })).newPage();
  await signIn(page, 'odile');
  for (const url of [
    '/',
    '/settings',
    '/people',
    `/builds/${demoId(2)}/fuel`,
    `/builds/${demoId(1)}/startup`,
    `/builds/${demoId(1)}/signoff`,
  ]) {
    await page.goto(url);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect([url, wide]).toEqual([url, 0]);
    const moving = await page.evaluate(() => document.getAnimations().length);
    expect([url, moving]).toEqual([url, 0]);
  }
  await open(page, `/builds/${demoId(2)}/fuel/line`);
  await openRun(page);
  await page.getByText('The run in words').click();
  const words = page.getByRole('group', { name: 'The run in words' });
  await expect(words).toContainText('pump angle, outlet up 4 degrees');
  await expect(words).toContainText('STOP: Exhaust ends 240 mm inside the outline');
});

test('a hold point: held while a stop stands, released by name with what is open, and held again', async ({ page }) => {
  await signIn(page, 'bram');
  await open(page, `/builds/${await copyOf(page.request, 2)}/startup`);
  await expect(page.getByText('It must not be lit.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin a start' })).toHaveCount(0);
  const releaseAt = async (step: string) => {
    await page.getByRole('button', { name: step }).click();
    await page.getByRole('button', { name: new RegExp(`^Release.*${step}`) }).click();
  };
  await releaseAt('the first hole');
  await page.getByRole('button', { name: 'bolting the heater down' }).click();
  const release = page.getByRole('dialog', { name: 'Before bolting' });
  await expect(release).toContainText('Held. Nobody releases it while this stands');
  await expect(release).toContainText('Combustion air is drawn from a locker');
  await expect(release.getByRole('button', { name: /^Release/ })).toHaveCount(0);
  await release.getByRole('link', { name: /Combustion air is drawn/ }).click();
  await expect(page.getByRole('heading', { name: 'Air', exact: true })).toBeVisible();
  await open(page, `/builds/${await copyOf(page.request, 3)}/fuel`);
  await releaseAt('the first hole');
  await releaseAt('bolting the heater down');
  await enter(page, 'Widest gap in a joint', '3');
  await settled(page);
  await page.getByRole('button', { name: 'the tank goes back up' }).click();
  await expect(page.getByRole('dialog')).toContainText('A gap of 3 mm in a joint traps air');
  await page.getByRole('button', { name: 'Release all the same: the tank goes back up' }).click();
  await expectInLedger(page, 'RELEASED: the tank goes back up, with fuel.line.joint open');
  await expect(page.locator('.workspace-head')).toContainText('the fuse goes in');
  await page.getByRole('link', { name: /^Sign-off/ }).click();
  await section(page, 'Hold points and waivers');
  await page.getByRole('button', { name: /^Hold again.*the tank goes back up/ }).click();
  await expect(page.locator('.workspace-head')).toContainText('the tank goes back up');
});

test('the survey: the picture and its two sentences follow what is typed; nonsense is asked back, not computed', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/survey/suits`);
  const suits = page.getByRole('region', { name: 'Does it suit?' });
  await expect(suits.getByRole('img')).toHaveAttribute('aria-label', /works steadily from −26 °C to 5 °C/);
  await section(page, 'Space');
  await expect(suits).toContainText('both the usual night, 1 °C, and the coldest, −12 °C, lie within');
  const coldest = page.getByLabel(/^Coldest night, given/);
  await coldest.fill('-38');
  // Before it is kept, finding and sentence stand.
  await expectLevel(page, 'survey.size.under', 'fix');
  await expect(suits).toContainText('−38 °C, decides against it. A heater of 4 kW would do');
  await coldest.press('Escape');
  await enter(page, 'Walls are', 'bare steel', 'given');
  await settled(page);
  await expect(page.locator('[data-finding="survey.size.under"]')).toContainText('falls short below');
  await page.getByLabel(/^Walls, given/).fill('-4');
  await expect(page.getByText('Walls is -4 m²; allowed is 0 to 500 m².')).toBeVisible();
  await page.getByLabel(/^Walls, given/).press('Escape');
  await page.getByRole('link', { name: 'heater & conditions' }).click();
  await enter(page, 'Lowest pump frequency', '9', 'given');
  await settled(page);
  await page.getByRole('link', { name: /^Survey/ }).click();
  await expectLevel(page, 'survey.size.over', 'open');
  await expect(page.locator('[data-finding="survey.size.over"]')).toContainText('the highest must lie above the lowest');
  await enter(page, 'The engine burns', 'petrol', 'given');
  await enter(page, 'The heater draws from', 'the vehicle’s fuel', 'given');
  await settled(page);
  await page.getByRole('button', { name: 'the first hole' }).click();
  const release = page.getByRole('dialog', { name: 'Before cutting' });
  await expect(release).toContainText('The engine burns petrol, and the heater is to draw from its tank.');
  await expect(release.getByRole('button', { name: /^Release/ })).toHaveCount(0);
});
