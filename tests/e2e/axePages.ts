import AxeBuilder from '@axe-core/playwright';
import type { Browser } from '@playwright/test';
import { expect, test } from './silent';
import { demoId, open, openRun, signIn } from './people';
import { screens } from './screens';

/** In quarters, each well within the time of a test. */
const quarter = Math.ceil(screens.length / 4);
const parts = ['first', 'second', 'third', 'last'].map(
  (which, i) => [`any screen of the ${which} quarter`, screens.slice(i * quarter, (i + 1) * quarter)] as const,
);

/** Every screen by day or by night, by default each by one of them. In two files, so that two workers take one each. */
export function axeFindsNothing(colorScheme: 'light' | 'dark'): void {
  const begin = async (browser: Browser) => {
    test.setTimeout(240000);
    const page = await (await browser.newContext({ colorScheme, reducedMotion: 'reduce' })).newPage();
    const clean = async (name: string) => {
      // Fading in is no fault of contrast.
      await page.waitForTimeout(350);
      const { violations } = await new AxeBuilder({ page }).analyze();
      const told = violations.map(
        ({ id, nodes }) =>
          `${name} ${id}: ${nodes
            .slice(0, 3)
            .map((n) => n.html.slice(0, 160))
            .join(' | ')}`,
      );
      expect(told).toEqual([]);
    };
    return { page, clean };
  };
  for (const [name, some] of parts)
    test(`axe finds nothing on ${name}, ${colorScheme}`, async ({ browser }) => {
      const { page, clean } = await begin(browser);
      await signIn(page, 'odile');
      // Every second screen by day and the others by night, all of both by the flag: the parts are the same, what colours them is the theme's.
      const own = colorScheme === 'dark' ? 1 : 0;
      const shown = process.env.LORBET_WHOLE === '1' ? some : some.filter((_, i) => i % 2 === own);
      for (const url of shown) {
        await page.goto(url);
        await expect(page.getByRole('main')).toBeVisible();
        await clean(url);
      }
    });
  test(`axe finds nothing on the way in and on what opens over a screen, ${colorScheme}`, async ({ browser }) => {
    const { page, clean } = await begin(browser);
    for (const url of ['/sign-in', `/join/${'0'.repeat(64)}`]) {
      await page.goto(url);
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
