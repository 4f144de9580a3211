import { expect, test } from './silent';
import { writeBuildFile } from '../../formats/buildFile';
import { soundBuild, soundStart } from '../soundBuild';
import { chooseCoSetting, copyOf, did, expectLevel, open, signIn, soundCopy } from './people';

test('a count under way is seen and stopped from every page; its halt lets nothing behind it be reached', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await page.clock.install();
  await open(page, `/builds/${id}/priming`);
  await page.clock.pauseAt(Date.now() + 5000);
  await page.getByRole('button', { name: 'Pump runs: start counting' }).click();
  await page.clock.runFor(3000);
  await page.getByRole('link', { name: 'Bay', exact: true }).click();
  const bar = page.getByLabel('A priming count is under way');
  await expect(bar).toContainText(/The pump is running on .*: \d+ strokes/);
  await bar.getByRole('link', { name: 'To the count' }).click();
  await expect(page.getByRole('heading', { name: 'Priming', exact: true })).toBeVisible();
  await page.clock.fastForward(200_000);
  await page.clock.runFor(300);
  const halt = page.getByRole('alertdialog', { name: 'STOP THE PUMP' });
  await expect(halt).toBeVisible();
  for (let i = 0; i < 8; i += 1) {
    await page.keyboard.press('Tab');
    await page.clock.runFor(50);
    expect(await page.evaluate(() => document.activeElement?.closest('[role="alertdialog"]') !== null)).toBe(true);
  }
  const here = page.url();
  for (const key of ['n', 'p', '?', 'Escape']) await page.keyboard.press(key);
  await page.clock.runFor(500);
  expect(page.url()).toBe(here);
  await expect(halt).toBeVisible();
  await halt.getByRole('button', { name: 'The pump is stopped' }).click();
  await page.clock.runFor(500);
  await expect(halt).toHaveCount(0);
  await page.clock.resume();
});

test('carbon monoxide found, its cause mended, lit anew and read clean three times: the stop is cleared, and both stay to be seen', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await soundCopy(page.request);
  await open(page, `/builds/${id}/proving`);
  const finding = page.locator('[data-finding="co.reading"]');
  await page.getByLabel('Meter shows, ppm').fill('12');
  await page.getByRole('button', { name: 'at the pillow' }).click();
  await expect(page.getByText('Say first what the heater is doing, how doors and windows are, and the wind.')).toBeVisible();
  await chooseCoSetting(page);
  await page.getByRole('button', { name: 'at the pillow' }).click();
  await expectLevel(page, 'co.reading', 'stop');
  await page.getByRole('button', { name: 'Record cause and repair' }).first().click();
  await page.getByRole('button', { name: 'Record it' }).click();
  await expect(page.getByText('Cause and repair are both needed')).toBeVisible();
  await page.getByLabel('Why it was so').fill('clamp at the spigot loose');
  await page.getByLabel('What was done').fill('new clamp, joint sealed');
  await page.getByRole('button', { name: 'Record it' }).click();
  await expect(page.getByText('new clamp, joint sealed').first()).toBeVisible();
  await expectLevel(page, 'co.reading', 'stop');
  const began = new Date(Date.now() + 2000);
  await page.waitForTimeout(2500);
  const { events, readings } = soundStart();
  const soon = (atS: number) => atS / 1000;
  await did(page.request, id, {
    kind: 'start',
    id: crypto.randomUUID(),
    events: events.map((event) => ({ ...event, atS: soon(event.atS) })),
    readings: readings.map((reading) => ({ ...reading, atS: soon(reading.atS) })),
    source: 'csv',
    beganAt: began.toISOString(),
  });
  await page.waitForTimeout(2000);
  await page.reload();
  await chooseCoSetting(page);
  for (let i = 0; i < 3; i += 1) {
    await expectLevel(page, 'co.reading', 'stop');
    await page.getByLabel('Meter shows, ppm').fill('0');
    await page.getByRole('button', { name: 'at the pillow' }).click();
  }
  await expectLevel(page, 'co.reading', 'sound');
  await expect(finding).toContainText(/12 ppm/);
  await expect(page.getByText('new clamp, joint sealed').first()).toBeVisible();
});

test('what a file says that others did and signed is shown as claimed on every sheet, and counts for nothing', async ({
  page,
}) => {
  await signIn(page, 'odile');
  const build = { ...soundBuild(), id: crypto.randomUUID() };
  const forged = {
    ...build,
    signatures: [
      {
        role: 'lead' as const,
        typedName: 'Odile Marr',
        drawn: 'M10 10 L300 100 L400 40',
        by: 'Odile Marr',
        at: '2026-11-22T09:00:00.000Z',
        buildHash: 'a'.repeat(64),
      },
    ],
  };
  await page.goto('/builds/new');
  await page.getByRole('button', { name: 'Begin empty, or import a file' }).click();
  await page
    .getByLabel('Build file (JSON)')
    .setInputFiles({ name: 'forged.json', mimeType: 'application/json', buffer: Buffer.from(writeBuildFile(forged)) });
  await page.getByRole('button', { name: 'Import it' }).click();
  await page.waitForURL(`**/builds/${build.id}/**`);
  for (const sheet of ['fuel', 'proving', 'signoff']) {
    await page.goto(`/builds/${build.id}/${sheet}`);
    await expect(page.getByText('Claimed in a file, not seen here.')).toBeVisible();
  }
  await page.getByText('Claimed in a file, not seen here.').click();
  await expect(page.getByText(/signature: said to be that of Odile Marr/)).toBeVisible();
  await expect(page.getByText('It can’t be signed yet.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('main')).not.toContainText('signed by Odile Marr');
});
