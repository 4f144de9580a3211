import { expect, test } from './silent';
import { copyOf, expectInLedger, expectLevel, open, signIn, soundCopy } from './people';

const night = (ppm: number, rows = 97) =>
  `minutes,CO ppm\n${Array.from({ length: rows }, (_, i) => `${i * 5},${ppm}`).join('\n')}\n`;

test('openings that are stuffed or shut are named; freed they count, and what is missing is told with the holes that would give it', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 2);
  await open(page, `/builds/${id}/proving/vents`);
  await expectLevel(page, 'vent.blocked', 'fix');
  await expectLevel(page, 'vent.area.high', 'fix');
  await expect(page.locator('.vents [data-level="high"]')).toContainText('cm² wanted');
  const tape = page.getByLabel(/^Blocked by/).first();
  await tape.selectOption({ label: 'nothing' });
  await expectInLedger(page, /grille over the door/);
  await expect(page.getByText(/holes of 60 mm, each under a mesh of 6 mm/).first()).toBeVisible();
  await page.getByLabel(/Wide/).first().fill('600');
  await page.getByLabel(/Wide/).first().press('Enter');
  await expectLevel(page, 'vent.area.high', 'sound');
});

test('a night by log: a file out of order is refused in a sentence, a bad night stops, its meter and times are asked for', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await soundCopy(page.request);
  await open(page, `/builds/${id}/proving/co`);
  const file = page.getByLabel('Log of the meter, CSV');
  const send = (text: string) => file.setInputFiles({ name: 'night.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await send('s,ppm\n0,0\n60,1\n30,2\n');
  await expect(page.getByText(/Row 3: time is “30”, not after the row before it/)).toBeVisible();
  await send(night(12));
  await expect(page.getByText('The file holds 97 readings over 8.0 h.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this log' }).click();
  await expect(page.getByText('Say which meter it was.')).toBeVisible();
  await expect(page.getByText('Say what the heater did, and how doors and windows were.')).toBeVisible();
  const form = page.locator('.co-entry form');
  await form.getByLabel('Heater is').selectOption({ label: 'at full output' });
  await form.getByLabel('Doors').selectOption({ index: 1 });
  await form.getByLabel('Which meter').fill('meter 2');
  await form.getByLabel('In air outside before, ppm').fill('a lot');
  await page.getByRole('button', { name: 'Keep this log' }).click();
  await expect(page.getByText(/“a lot”; allowed is -20 to 50 ppm/)).toBeVisible();
  await form.getByLabel('In air outside before, ppm').fill('0');
  await form.getByLabel('In air outside before, ppm').press('Enter');
  await expect(page.locator('.co-night')).toContainText(
    'Over 8 h: 12.0 ppm at its highest; 8.6 ppm is the most (WHO, from memory).',
  );
  await expectLevel(page, 'co.exposure', 'stop');
  await expectInLedger(page, /carbon monoxide over 8.0 h, at most 12 ppm, pillow/);
});

test('the air is read by plan, one place after the other, by keys; nonsense is refused and nothing is skipped', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await soundCopy(page.request);
  await open(page, `/builds/${id}/proving/co`);
  const next = page.locator('.co-next');
  await expect(next).toHaveAttribute('data-next', 'off/outside/closed');
  await next.getByLabel('It shows, ppm').fill('none');
  await next.getByLabel('It shows, ppm').press('Enter');
  await expect(next.getByText('It shows “none”; allowed is 0 to 2000 ppm.')).toBeVisible();
  await next.getByLabel('It shows, ppm').fill('0');
  await next.getByLabel('It shows, ppm').press('Enter');
  await expect(next).toHaveAttribute('data-next', 'off/pillow/closed');
  await expectInLedger(page, /carbon monoxide 0 ppm, outside/);
  await expect(page.getByText('Read now: pillow, heater off, doors closed')).toBeVisible();
  // It runs already: what can’t be read any more now is put off.
  await next.getByRole('button', { name: 'Later' }).click();
  await expect(next).toHaveAttribute('data-next', 'starting/outlet/closed');
});
