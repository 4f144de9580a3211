import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { pumpSound, rateHz } from '../sounds';
import { wavOf } from '../wav';
import { expect, test, type Page } from './silent';
import { copyOf, open, phoneThatSenses, signIn } from './people';

const folder = mkdtempSync(path.join(tmpdir(), 'lorbet-ear-'));
/** A browser whose microphone plays what the test has made. */
async function hearing(
  name: string,
  samples: Float32Array,
  baseURL: string | undefined,
): Promise<{ page: Page; close: () => Promise<void> }> {
  const file = path.join(folder, `${name}.wav`);
  writeFileSync(file, wavOf(samples, rateHz));
  return phoneThatSenses(`--use-file-for-fake-audio-capture=${file}`, baseURL);
}
async function listen(page: Page): Promise<void> {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/priming`);
  await page.getByRole('button', { name: /start counting|go on counting/ }).tap();
  await page.getByRole('button', { name: 'Count by ear as well' }).tap();
}

test('the pump is heard beside a fan that is louder: its clicks, its frequency, and that the clock counts something else', async ({
  baseURL,
}) => {
  // 5 Hz where the controller claims 4: after half a minute ear and clock have parted.
  const { page, close } = await hearing('pump', pumpSound({ hz: 5, clicks: 300, fanDb: 6 }).samples, baseURL);
  await listen(page);
  const ear = page.locator('[data-ear]');
  await expect(ear).toHaveAttribute('data-ear', 'beat', { timeout: 25_000 });
  await expect(ear).toContainText(/by ear \d+, (4\.9|5\.0|5\.1) Hz/);
  await expect(ear.getByRole('alert').filter({ hasText: /Ear and clock have parted: [1-9]/ })).toBeVisible({ timeout: 60_000 });
  // What is told comes and goes with what is heard, as it does for a person: the key is pressed until it has taken; no other key moves with it.
  const stop = ear.getByRole('button', { name: 'Stop listening' });
  const within = async () => ((await stop.boundingBox())?.y ?? NaN) - ((await ear.boundingBox())?.y ?? NaN);
  const stopsAt = await within();
  await expect(async () => {
    const take = ear.getByRole('button', { name: /^Go on from \d+, at (4\.9|5|5\.0|5\.1) Hz$/ });
    if (await take.isVisible()) await take.tap({ timeout: 2000 });
    await expect(ear).toContainText(/the controller (4\.9|5|5\.0|5\.1) Hz/, { timeout: 2000 });
  }).toPass({ timeout: 30_000 });
  expect(await within()).toBe(stopsAt);
  // Shut, it listens no more; the count goes on.
  await stop.tap();
  await expect(page.getByRole('button', { name: 'Count by ear as well' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Pump stopped' })).toBeVisible();
  await close();
});

test('a silent room is told, and the count goes on by the clock', async ({ baseURL }) => {
  const { page, close } = await hearing('silence', new Float32Array(rateHz * 30), baseURL);
  await listen(page);
  await expect(page.getByText('Nothing clicks. Hold the phone to the pump.')).toBeVisible();
  const before = Number(await page.locator('[data-strokes]').first().getAttribute('data-strokes'));
  await page.waitForTimeout(2500);
  expect(Number(await page.locator('[data-strokes]').first().getAttribute('data-strokes'))).toBeGreaterThan(before + 5);
  await close();
});

test('a browser that may not listen says so, and the count goes on by the clock', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await listen(page);
  await expect(page.getByText(/The count goes on by the clock\.|count by the clock\./).first()).toBeVisible();
  await context.close();
});
