import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './silent';
import DxfParser from 'dxf-parser';
import sharp from 'sharp';
import { copyOf, enter, expectInLedger, expectLevel, newBuild, open, section, settled, signIn, toStage } from './people';

const level = (page: Page, finding: string) => page.locator(`[data-finding="${finding}"]`);
const heater = (page: Page) => page.getByRole('slider', { name: /The heater’s place/ });

test('the obvious place fails on a cross-member: moved by keys, by hand and by the search until it is clear, then the template', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/siting`);
  await expect(level(page, 'siting.below')).toContainText('“exhaust” cuts into “cross-member 2”, by 13 mm; and 3 more');
  await expect(page.locator('[data-hole="exhaust"]')).toHaveAttribute('data-bad', 'true');
  // Keys: 10 mm with Shift, 1 mm without.
  await heater(page).focus();
  for (let i = 0; i < 5; i += 1) await page.keyboard.press('Shift+ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect(heater(page)).toHaveAttribute('aria-valuenow', '1589');
  await expectLevel(page, 'siting.below', 'open');
  await expect(page.locator('[data-hole="exhaust"]')).toHaveAttribute('data-bad', 'false');
  // By hand: the findings follow before anything is let go.
  const box = await heater(page).boundingBox();
  if (!box) throw new Error('no heater');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 8, y, { steps: 3 });
  await page.mouse.move(x + 14, y, { steps: 3 });
  await expectLevel(page, 'siting.below', 'fix');
  await page.mouse.up();
  await settled(page);
  // Seen from below it is mirrored: up on the page is now the left side.
  await page.getByRole('button', { name: 'Lying underneath' }).click();
  const across = Number(/([\d.]+) mm from the left/.exec((await heater(page).getAttribute('aria-valuetext')) ?? '')?.[1]);
  await heater(page).focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(heater(page)).toHaveAttribute('aria-valuetext', new RegExp(`${across - 10} mm from the left`));
  await page.getByRole('button', { name: 'From above' }).click();
  await page.getByRole('button', { name: 'Find me a place' }).click();
  await expect(page.getByText(/places keep every limit/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await expectLevel(page, 'siting.below', 'open');
  await enter(page, 'Looked below the place', 'yes, and drawn', 'given');
  await expectLevel(page, 'siting.below', 'sound');
  // Wrong input: one sentence, nothing kept.
  await page.getByRole('button', { name: 'Below the floor' }).click();
  const rail = page.locator('[data-row]').getByLabel('Wide, left rail, mm');
  await rail.fill('-80');
  await expect(page.getByText('Below the floor, wide is -80 mm; allowed is 1 to 10000 mm.')).toBeVisible();
  await rail.press('Escape');
  await expect(rail).toHaveValue('80');
  // The same figure on the drawing, where the rail that was touched is measured.
  const drawn = page.getByRole('figure', { name: 'The floor from above' }).getByLabel('Wide, left rail, mm');
  await drawn.fill('90');
  await drawn.press('Enter');
  await expect(rail).toHaveValue('90');
  await rail.fill('80');
  await rail.press('Enter');
  await expect(drawn).toHaveValue('80');
  // The hold point lists what stands open, and the ledger keeps who released it.
  await page.getByRole('button', { name: /Ready to cut\?/ }).click();
  await page.getByRole('button', { name: /Release all the same: the first hole/ }).click();
  await expect(page.getByText(/RELEASED: the first hole/)).toBeVisible();
  await settled(page);
  await section(page, 'Drilling');
  await expect(page.getByText('Look underneath', { exact: true })).toBeVisible();
  const [dxf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Template as seen from below, DXF' }).click(),
  ]);
  expect(
    new DxfParser().parseSync(readFileSync(await dxf.path(), 'utf8'))?.entities.filter((e) => e.type === 'CIRCLE'),
  ).toHaveLength(7);
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Template as seen from above, PDF, Letter' }).click(),
  ]);
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  // A floor smaller than the heater, and a thing dragged after it was touched.
  await section(page, 'Floor');
  await page.getByRole('button', { name: 'Floor and heater, measured' }).click();
  await enter(page, 'Floor, front to rear', '100', 'given');
  await page.getByRole('button', { name: 'Find me a place' }).click();
  await expect(page.getByText('The floor is smaller than the heater.')).toBeVisible();
});

test('the kit on the bench: parts and photographs', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await newBuild(page.request, 'Bench Barrow');
  await open(page, `/builds/${id}/kit`);
  await page.getByRole('button', { name: 'air heater: the usual parts' }).click();
  await expect(page.getByText('0 of 25 looked at')).toBeVisible();
  await page.getByRole('group', { name: 'State of fuel filter' }).getByRole('button', { name: 'present' }).click();
  await page.getByRole('group', { name: 'State of muffler' }).getByRole('button', { name: 'missing' }).click();
  await expect(level(page, 'kit.missing')).toContainText('Missing from the kit: “muffler”.');
  await expect(level(page, 'kit.poor')).toContainText('“fuel filter” (thin-bodied filter)');
  await page.getByRole('group', { name: 'State of fuel filter' }).getByRole('button', { name: 'replaced' }).click();
  await expectLevel(page, 'kit.poor', 'sound');
  await page.getByLabel('More of heater', { exact: true }).click();
  await page.getByLabel('Serial, heater', { exact: true }).fill('INV-77');
  await page.getByLabel('Serial, heater', { exact: true }).press('Enter');
  await section(page, 'Photographs');
  const chooser = page.getByLabel('Choose a picture', { exact: true });
  await chooser.setInputFiles({ name: 'plate.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('this is a text') });
  await expect(page.getByText(/plate\.jpg: The file can’t be read as a picture; allowed is JPEG, PNG or WebP\./)).toBeVisible();
  await chooser.setInputFiles({ name: 'huge.jpg', mimeType: 'image/jpeg', buffer: Buffer.alloc(13 * 1024 * 1024, 1) });
  await expect(page.getByText('huge.jpg is 13.0 MB large; at most 12 MB are allowed.')).toBeVisible();
  const picture = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#996633' } })
    .png()
    .toBuffer();
  await chooser.setInputFiles({ name: 'plate.png', mimeType: 'image/png', buffer: picture });
  await page.getByRole('button', { name: /See .* large/ }).click();
  await page.getByLabel(/^Caption/).fill('plate, left side');
  await page.getByLabel(/^Caption/).press('Enter');
  await expect(page.locator('.photo-large img')).toHaveJSProperty('naturalWidth', 900);
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: 'See plate, left side large' })).toBeVisible();
  // A picture of one part stands with that part.
  await section(page, 'Parts');
  await page.getByLabel('More of heater', { exact: true }).click();
  await page
    .getByLabel('Choose a picture of heater')
    .setInputFiles({ name: 'serial.png', mimeType: 'image/png', buffer: picture });
  await expect(page.locator('[data-row]').first().getByRole('button', { name: 'See heater large' })).toBeVisible();
});

test('a dry run of the kit stands in the certificate beside its photograph, and is no first start', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await newBuild(page.request, 'Bench Barrow');
  await open(page, `/builds/${id}/kit/photos`);
  const picture = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#996633' } })
    .png()
    .toBuffer();
  await page
    .getByLabel('Choose a picture', { exact: true })
    .setInputFiles({ name: 'plate.png', mimeType: 'image/png', buffer: picture });
  await expect(page.getByRole('button', { name: /See .* large/ })).toBeVisible();
  await section(page, 'Dry run');
  await page.getByRole('button', { name: 'Begin a dry run' }).click();
  await expect(page.getByRole('heading', { name: /Dry run 1, under way/ })).toBeVisible();
  await page.getByRole('group', { name: 'What happens now' }).getByRole('button', { name: 'flame', exact: true }).click();
  await page.getByRole('group', { name: 'What happens now' }).getByRole('button', { name: 'fan stopped' }).click();
  await expectInLedger(page, /start begun as a dry run/);
  await settled(page);
  const certificate = await page.request.get(`/api/builds/${id}/certificate`);
  expect(certificate.status()).toBe(200);
  expect((await certificate.body()).includes(Buffer.from('/Subtype /Image'))).toBe(true);
  // The first start is still to come: a dry run is none.
  await open(page, `/builds/${id}/startup`);
  await expectLevel(page, 'start.ignition', 'open');
});

test('the survey: a rough answer in a few touches, refined surface by surface, heaters compared, its spread drawn', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/survey`);
  await section(page, 'Where the heat goes');
  await expect(page.locator('[data-spread="10000"]')).toBeVisible({ timeout: 15000 });
  await section(page, 'Space');
  await page.getByRole('button', { name: /^A body to begin with/ }).click();
  await page.getByRole('combobox', { name: 'Body', exact: true }).selectOption({ label: 'old bus' });
  await page.getByRole('button', { name: 'Rough: four areas' }).click();
  await expect(page.getByText('Rough figures entered: old bus; measure and correct them.')).toBeVisible();
  await expectLevel(page, 'survey.size.under', 'fix');
  await page.getByRole('button', { name: 'Finer: surface by surface' }).click();
  // The length of the roof is typed where it lies on the body unfolded; the rest of the surfaces in their list.
  const roof = page.getByRole('figure', { name: 'The body unfolded' }).getByLabel('Length, roof, m', { exact: true });
  await roof.fill('6.5');
  await roof.press('Enter');
  await page.getByText('The space by its 6 surfaces').click();
  await page.getByLabel('More of roof', { exact: true }).click();
  const before = await page.locator('[data-derived="survey.lossWK"]').textContent();
  await page.getByLabel('Thickness of layer 2, Layers, from inside, roof, mm').fill('80');
  await page.getByLabel('Thickness of layer 2, Layers, from inside, roof, mm').press('Enter');
  await expect(page.locator('[data-derived="survey.lossWK"]')).not.toHaveText(before ?? '');
  await page.getByLabel('Thickness of layer 2, Layers, from inside, roof, mm').fill('-5');
  await page.getByLabel('Thickness of layer 2, Layers, from inside, roof, mm').press('Enter');
  await expect(page.getByText(/Thickness: “-5” is out of range; allowed is 0\.1 to 1000 mm\./)).toBeVisible();
  await section(page, 'Does it suit');
  await page.getByText('Put heaters in, or change them').click();
  await page.getByRole('button', { name: 'One heater more' }).click();
  for (const [label, text] of [
    ['On its label', '8'],
    ['Pump dose', '0.05'],
    ['Lowest', '1.6'],
    ['Highest', '5.5'],
    ['Running', '2'],
  ] as const) {
    const cell = page.getByLabel(new RegExp(`^${label}, heater 2`));
    await cell.fill(text);
    await cell.press('Enter');
  }
  const column = page.locator('th[data-heater]').nth(1);
  await column.getByRole('radio').check();
  await expect(page.getByText(/It holds 20 °C by working steadily/).first()).toBeVisible();
  await column.getByRole('button', { name: 'Take this one' }).click();
  await expectLevel(page, 'survey.size.under', 'sound');
});

test('on a phone without coverage: parts are looked at and a place is searched for, a thumb that pushes the page moves no rail', async ({
  browser,
}) => {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: 'allow',
  });
  const page = await context.newPage();
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/siting`);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await expect(page.locator('.workspace-head h1')).toBeVisible();
  await context.setOffline(true);
  // A rail is touched first and dragged then; the first touch only chooses it.
  const thing = page.locator('.thing', { hasText: 'fuel tank' });
  const tank = thing.locator('.touch');
  await tank.scrollIntoViewIfNeeded();
  const push = async (dx: number) => {
    const box = await tank.boundingBox();
    if (!box) throw new Error('no tank');
    const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    await page.mouse.move(at.x + dx, at.y, { steps: 4 });
    await page.mouse.up();
  };
  await push(30);
  await expect(page.locator('[data-waiting]')).toHaveCount(0);
  await tank.tap();
  await expect(thing).toHaveClass(/lit/);
  // For half a second after a touch, what a mouse does is taken for the browser's own echo of it.
  await page.waitForTimeout(700);
  await push(30);
  await expect(page.locator('[data-waiting]')).toContainText('Below the floor: fuel tank, from the front');
  // No worker can be fetched now, so the page does the search itself.
  await page.getByRole('button', { name: 'Find me a place' }).tap();
  await expect(page.getByText(/places keep every limit/)).toBeVisible({ timeout: 20000 });
  await toStage(page, 'Kit');
  await page.getByRole('group', { name: 'State of fuel pump' }).getByRole('button', { name: 'present' }).tap();
  await expect(page.getByText('1 of 25 looked at')).toBeVisible();
  await section(page, 'Photographs');
  await page.getByLabel('Choose a picture', { exact: true }).setInputFiles({
    name: 'later.png',
    mimeType: 'image/png',
    buffer: await sharp({ create: { width: 9, height: 9, channels: 3, background: '#fff' } })
      .png()
      .toBuffer(),
  });
  await expect(page.getByText('waits to be sent')).toBeVisible();
  await page.reload();
  await expect(page.getByText('waits to be sent')).toBeVisible();
  await context.setOffline(false);
  await settled(page);
  await expect(page.getByRole('button', { name: /^See .* large$/ })).toHaveCount(1);
  await expect(page.getByText('waits to be sent')).toHaveCount(0);
  await open(page, `/builds/${id}/kit`);
  await expect(page.getByText('1 of 25 looked at')).toBeVisible();
  await context.close();
});

test('a lead changes the workshop’s part list, by hand and by file; a fitter’s next build is filled from it', async ({
  page,
}) => {
  await signIn(page, 'odile');
  await page.goto('/settings');
  await page.getByRole('button', { name: 'coolant heater' }).click();
  await page
    .getByLabel('Part list, CSV')
    .setInputFiles({ name: 'bad.csv', mimeType: 'text/csv', buffer: Buffer.from('name,needed\nhose,none\n') });
  await expect(page.getByText(/Line 2: Parts, needed is none; allowed is a whole number from 1 to 999\./)).toBeVisible();
  const own = 'name,kind,needed\nheater,heater,1\nshed’s own bracket,plate,2\n';
  await page.getByLabel('Part list, CSV').setInputFiles({ name: 'own.csv', mimeType: 'text/csv', buffer: Buffer.from(own) });
  await page.getByRole('button', { name: 'One part more' }).click();
  await page.getByLabel('Part 3, name').fill('spare glow plug');
  await page.getByRole('button', { name: 'Keep this list' }).click();
  await expect(page.getByText('Kept, coolant heater: 3 parts.')).toBeVisible();
  const id = await newBuild(page.request, 'List Barrow');
  await open(page, `/builds/${id}/kit`);
  await page.getByRole('button', { name: 'coolant heater: the usual parts' }).click();
  await expect(page.getByText('0 of 3 looked at')).toBeVisible();
  await expect(page.getByLabel('Part, shed’s own bracket')).toBeVisible();
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download list (CSV)' }).click(),
  ]);
  expect(
    readFileSync(await csv.path(), 'utf8')
      .split('\n')
      .slice(0, 2),
  ).toEqual(['name,kind,needed,state,weak,serial,mark', 'heater,heater,1,,,,']);
});
