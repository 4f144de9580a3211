import { expect, test } from './silent';
import { copyOf, expectInLedger, open, settled, signIn } from './people';

/** The browser's own sensor, turned by hand: W3C's beta and gamma. */
const asPhone = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } as const;

test('the phone laid on the pump gives its angle: held still it is taken with one touch, against a floor that is not level too', async ({
  browser,
}) => {
  const context = await browser.newContext(asPhone);
  const page = await context.newPage();
  const sensor = await context.newCDPSession(page);
  const turn = (beta: number, gamma = 0) =>
    sensor.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta, gamma });
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/fuel/pump`);
  await turn(24);
  await page.getByRole('button', { name: 'Measure the angle with this phone' }).tap();
  const shown = page.locator('[data-still]');
  await expect(shown).toHaveText('24.0°');
  // A sensor that tells each change alone goes on telling while a hand moves it a little.
  for (let i = 0; i < 30; i += 1) {
    await turn(24 + (i % 2) / 10);
    await page.waitForTimeout(100);
  }
  await expect(page.getByText('Lies still. Taken: lift the phone.')).toBeVisible();
  // Lifted, it still shows what was taken.
  await turn(80);
  await expect(shown).toHaveText(/^24\.\d°$/);
  const key = page.getByRole('button', { name: 'Take 24°' });
  const box = await key.boundingBox();
  expect([(box?.y ?? 0) > 560, (box?.height ?? 0) >= 48]).toEqual([true, true]);
  await key.tap();
  await settled(page);
  await expectInLedger(page, /Pump angle, outlet up: 24 deg/);
  // The floor under it rises by 4°: the pump by 20° over that.
  await turn(4);
  await page.getByRole('button', { name: 'Measure the angle with this phone' }).tap();
  await expect(shown).toHaveText('4.0°');
  await page.getByRole('button', { name: 'Zero here' }).tap();
  // A sensor goes on telling: what it told while the phone was turned is out of the mean two seconds later.
  for (let i = 0; i < 26; i += 1) {
    await turn(24.4 + (i % 2) / 100, 10);
    await page.waitForTimeout(100);
  }
  await expect(shown).toHaveText('20.4°');
  await page.getByRole('button', { name: 'Take 20°' }).tap();
  await settled(page);
  await expectInLedger(page, /Pump angle, outlet up: 20 deg/);
  await context.close();
});

test('the phone on the heater’s top tells that it lies on its side; where its inlet is, a person says', async ({ browser }) => {
  const context = await browser.newContext(asPhone);
  const page = await context.newPage();
  const sensor = await context.newCDPSession(page);
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/siting/floor`);
  await sensor.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta: 0, gamma: 88 });
  await page.getByRole('button', { name: 'See with this phone how the heater lies' }).tap();
  await expect(page.getByText('On its side', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'on its side, inlet or plug below' }).tap();
  await settled(page);
  await expectInLedger(page, /The heater lies: on its side, inlet or plug below/);
  await context.close();
});

test('the phone laid along a piece of the exhaust gives by how much it falls', async ({ browser }) => {
  const context = await browser.newContext(asPhone);
  const page = await context.newPage();
  const sensor = await context.newCDPSession(page);
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/air/pipes`);
  await sensor.send('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta: -6, gamma: 0 });
  await page
    .getByRole('button', { name: /out to the side/ })
    .and(page.locator('[aria-expanded]'))
    .tap();
  await page.getByRole('button', { name: 'Level “out to the side” with this phone' }).tap();
  // 0.4 m at 6° down: 400 mm × sin 6° = 41.8 mm, by hand.
  await expect(page.getByText('Rises by -42 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Take −6°' }).tap();
  await settled(page);
  await expect(page.getByLabel('Rises by, out to the side, mm')).toHaveValue('-42');
  await context.close();
});

test('a device that tells no angle says so and what to take instead; nothing is entered', async ({ browser }) => {
  const context = await browser.newContext(asPhone);
  const page = await context.newPage();
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/fuel/pump`);
  await page.getByRole('button', { name: 'Measure the angle with this phone' }).tap();
  await expect(page.getByText('This device tells no angle. Measure it with a protractor')).toBeVisible();
  await expect(page.getByRole('button', { name: 'No angle yet' })).toBeDisabled();
  await page.getByRole('button', { name: 'Back to the page' }).tap();
  await expect(page.getByRole('button', { name: 'Measure the angle with this phone' })).toBeVisible();
  await context.close();
});
