import { readFileSync } from 'node:fs';
import { copyOf, expectInLedger, expectLevel, open, settled, signIn } from './people';
import { expect, test, type Page } from './silent';

const part = (page: Page, name: string) => page.locator('[data-loom]').filter({ hasText: name });
const status = (page: Page) => page.locator('.loom-status');
const fold = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^${name}`) });

test('a feed known as one cable becomes a loom that gives the heater the same; a joint is set into a wire, and a meter finds it bad', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 5);
  await open(page, `/builds/${id}/wiring`);
  const before = await page.locator('[data-derived="wiring.startV"]').textContent();
  await page.getByRole('button', { name: 'Enter battery, fuse, plug, heater and wires' }).click();
  await settled(page);
  expect(await page.locator('[data-derived="wiring.startV"]').textContent()).toBe(before);
  // Touched by its wire, a joint is set in.
  await page.locator('.loom .wire.plus .touch').nth(1).click();
  await page.getByLabel(/^Set into “fuse to plug”/).selectOption('joint');
  await settled(page);
  await expect(part(page, 'joint')).toBeVisible();
  // The unit's own wires come from its card, those that this build has no need of too; then there are none left to enter.
  const harness = page.getByRole('button', { name: 'Enter the harness of “INV-22, invented”' });
  await harness.click();
  await settled(page);
  await expect(part(page, 'fuel pump')).toBeVisible();
  await expect(harness).toBeHidden();
  await expectLevel(page, 'wiring.joints', 'open');
  await fold(page, 'With the meter').click();
  for (const [name, volts] of [
    ['battery', '12.55'],
    ['heater', '11.20'],
    ['fuse', '12.50'],
    ['joint', '11.40'],
  ] as const) {
    const cell = page.getByLabel(new RegExp(`^By meter under glow, ${name}(?:, V)?$`));
    await cell.fill(volts);
    await cell.press('Enter');
    await settled(page);
  }
  await expect(page.getByRole('region', { name: 'Work' }).or(page.getByRole('main'))).toContainText(
    /1\.10 V are lost between fuse and joint, 0\.\d\d V should be: about 10\d mΩ too much\. Look at joint/,
  );
  await expectInLedger(page, /joint, by meter under glow/i);
});

test('what is wrong with a borrowed feed is cleared by doing what is said; volts follow each wire', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 2);
  await open(page, `/builds/${id}/wiring`);
  await expect(status(page)).toContainText('Heater gets 10.34 V');
  await expectLevel(page, 'wiring.cable.ampacity', 'stop');
  await fold(page, 'Wires').click();
  for (const name of ['control panel to joint behind the desk', 'joint behind the desk to heater']) {
    const area = page.getByLabel(new RegExp(`^Area, ${name}`));
    await area.fill('6');
    await area.press('Enter');
    await settled(page);
  }
  await expectLevel(page, 'wiring.cable.ampacity', 'sound');
  await expect(status(page)).toContainText(/Heater gets 10\.9\d V/);
  // A wire that is too long for any is refused in one sentence, and nothing of it is kept.
  const long = page.getByLabel(/^Length, control panel to joint behind the desk/);
  await long.fill('400');
  await long.press('Enter');
  await expect(page.getByText(/length is 400 m; allowed is 0\.02 to 40 m/)).toBeVisible();
  await expect(status(page)).toContainText(/Heater gets 10\.9\d V/);
});

test('a part is dragged, moved by keys, and lies there after a reload; on a phone the same loom reads from the top down', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/wiring`);
  const isolator = part(page, 'isolator');
  await isolator.scrollIntoViewIfNeeded();
  const box = await isolator.boundingBox();
  if (!box) throw new Error('no isolator');
  await page.mouse.move(box.x + 30, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 60, box.y + 70, { steps: 6 });
  await page.mouse.up();
  await settled(page);
  await isolator.focus();
  await page.keyboard.press('Shift+ArrowDown');
  await settled(page);
  const rows = async () =>
    (
      (await (await page.request.get(`/api/builds/${id}/file`)).json()) as {
        lists: { loomParts: { name: string; xPx?: number; yPx?: number }[] };
      }
    ).lists.loomParts;
  const kept = (await rows()).find(({ name }) => name === 'isolator');
  expect([kept?.xPx !== undefined, kept?.yPx !== undefined]).toEqual([true, true]);
  await page.reload();
  await expect(isolator.locator('rect')).toHaveAttribute('y', String((kept?.yPx ?? 0) - 22));
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.getByText('Touch a wire or a part to see it among the rows.', { exact: false })).toBeVisible();
  const [battery, heater] = [await part(page, 'battery').boundingBox(), await part(page, 'heater').boundingBox()];
  expect(heater?.y).toBeGreaterThan((battery?.y ?? 0) + 100);
});

test('the loom goes along as a netlist, a list of wires and a drawing', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/wiring`);
  for (const [name, begins] of [
    ['Netlist (SPICE)', /Thimble Theatre: loom under glow/],
    ['Wire list (CSV)', /^number,wire,from,to,carries/],
    ['Drawing (SVG)', /^<svg xmlns/],
    ['Labels to print (A4)', /^%PDF-/],
    ['Drawing to print (PDF)', /^%PDF-/],
  ] as const) {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name }).click()]);
    expect(readFileSync(await download.path(), 'utf8')).toMatch(begins);
  }
});
