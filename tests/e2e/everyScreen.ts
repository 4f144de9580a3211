import AxeBuilder from '@axe-core/playwright';
import type { Browser, Page } from '@playwright/test';
import { demoId, open, openRun, signIn } from './people';
import { screens } from './screens';
import { expect, test } from './silent';

/** Fading in is no fault of contrast. */
const fadesMs = 350;
/** What axe finds on a page, in a few words each. */
async function faultsOf(page: Page): Promise<string[]> {
  await page.waitForTimeout(fadesMs);
  // No screen has frames: without the page of its own in which axe puts theirs together it takes a third of the time.
  const { violations } = await new AxeBuilder({ page })
    .options({ resultTypes: ['violations'] })
    .setLegacyMode(true)
    .analyze();
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .slice(0, 3)
        .map((n) => n.html.slice(0, 160))
        .join(' | ')}`,
  );
}
/** What is lower than a thumb, and how far the page runs off its side. */
async function sizesOf(page: Page): Promise<{ offPx: number; low: string[] }> {
  const offPx = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  const low = await page
    .locator(
      'button:visible, .dip-stage:visible, select:visible, input:not(.visually-hidden):not([aria-hidden=true]):not([type=checkbox]):not([type=radio]):not([type=range]):visible, .choice:visible, .MuiSlider-root:visible',
    )
    .evaluateAll((all) =>
      all
        .map((e) => ({ height: e.getBoundingClientRect().height, what: e.outerHTML.slice(0, 90) }))
        .filter(({ height }) => height < 43.5)
        .map(({ height, what }) => `${height}: ${what}`),
    );
  return { offPx, low };
}
const phone = { width: 390, height: 844 };
const tablet = { width: 820, height: 1180 };
const bench = { width: 1280, height: 800 };
const colours = ['light', 'dark'] as const;
const whole = process.env.LORBET_WHOLE === '1';

/**
 * Every `of`-th screen from `nth` on: as a phone or a tablet, in turns, nothing runs off the side and targets are large; at the bench axe finds nothing, on every
 * fourth screen. By the flag on each, by day and by night: the parts are the same, what colours them is the theme's.
 */
export function everyScreen(nth: number, of: number): void {
  const some = screens.map((url, i) => [url, i] as const).filter(([, i]) => i % of === nth);
  for (const part of [0, 1])
    test(`on any screen nothing runs off the side, targets are large, and axe finds nothing: ${nth * 2 + part + 1} of ${of * 2}`, async ({
      browser,
    }) => {
      test.setTimeout(300_000);
      const page = await (await browser.newContext({ viewport: phone, hasTouch: true, reducedMotion: 'reduce' })).newPage();
      await signIn(page, 'odile');
      // What folds away as the window changes has no height for a moment.
      const fits = (url: string) => expect.poll(async () => [url, await sizesOf(page)]).toEqual([url, { offPx: 0, low: [] }]);
      for (const [url, i] of some.filter((_, k) => k % 2 === part)) {
        await page.emulateMedia({ colorScheme: colours[i % 2] ?? null });
        // As a phone or as a tablet, in turns; by the flag as both.
        const both = i % 2 === 0 ? [phone, tablet] : [tablet, phone];
        const sizes = whole ? both : both.slice(0, 1);
        for (const size of sizes) {
          await page.setViewportSize(size);
          await page.goto(url);
          await expect(page.getByRole('main')).toBeVisible();
          await fits(url);
        }
        // By default a sample: every fourth screen of each colour; by the flag all of them.
        if (!whole && i % 8 > 1) continue;
        await page.setViewportSize(bench);
        expect([url, await faultsOf(page)]).toEqual([url, []]);
        if (!whole) continue;
        await page.emulateMedia({ colorScheme: colours[(i + 1) % 2] ?? null });
        expect([url, await faultsOf(page)]).toEqual([url, []]);
      }
    });
}

/** What opens over a screen, and the way in, by one colour. */
export function axeFindsNothingOver(colorScheme: (typeof colours)[number]): void {
  test(`axe finds nothing on the way in and on what opens over a screen, ${colorScheme}`, async ({
    browser,
  }: {
    browser: Browser;
  }) => {
    test.setTimeout(240_000);
    const page = await (await browser.newContext({ colorScheme, reducedMotion: 'reduce' })).newPage();
    const clean = async (name: string) => expect([name, await faultsOf(page)]).toEqual([name, []]);
    for (const url of ['/sign-in', `/join/${'0'.repeat(64)}`]) {
      await page.goto(url);
      // What is not there yet can’t be looked at.
      await page.locator('h1').waitFor();
      await clean(url);
    }
    await signIn(page, 'odile');
    await open(page, `/builds/${demoId(2)}/fuel/line`);
    await openRun(page);
    await page.getByText('The run in words').click();
    await clean('the run in words');
    await open(page, `/builds/${demoId(2)}/fuel/pressure`);
    await page.locator('[data-derived="fuel.suctionKPa"]').click();
    await clean('an explanation');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'the first hole' }).click();
    await clean('a hold point');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Keys' }).click();
    await clean('keys');
    await page.keyboard.press('Escape');
    await open(page, `/builds/${demoId(2)}/signoff`);
    await page.getByRole('button', { name: 'Waive with a reason' }).first().click();
    await clean('a waiver');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Open the ledger' }).click();
    await clean('the ledger');
  });
}
