import { readFileSync } from 'node:fs';
import { expect, test } from './silent';
import {
  chooseCoSetting,
  copyOf,
  demoId,
  enter,
  expectInLedger,
  expectLevel,
  keptForOffline,
  newBuild,
  open,
  quick,
  section,
  settled,
  signIn,
  soundCopy,
  toStage,
} from './people';

test('a first start logged live, by keys and by quick entry, and taken away as CSV that comes back in', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await page.clock.install();
  await open(page, `/builds/${id}/startup`);
  await quick(page, '11.8 V under glow');
  await expect(page.getByText('No start is being logged')).toBeVisible();
  await page.getByRole('button', { name: 'Begin a start' }).click();
  await settled(page);
  const keys = page.getByRole('group', { name: 'What happens now' });
  const after = async (seconds: number) => page.clock.runFor(seconds * 1000);
  await after(2);
  await keys.getByRole('button', { name: 'button on' }).click();
  await after(20);
  await keys.getByRole('button', { name: 'glow plug on' }).click();
  await page.getByRole('textbox', { name: 'Volts at the heater' }).fill('11,7');
  await page.getByRole('textbox', { name: 'Volts at the heater' }).press('Enter');
  await settled(page);
  await after(60);
  await quick(page, 'pump clicks');
  await after(40);
  await quick(page, 'flame');
  await settled(page);
  await expectLevel(page, 'start.ignition', 'sound');
  await expect(page.locator('[data-finding="start.ignition"]')).toContainText(/Flame 1[12]\d s after the button/);
  await after(120);
  await quick(page, 'full');
  await quick(page, '1.4 A running');
  await page.getByRole('textbox', { name: 'Warm air out' }).fill('900');
  await page.getByRole('textbox', { name: 'Warm air out' }).press('Enter');
  await expect(page.getByText('Warm air out: “900” is out of range; allowed is -40 to 250 °C.')).toBeVisible();
  await after(600);
  await keys.getByRole('button', { name: 'button off' }).click();
  await after(30);
  await quick(page, 'fan stopped');
  await settled(page);
  await expectLevel(page, 'start.afterrun', 'fix');
  await expectLevel(page, 'start.voltage.sag', 'sound');
  await page.clock.resume();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Download log (CSV)' }).click(),
  ]);
  const csv = readFileSync(await download.path(), 'utf8');
  expect(csv.split('\n')[0]).toBe('seconds,event,volts,amps,hertz,outlet_c,return_c,case_c,noise_db');
  await page.getByLabel('Start log, CSV').setInputFiles({ name: 'again.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByRole('heading', { name: /Start 2/ })).toBeVisible();
  await expect(page.locator('[data-finding="start.ignition"]')).toContainText('in start 2');
});

test.describe('kept on the device', () => {
  test.use({ serviceWorkers: 'allow' });
  test('without coverage under the floor: entries wait on the device, through a reload too, and go in once, in order', async ({
    page,
    context,
  }) => {
    test.setTimeout(150000);
    await signIn(page, 'bram');
    const id = await newBuild(page.request, 'Under The Floor');
    await open(page, `/builds/${id}/fuel`);
    await keptForOffline(page, id);
    await context.setOffline(true);
    await enter(page, 'Tank, length', '444');
    await quick(page, 'note joint at the filter looks dry');
    await quick(page, 'suction 0.7 m');
    await expect(page.getByText('No connection to the server.')).toBeVisible();
    await expect(page.locator('[data-waiting]')).toHaveAttribute('data-waiting', '3');
    await context.setOffline(false);
    await page.reload();
    await expectInLedger(page, 'joint at the filter looks dry');
    await settled(page);
    const state = (await (await page.request.get(`/api/builds/${id}/state?after=0`)).json()) as { rows: { kind: string }[] };
    expect(state.rows.map((row) => row.kind)).toEqual(['created', 'figures', 'note', 'figures']);
    await section(page, 'Line');
    await expect(page.getByLabel(/^Suction line, tank to pump, as fitted/)).toHaveValue('0.7');
  });
});

test('clicks counted by hand halt at the same stroke, and again at the next one', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  // Nearly all of it filled by syringe, so that a hand can count the rest: 0.1 mL at 0.022 mL a stroke.
  await open(page, `/builds/${id}/priming`);
  await enter(page, 'Filled by syringe before', '11.8');
  const latest = Number(await page.locator('[data-derived="priming.highStrokes"] .value').textContent());
  expect(latest).toBeGreaterThan(0);
  expect(latest).toBeLessThan(12);
  await section(page, 'Count strokes');
  await page.getByRole('button', { name: 'Count clicks by hand' }).click();
  const halt = page.getByRole('alertdialog', { name: 'STOP THE PUMP' });
  for (let i = 0; i < latest; i += 1) {
    await expect(halt).toHaveCount(0);
    await page.getByRole('button', { name: 'Click', exact: true }).click();
  }
  await expect(halt).toBeVisible();
  await page.getByRole('button', { name: 'The pump is stopped' }).click();
  await page.getByRole('button', { name: 'Click', exact: true }).click();
  await expect(halt).toBeVisible();
  await page.getByRole('button', { name: 'The pump is stopped' }).click();
  await page.getByRole('button', { name: 'Throw this count away' }).click();
  await expect(page.getByRole('button', { name: 'Count clicks by hand' })).toBeVisible();
});

test('by keyboard: stages, quick entry, a figure explained, a part opened', async ({ page }) => {
  await signIn(page, 'bram');
  await open(page, `/builds/${demoId(1)}/fuel`);
  await expect(page.getByRole('heading', { name: 'Fuel', exact: true })).toBeVisible();
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { name: 'Wiring', exact: true })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'Priming', exact: true })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: 'Wiring', exact: true })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('quick entry');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(0);
  await page.locator('[data-derived="wiring.dropStartV"]').focus();
  await page.keyboard.press('Enter');
  const told = page.getByRole('dialog', { name: 'How this is computed' });
  await expect(told).toContainText('I × R loop = 0.35 V');
  await expect(told).toContainText('IEC 60228');
  await page.keyboard.press('Escape');
  await expect(told).toHaveCount(0);
  await page.getByRole('button', { name: 'Open the run' }).focus();
  await page.keyboard.press('Enter');
  await page.locator('[data-part="exhaust"]').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Air', exact: true })).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByLabel('Quick entry')).toBeFocused();
});

test('a maker’s figure goes before the workshop’s rule, at once and in the finding', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/heater/maker`);
  const angle = page.getByLabel('Pump angle, least, maker’s figure, deg');
  await angle.fill('400');
  await angle.press('Enter');
  await expect(page.getByText('Pump angle, least is 400; allowed is -90 to 90 deg.')).toBeVisible();
  await angle.fill('30');
  await angle.press('Enter');
  await settled(page);
  await page.keyboard.press('Escape');
  await open(page, `/builds/${id}/fuel`);
  const finding = page.locator('[data-finding="fuel.pump.angle"]');
  await expect(finding).toContainText('its maker wants 30 to 35°');
  await finding.getByText('Why, and by which rule').click();
  await expect(finding).toContainText('maker’s figure for this unit');
});

test('a waiver holds for what was read: a changed figure voids it, and a lead can take it back', async ({ page }) => {
  await signIn(page, 'odile');
  const id = await soundCopy(page.request, { 'wiring.fuseFromBatteryMm': 310 });
  await open(page, `/builds/${id}/signoff`);
  const finding = page.getByRole('main').locator('[data-finding="wiring.fuse.place"]');
  await finding.getByRole('button', { name: 'Waive with a reason' }).click();
  await page.getByLabel('Why it may stay as it is').fill('Sheathed in its own conduit up to the fuse.');
  await page.getByRole('button', { name: 'Waive it' }).click();
  await expect(page.getByRole('button', { name: 'Sign and lock this build' })).toBeVisible();
  await settled(page);
  await open(page, `/builds/${id}/wiring`);
  await enter(page, 'Fuse from battery post', '900');
  await settled(page);
  await open(page, `/builds/${id}/signoff`);
  await expect(page.getByText('It can’t be signed yet.')).toBeVisible();
  await expect(page.getByRole('main').locator('[data-finding="signoff.waiver"]')).toContainText('its figures have changed');
  await section(page, 'Hold points and waivers');
  await page.getByRole('button', { name: 'Withdraw' }).click();
  await section(page, 'Signature');
  await expect(page.getByRole('main').locator('[data-finding="signoff.waiver"]')).toHaveCount(0);
  await settled(page);
  await expectInLedger(page, 'waiver of wiring.fuse.place withdrawn');
});

test('a viewer sees all of a build and can enter nothing', async ({ page }) => {
  await signIn(page, 'ines');
  await expect(page.getByRole('link', { name: /New build/ })).toHaveCount(0);
  for (const stage of ['fuel', 'priming', 'startup', 'proving', 'signoff', 'heater']) {
    await open(page, `/builds/${demoId(2)}/${stage}`);
    await expect(page.getByText('You can look at this build, not enter into it.')).toBeVisible();
    await expect(page.getByRole('main').locator('input:not([readonly]):not([type=range])')).toHaveCount(0);
    await expect(page.getByRole('main').locator('select:not([disabled])')).toHaveCount(0);
    await expect(page.getByRole('button', { name: /Waive|start counting|Begin a start|Sign and lock/ })).toHaveCount(0);
  }
});

test('by touch on a phone: a part opens its sheet, the theme stays as chosen, the bay says what waits', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await signIn(page, 'bram');
  // Looked for by name: other tests' builds may have filled the first page of the bay.
  await page.goto('/?find=Fellgate');
  await expect(page.locator(`.bay-row[href*="${demoId(2)}"]`)).toContainText('10 stops');
  await page.goto('/?find=Sedge');
  await expect(page.locator(`.bay-row[href*="${demoId(3)}"]`)).toContainText('the first fire');
  await open(page, `/builds/${demoId(2)}/proving`);
  await page.getByRole('button', { name: 'Open the run' }).tap();
  await page.locator('[data-part="heater"]').tap();
  await expect(page.getByRole('heading', { name: 'Heater and conditions' })).toBeVisible();
  await page.getByRole('button', { name: 'More' }).tap();
  await page.getByRole('button', { name: 'Night theme' }).tap();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await toStage(page, 'Fuel');
  await expect(page.locator('[data-finding="fuel.pickup.level"]')).toContainText('6 mm above the fuel');
  await page.goto('/builds/not-a-build/fuel');
  await expect(page.getByRole('heading', { name: 'Not here' })).toBeVisible();
  await context.close();
});

test('a phone reads the meter over the whole screen: a key for each place under the thumb, and what was kept is said', async ({
  browser,
}) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/proving`);
  await page.getByRole('button', { name: 'Read over the whole screen' }).first().tap();
  await page.getByLabel('Meter shows, ppm').fill('0');
  const key = page.getByRole('button', { name: 'at the pillow' });
  await key.tap();
  // Nothing is taken that says not how things stood.
  await expect(page.getByRole('alert')).toContainText('Say first what the heater is doing');
  await chooseCoSetting(page);
  const box = await key.boundingBox();
  expect([(box?.y ?? 0) > 500, (box?.height ?? 0) >= 76]).toEqual([true, true]);
  await key.tap();
  await expect(page.getByRole('status').filter({ hasText: 'Kept: 0 ppm, pillow.' })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the page' }).tap();
  await settled(page);
  await expect(page.getByRole('button', { name: 'Read over the whole screen' }).first()).toBeVisible();
  await context.close();
});

test('whoever has never seen it finds, from the bay and in two touches at most, the worst finding, what to do next, the last start and the certificate', async ({
  page,
}) => {
  await signIn(page, 'bram');
  await page.goto('/?find=Fellgate');
  const row = page.locator(`.bay-row[href*="${demoId(2)}"]`);
  // None: the worst finding, and the next hold point.
  await expect(row).toContainText('Combustion air is drawn from a locker');
  await expect(row).toContainText('Next hold point: the first hole');
  // One: the finding with its remedy, where it is mended.
  await row.click();
  await expect(page.locator('[data-finding="air.intake.inside"]').first()).toContainText('Take the intake pipe out');
  await expect(page).toHaveURL(/\/air\/pipes$/);
  for (const [link, there] of [
    ['First start', page.getByRole('button', { name: /Begin a start/ }).or(page.getByText('It must not be lit.'))],
    ['papers', page.getByRole('link', { name: /ertificate \(PDF\)/ })],
  ] as const) {
    await page.goto('/?find=Fellgate');
    await page.locator(`.bay-row[href*="${demoId(2)}"]`).click();
    await page.getByRole('link', { name: new RegExp(`^${link}`) }).click();
    await expect(there.first()).toBeVisible();
  }
});
test('on a phone one touch in the bay leads to the last start, one to the certificate', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
  const page = await context.newPage();
  await signIn(page, 'bram');
  const row = page.getByRole('listitem').filter({ has: page.locator(`[href*="${demoId(1)}"]`) });
  for (const [link, there] of [
    [/^Last start/, page.getByText('Button to flame')],
    ['Papers', page.getByRole('link', { name: 'Certificate (PDF)' })],
  ] as const) {
    await page.goto('/?find=Page Turner');
    await row.getByRole('link', { name: link }).tap();
    await expect(there.first()).toBeVisible();
  }
  await context.close();
});

test('the bay is looked through while one types, and by what builds wait for', async ({ page }) => {
  await signIn(page, 'odile');
  const own = `Barrow ${Date.now() % 1e6}`;
  await newBuild(page.request, own);
  await page.goto('/');
  const found = (name: string) => page.getByRole('main').getByRole('heading', { name, exact: true });
  await page.getByLabel('Find a build').fill(own);
  await expect(page).toHaveURL(/find=Barrow/);
  await expect(found(own)).toBeVisible();
  await expect(found('Fellgate Control')).toHaveCount(0);
  await page.getByRole('button', { name: 'mine' }).click();
  await expect(found(own)).toBeVisible();
  await page.getByRole('button', { name: 'at stop' }).click();
  await expect(
    page.getByText(`No build holds “${own}” in its name, kind, place or serial number, of those chosen.`),
  ).toBeVisible();
  await page.getByLabel('Find a build').fill('Fellgate');
  await page.getByRole('button', { name: 'mine' }).click();
  await expect(found('Fellgate Control').first()).toBeVisible();
  await page.getByLabel('Waits for').selectOption({ label: 'waits for priming' });
  await expect(found('Fellgate Control')).toHaveCount(0);
  const refused = await page.request.get('/api/bay?waits=lunch');
  expect([refused.status(), await refused.text()]).toEqual([
    400,
    expect.stringContaining('waits is “lunch”; allowed is one of: survey'),
  ]);
});
