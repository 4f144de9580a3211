import type { Page } from '@playwright/test';
import { fieldAt, type FigurePath } from '../../core/build/sheets';
import { expect, test } from './silent';
import { expectInLedger, open, settled, signIn, signInByHand } from './people';

const answers = ['long van, standing height', 'air heater, 2 kW class', 'the kit’s own tank', 'inside, over holes in the floor'];
const minuteMs = 60_000;

/** From the bay to the build; each touch and each entry counts. */
async function begin(page: Page, name: string): Promise<{ touches: number; id: string }> {
  let touches = 0;
  const touch = async (role: 'link' | 'button', what: string | RegExp, within = page.locator('body')) => {
    await within.getByRole(role, { name: what, exact: typeof what === 'string' }).click();
    touches += 1;
  };
  await touch('link', /New build/);
  for (const answer of answers) await touch('button', answer);
  await touch('button', 'halfway off', page.getByRole('group', { name: 'How far off is the tank?' }));
  await touch('button', 'at the other end', page.getByRole('group', { name: 'And the battery?' }));
  await page.getByLabel('Name', { exact: true }).fill(name);
  touches += 1;
  await touch('button', 'Make the build');
  await page.waitForURL('**/measure');
  return { touches, id: /builds\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? '' };
}

test('from nothing to a whole build judged on assumed figures in under a minute and twelve touches', async ({ page }) => {
  await signInByHand(page, 'odile');
  const beganMs = Date.now();
  const { touches } = await begin(page, 'Lantern Wagon');
  // The run stands to scale, every part of it dotted, and what will go wrong is told as resting on assumptions.
  await expect(page.getByRole('region', { name: 'The run' })).toBeVisible();
  const stop = page.locator('[data-finding="exhaust.end.underneath"]');
  await expect(stop).toContainText('STOP, IF AS ASSUMED');
  await expect(stop).toContainText('That is so if “Exhaust end past the outline” is −20 mm, as assumed.');
  await expect(page.locator('[data-asked]')).toBeVisible();
  expect(Date.now() - beganMs).toBeLessThan(minuteMs);
  expect(touches).toBeLessThanOrEqual(12);
  await page.getByRole('button', { name: 'Open the run' }).click();
  await expect(page.getByText(/^drawn 1 : /)).toBeVisible();
});

test('the run is drawn and the first warning told while the questions are answered', async ({ page }) => {
  await signIn(page, 'odile');
  await page.goto('/builds/new');
  await page.getByRole('button', { name: 'old bus' }).click();
  const preview = page.getByRole('region', { name: 'As usual for this' });
  await expect(preview.getByRole('img')).toBeVisible();
  await expect(preview).toContainText('STOP, IF AS ASSUMED');
  await expect(preview).toContainText(/\d+ to measure before the first hole/);
  // Back leads to the question before, with its answer still pressed.
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('button', { name: 'old bus' })).toHaveAttribute('aria-pressed', 'true');
});

test('a new build like an earlier one holds its figures as assumed', async ({ page }) => {
  await signIn(page, 'odile');
  await page.goto('/builds/new');
  await page.getByRole('button', { name: 'Or like one that you have done' }).click();
  await page.getByLabel('Look for').fill('Page Turner No. 3');
  await page
    .getByRole('button', { name: /^Page Turner No\. 3/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Make the build' }).click();
  await expect(page.getByText('Name must hold 1 to 80 characters.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Page Turner No. 4');
  await page.getByRole('button', { name: 'Make the build' }).click();
  await page.waitForURL('**/measure');
  await expect(page.getByText(/build begun: like “Page Turner No\. 3”/)).toBeVisible();
  // Nothing of it was measured here: not one check of the work is sound for good.
  await expect(page.locator('[data-finding][data-level="sound"]:not([data-assumed])')).toHaveCount(0);
});

test('the list falls by one with each figure that is entered, and what is confirmed is known', async ({ page }) => {
  await signIn(page, 'odile');
  await page.goto('/');
  await begin(page, 'Falling List');
  const count = page.locator('[data-asked-all]');
  await expect(count).toBeVisible();
  const before = Number(await count.getAttribute('data-asked-all'));
  const row = page.locator('[data-measure]').first();
  const path = (await row.getAttribute('data-measure')) as FigurePath;
  await row.getByRole('button', { name: /it is as assumed/ }).click();
  await settled(page);
  await expect(page.locator(`[data-measure="${path}"]`)).toHaveCount(0);
  await expect(count).toHaveAttribute('data-asked-all', String(before - 1));
  await expectInLedger(page, new RegExp(fieldAt(path).label.replace(/[()]/g, '\\$&')));
});

const phone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } as const;

test('the walk-round on a phone: one figure a screen, all keys large and low, kept without coverage', async ({ browser }) => {
  const context = await browser.newContext({ ...phone, serviceWorkers: 'allow' });
  const page = await context.newPage();
  await signIn(page, 'odile');
  await page.goto('/');
  const { id } = await begin(page, 'Under The Floor');
  await open(page, `/builds/${id}/measure/walk`);
  await page.getByRole('button', { name: /^At the tank, \d+$/ }).tap();
  const screen = page.getByRole('dialog');
  await expect(screen).toBeVisible();
  const low = 844 / 3;
  for (const key of await screen.locator('.walk-pad button, .walk-foot button').all()) {
    const box = (await key.boundingBox()) ?? { y: 0, height: 0, width: 0 };
    expect([box.y >= low, box.height >= 48, box.width >= 48]).toEqual([true, true, true]);
  }
  await context.setOffline(true);
  const name = (await screen.locator('.walk-name').textContent()) ?? '';
  for (const digit of ['3', '0', '0']) await screen.getByRole('button', { name: digit, exact: true }).tap();
  await expect(screen.getByRole('status')).toBeVisible();
  await screen.getByRole('button', { name: /^Keep 300/ }).tap();
  await expect(screen.locator('.walk-name')).not.toHaveText(name);
  // Back and forth by a swipe, with nothing kept by it.
  const second = (await screen.locator('.walk-name').textContent()) ?? '';
  const swipe = async (from: number, to: number) => {
    await page.mouse.move(from, 300);
    await page.mouse.down();
    await page.mouse.move(to, 304, { steps: 4 });
    await page.mouse.up();
  };
  await swipe(300, 90);
  await expect(screen.locator('.walk-name')).not.toHaveText(second);
  await swipe(90, 300);
  await expect(screen.locator('.walk-name')).toHaveText(second);
  // A figure that can't be: one sentence, and nothing is kept.
  while ((await screen.locator('.walk-pad').count()) === 0) await screen.getByRole('button', { name: 'Later' }).tap();
  for (let i = 0; i < 6; i += 1) await screen.getByRole('button', { name: '9', exact: true }).tap();
  await expect(screen.getByRole('alert')).toContainText('allowed is');
  await expect(screen.getByRole('button', { name: /^Keep/ })).toHaveCount(0);
  await screen.getByRole('button', { name: 'Later' }).tap();
  await screen.getByRole('button', { name: 'Can’t reach it' }).tap();
  await page.keyboard.press('Escape');
  await context.setOffline(false);
  await settled(page);
  await expectInLedger(page, new RegExp(`${name}.*: 300 mm`));
  await expectInLedger(page, /can’t reach “/);
  await context.close();
});
