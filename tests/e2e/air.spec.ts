import { readFileSync } from 'node:fs';
import DxfParser from 'dxf-parser';
import { copyOf, expectInLedger, expectLevel, open, settled, signIn, toFigure } from './people';
import { expect, test, type Page } from './silent';

const end = (page: Page, which: 'Exhaust' | 'Intake') => page.getByRole('slider', { name: new RegExp(`^${which}’s end`) });

test('an exhaust that ends underneath is dragged out past the outline: its finding follows before anything is let go', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/air`);
  await expectLevel(page, 'exhaust.end.underneath', 'stop');
  const box = await end(page, 'Exhaust').boundingBox();
  if (!box) throw new Error('no end');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y - 10, { steps: 3 });
  await page.mouse.move(x, y - 40, { steps: 4 });
  await expect(page.locator('.end.exhaust')).toContainText('mm past');
  await page.mouse.up();
  await settled(page);
  await expectInLedger(page, /Exhaust’s end, from the floor’s left/);
  // Where it was measured to stop short is still known, and the worse of the two counts.
  await expectLevel(page, 'exhaust.end.underneath', 'stop');
  await toFigure(page, 'Exhaust end past the outline');
});

test('by keys an end moves a centimetre, and what lies downwind of it is told by name', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 2);
  await open(page, `/builds/${id}/air`);
  const before = await end(page, 'Exhaust').getAttribute('aria-valuetext');
  expect(before).toBe('exhaust, 240 mm inside');
  await end(page, 'Exhaust').focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('Shift+ArrowUp');
  await expect(end(page, 'Exhaust')).toHaveAttribute('aria-valuetext', 'exhaust, 60 mm past');
  await settled(page);
  await page.getByLabel('Wind', { exact: true }).selectOption('from the front');
  await expect(page.getByText(/Downwind of the exhaust: sliding door, \d+ mm\. That is geometry, not a promise\./)).toBeVisible();
  await page.getByLabel('Wind', { exact: true }).selectOption('from the left');
  await expect(page.getByText(/No opening on the plan lies downwind/)).toBeVisible();
  const [dxf] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Plan as DXF' }).click()]);
  const circles = new DxfParser().parseSync(readFileSync(await dxf.path(), 'utf8'))?.entities.filter((e) => e.type === 'CIRCLE');
  expect(circles).toHaveLength(2);
});

test('a pipe entered piece by piece: what passes a plastic tank too near is told with the distance that is enough', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/air/pipes`);
  await page.getByRole('button', { name: 'Enter it piece by piece' }).first().click();
  await page.getByRole('button', { name: 'One piece more' }).first().click();
  const drawing = page.getByRole('figure', { name: 'Exhaust' });
  const length = drawing.getByLabel('Length, piece 2, m');
  await length.fill('0');
  await expect(page.getByText(/length is 0 m; allowed is 0\.01 to 10 m/)).toBeVisible();
  await length.fill('0.5');
  await length.press('Enter');
  const rise = drawing.getByLabel('Rises by, piece 2, mm');
  await rise.fill('40');
  await rise.press('Enter');
  await expectLevel(page, 'exhaust.slope', 'fix');
  await expect(page.locator('[data-finding="exhaust.slope"]')).toContainText('“piece 2” rises 40 mm');
  await page.getByLabel('Passes near, piece 2').selectOption('a polyethylene tank or pipe');
  const far = page.getByLabel('At a distance of, piece 2, mm');
  await far.fill('15');
  await far.press('Enter');
  const told = page.locator('[data-finding="exhaust.clearance"]');
  await expect(told).toContainText(/15 mm from “piece 2”, gets about \d+ °C; it bears 60 °C/);
  const enough = /Keep them (\d+) mm apart/.exec((await told.textContent()) ?? '')?.[1] ?? '';
  await far.fill(enough);
  await far.press('Enter');
  await settled(page);
  // Of the first piece nobody has said yet what it passes.
  await expectLevel(page, 'exhaust.clearance', 'open');
});
