import sharp from 'sharp';
import { chooseSound, copyOf, countStoodStill, expectInLedger, expectLevel, open, signIn } from './people';
import { expect, test } from './silent';

test('while the line fills, the next place to look at is told; what was seen goes on to the next, and what is overdue says stop the pump', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await countStoodStill(page, id);
  await page.clock.runFor(2000);
  const look = page.locator('[data-look]');
  await expect(look).toHaveAttribute('data-look', 'filter');
  await expect(look).toContainText(/Next look: fuel at the filter in about \d+ strokes/);
  // 229 strokes are the latest for the filter: a minute at 4 Hz, and a little more.
  await page.clock.fastForward(58_000);
  await page.clock.runFor(300);
  await expect(look).toHaveRole('alert');
  await expect(look).toContainText(/No fuel at the filter by stroke \d+\? Stop the pump\./);
  await look.getByRole('button', { name: 'It is there: fuel at the filter' }).click();
  await expect(look).toHaveAttribute('data-look', 'pump');
  // What was seen stays seen after a reload.
  await page.reload();
  await page.clock.runFor(300);
  await expect(look).toHaveAttribute('data-look', 'pump');
  await page.getByRole('button', { name: 'bubbles that keep coming' }).click();
  await expect(page.getByText('Kept: bubbles that keep coming.')).toBeVisible();
  await page.getByRole('button', { name: 'Pump stopped' }).click();
  await page.getByRole('button', { name: 'no fuel came' }).click();
  await page.clock.resume();
  await expectLevel(page, 'priming.air', 'fix');
  await page.getByRole('button', { name: 'no bubbles in the line' }).click();
  await expectLevel(page, 'priming.air', 'sound');
  await expectInLedger(page, 'seen: bubbles that keep coming');
});

test('a pump that has run dry for five minutes on end is told to rest, and for how long still', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await page.request.post(`/api/builds/${id}/commands`, {
    data: {
      commandId: crypto.randomUUID(),
      command: { kind: 'maker', changes: [{ key: 'dryOnEndMin', from: null, to: 0.5 }] },
    },
  });
  await countStoodStill(page, id);
  await page.clock.fastForward(31_000);
  await page.clock.runFor(300);
  await expect(
    page.getByText('Stop the pump and let it rest for 2.0 min: it has run for 0.5 min on end, and nobody has seen fuel at it.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Pump stopped' }).click();
  await page.clock.fastForward(30_000);
  await page.clock.runFor(300);
  await expect(page.getByText(/Let the pump rest for 1:[23]\d more\./)).toBeVisible();
});

test('the plan of a start tells what is to be done now, by its clock, and what a start that is over lacks', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 5);
  await open(page, `/builds/${id}/startup`);
  await page.getByRole('button', { name: 'Begin a start' }).click();
  const now = page.getByRole('list', { name: 'To be done now' });
  await expect(now).toContainText('Volts at the heater’s plug, before the button.');
  await page.getByRole('button', { name: 'button on', exact: true }).click();
  await page.getByRole('button', { name: 'glow plug on', exact: true }).click();
  await expect(page.getByText(/^Then, in 0:\d\d: Volts at the heater’s plug, under glow\./)).toBeVisible();
  await page.getByRole('button', { name: 'button off', exact: true }).click();
  await page.getByRole('button', { name: 'fan stopped', exact: true }).click();
  await expect(page.getByText(/Not read in this start: Volts at the heater’s plug, before the button\./)).toBeVisible();
  // A press without a flame: when it locks, and the way out that its card tells.
  await expect(page.getByText(/1 without a flame in a row\. This unit locks after 3/)).toBeVisible();
  await expect(page.getByText('hold the lower key until the code goes')).toBeVisible();
});

test('sound is read at its places; the sum at the neighbour’s follows, and what lagging the loudest would leave; nonsense is refused', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 5);
  await open(page, `/builds/${id}/startup/noise`);
  const entry = page.getByRole('region', { name: 'A level of sound' });
  const read = async (db: string, away: string, place: string) => {
    await entry.getByLabel('Meter shows, dB').fill(db);
    await entry.getByLabel('Away from it, m').fill(away);
    await entry.getByRole('button', { name: place }).click();
  };
  await read('64.5', '1', 'at the pump');
  await expect(entry.getByRole('alert')).toContainText('Say first how the heater runs');
  await chooseSound(page);
  await read('64.5', 'far', 'at the pump');
  await expect(entry.getByRole('alert')).toContainText('Away from it: “far”');
  await read('640', '1', 'at the pump');
  await expect(entry.getByRole('alert')).toContainText('10 to 130 dB');
  await read('64.5', '1', 'at the pump');
  await read('60.9', '1', 'at the exhaust’s end');
  // By hand: 50.5 and 46.9 dB(A) at 5 m make 52.1; with 3.6 dB off the pump 49.9 are left.
  await expect(page.locator('[data-noise-sum]')).toHaveAttribute('data-noise-sum', '52.1');
  await expect(page.getByText(/With the pump lagged, 3\.6 dB less.*49\.9 dB\(A\) would be left/)).toBeVisible();
  await read('31', '', 'at the pillow or seat');
  await expectLevel(page, 'start.noise', 'watch');
});

test('starts of a build stand beside each other, and beside those of other builds with its card', async ({ page }) => {
  await signIn(page, 'bram');
  await open(page, '/builds/5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e05/startup/compare');
  await expect(page.getByRole('table', { name: 'Starts of this build' }).getByRole('row')).toHaveCount(5);
  await expect(page.getByRole('table', { name: 'Other builds with the same unit card' })).toContainText(
    'Page Turner No. 3, last of 1',
  );
});

test('the three ways of filling a line are told for this one, with what each takes', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/priming/figures`);
  const ways = page.getByRole('region', { name: 'Three ways to fill it' });
  await expect(ways).toContainText(/mL fill filter and line up to the pump/);
  await expect(ways).toContainText(/About \d+ presses of the button/);
});

test('a surface is marked on a photograph by touch and by keys, and stands there with its degrees', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 5);
  await open(page, `/builds/${id}/startup/hotspots`);
  const buffer = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#8a8f86' } })
    .jpeg()
    .toBuffer();
  await page.getByLabel('Choose a picture').setInputFiles({ name: 'exhaust.jpg', mimeType: 'image/jpeg', buffer });
  const photo = page.getByRole('group', { name: 'Photograph with the surfaces that were read' });
  await photo.click({ position: { x: 100, y: 100 } });
  const handle = page.getByRole('slider', { name: 'Where the next surface is read' });
  const told = () => handle.getAttribute('aria-valuetext');
  const first = await told();
  await handle.focus();
  await page.keyboard.press('Shift+ArrowRight');
  expect(await told()).not.toBe(first);
  const entry = page.getByRole('region', { name: 'A surface by thermometer' });
  await entry.getByLabel('Thermometer shows, °C').fill('43');
  await entry.getByLabel('What bears least there').click();
  await page.getByRole('option', { name: 'timber or plywood' }).click();
  await entry.getByRole('button', { name: 'at the mounting plate' }).click();
  await expect(page.locator('[data-hot-mark="43"]')).toContainText('43 °C');
  await expect(handle).toHaveCount(0);
});
