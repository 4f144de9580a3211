import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './silent';
import { parseBuildFile } from '../../core/build/buildFile';
import * as entered from './journeyFigures';
import { chooseCoSetting, chooseSound, enter, expectLevel, fillInstant, section, settled, signInByHand, toStage } from './people';

const { heater, survey, people, kit, partsCsv, floor, place, bolting, fuel, tank, held, air, wiring, startLog } = entered;

// From an empty build to a signed certificate and a build file that goes back in: one build, one page, one step after the other.
test.describe.configure({ mode: 'serial' });
// Here what moves does move.
test.use({ contextOptions: { reducedMotion: 'no-preference' } });
let page: Page;
let id = '';
let text = '';
test.beforeAll(async ({ browser }) => {
  page = await browser.newPage();
  await signInByHand(page, 'odile');
});
test.afterAll(() => page.close());

const stage = (name: string) => toStage(page, name);
const figures = async (list: entered.Figures, slot?: 'given') => {
  for (const [label, value] of list) await enter(page, label, value, slot ?? 'as fitted');
};
const days = (ago: number) => new Date(Date.now() - ago * 86_400_000);

test('a build without a name is not made', async () => {
  await page.getByRole('link', { name: /New build/ }).click();
  await page.getByRole('button', { name: 'Begin empty, or import a file' }).click();
  // A touch that comes before the page is alive is lost on a slow machine.
  await expect(async () => {
    await page.getByRole('button', { name: 'Make the build' }).click();
    await expect(page.getByText('Name must hold 1 to 80 characters.')).toBeVisible({ timeout: 3000 });
  }).toPass();
});

test('a build with a name opens', async () => {
  await page.getByLabel('Name', { exact: true }).fill('Lantern Cart');
  await page.getByLabel('What it is').fill('night market’s soup cart');
  await page.getByLabel('Kind').selectOption('trailer');
  await page.getByRole('button', { name: 'Make the build' }).click();
  await expect(page.getByRole('heading', { name: 'Lantern Cart' })).toBeVisible();
  id = /builds\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? '';
});

test('the survey tells how warm the heater holds the space', async () => {
  await figures(heater, 'given');
  await stage('Survey');
  await figures(survey, 'given');
  await section(page, 'Does it suit');
  await expect(page.getByText(/It holds 18 °C by working steadily from/)).toBeVisible();
});

test('a kit entered by file is looked at to the last part', async () => {
  await figures(people, 'given');
  await stage('Kit');
  await page.getByLabel('Parts, CSV').setInputFiles({ name: 'parts.csv', mimeType: 'text/csv', buffer: Buffer.from(partsCsv) });
  await expect(page.getByText('12 of 12 looked at')).toBeVisible();
  await figures(kit, 'given');
  await expect(page.getByText('Everything here holds.')).toBeVisible();
});

test('a heater that is sited, drilled and sealed leaves nothing open on its sheet', async () => {
  await stage('Siting');
  await figures(place);
  await figures(floor, 'given');
  await enter(page, 'Looked below the place', 'yes, and drawn', 'given');
  await section(page, 'Holes');
  await page.getByRole('button', { name: 'separate holes: exhaust, air, fuel, four studs' }).click();
  await section(page, 'Section');
  for (const [kind, thick] of [
    ['gasket', '3'],
    ['timber', '12'],
  ] as const) {
    await page.getByRole('button', { name: 'One layer more' }).click();
    const row = page.getByRole('region', { name: 'Stack-up' }).getByRole('listitem').last();
    await row.getByLabel(/^Is, /).selectOption({ label: kind });
    await row.getByLabel(/^Thick, /).fill(thick);
    await row.getByLabel(/^Thick, /).press('Enter');
  }
  await enter(page, 'Studs', 'M6', 'given');
  await enter(page, 'Clamp or hose end, width', '12', 'given');
  await enter(page, 'Tapped holes', 'none', 'given');
  await figures(bolting);
  await section(page, 'Sealants');
  await page.getByRole('button', { name: /^Every seal that is owed/ }).click();
  for (const where of [
    'round the plate',
    'at the exhaust’s joint on the burner',
    'round the exhaust’s hole',
    'round the combustion air’s hole',
    'round the fuel line’s hole',
  ]) {
    await fillInstant(page, `Put on, ${where}`, days(4));
    await page.getByLabel(`Needs, ${where}`).fill('24');
    await page.getByLabel(`Needs, ${where}`).press('Enter');
    await page.getByLabel(`More of ${where}`).click();
    await fillInstant(page, `Hard since, ${where}`, days(3));
  }
  await expect(page.getByText('Everything here holds.')).toBeVisible();
  await settled(page);
});

test('a joint that was wiped waits for the fire before it can be called dry', async () => {
  await stage('Fuel');
  await figures(fuel);
  await figures(tank, 'given');
  await figures(held);
  await section(page, 'Line');
  await page.getByRole('button', { name: 'Begin with the two rough lengths' }).click();
  // Drawn with rises and lengths; what it passes and its clips stand in the list.
  await page.getByRole('button', { name: 'As a list' }).click();
  for (const [name, clips] of [
    ['tank to pump', '2'],
    ['pump to heater', '7'],
  ] as const) {
    await page.getByLabel(`Passes, ${name}`).selectOption({ label: 'inside the body' });
    await page.getByLabel(`Clips, ${name}`).fill(clips);
    await page.getByLabel(`Clips, ${name}`).press('Enter');
  }
  // A joint that was wiped waits for the fire: nothing can be called dry before it.
  await section(page, 'Leaks');
  await page.getByRole('button', { name: 'One joint more' }).click();
  await page.getByLabel('More of joint 1').click();
  await fillInstant(page, 'Wiped dry, joint 1', days(2));
  await expect(page.getByText('look with the heater warm, once a start has reached full output')).toBeVisible();
  await expect(page.getByRole('button', { name: 'dry', exact: true })).toHaveCount(0);
});

test('a finding follows a figure while it is typed, before anything is kept', async () => {
  await section(page, 'Filter and pump');
  const angle = page.getByLabel(/^Pump angle, outlet up, as fitted/);
  await angle.fill('8');
  await expectLevel(page, 'fuel.pump.angle', 'fix');
  await expect(page.locator('[data-finding="fuel.pump.angle"]')).toContainText('Pump lies at 8°');
  await angle.press('Escape');
});

test('a line in quick entry is kept as fitted', async () => {
  await page.getByLabel('Quick entry').fill('pump 25 deg');
  await page.getByLabel('Quick entry').press('Enter');
  await expect(page.getByText('Kept: Pump angle, outlet up 25 deg, as fitted')).toBeVisible();
  await expect(page.getByText('Everything here holds.')).toBeVisible();
});

test('a fuse too far from the battery post is told in millimetres', async () => {
  await stage('Air');
  await figures(air);
  await stage('Wiring');
  await figures(wiring);
  await enter(page, 'Cable will be at', '20', 'given');
  await expect(page.locator('[data-finding="wiring.fuse.place"]')).toContainText('320 mm');
  await expectLevel(page, 'wiring.cable.ampacity', 'sound');
});

test('a duct from the heater with a way back for its air holds', async () => {
  await stage('Warmth');
  await enter(page, 'The heater warms', 'air, led by ducts', 'given');
  await page.getByRole('button', { name: 'Enter the first duct' }).click();
  await page.getByLabel('Length, first duct, m').fill('0.8');
  await page.getByLabel('Bore, first duct, mm').fill('75');
  await page.getByLabel('Bore, first duct, mm').blur();
  await expectLevel(page, 'duct.open', 'sound');
  await section(page, 'Ways back');
  await page.getByRole('button', { name: 'One way back more' }).click();
  const back = page.getByRole('region', { name: 'Ways back for the air' }).getByRole('listitem');
  await back.getByLabel(/^Long,/).fill('180');
  await back.getByLabel(/^Wide,/).fill('60');
  await back.getByLabel(/^Covered,/).fill('0');
  await back.getByLabel(/^Covered,/).blur();
  await expectLevel(page, 'duct.return', 'sound');
});

test('the priming count ends where fuel is seen at the heater', async () => {
  await stage('Priming');
  await figures([
    ['Filter holds', '0.5'],
    ['Filled by syringe before', '9.8'],
    ['Pump frequency while priming', '10'],
  ]);
  await section(page, 'Count strokes');
  await page.clock.install();
  // Stood still, so that a slow machine adds no strokes of its own.
  await page.clock.pauseAt(Date.now() + 5000);
  await page.getByRole('button', { name: 'Pump runs: start counting' }).click();
  await page.clock.runFor(13200);
  await expect(page.locator('[data-strokes]')).toHaveAttribute('data-strokes', /^13[12]$/);
  await expect(page.locator('[data-front="pressure"]')).toHaveCount(1);
  await page.getByRole('button', { name: 'fuel seen at the heater' }).click();
  await page.clock.resume();
  await page.getByRole('button', { name: 'no bubbles in the line' }).click();
  await expectLevel(page, 'priming.air', 'sound');
  await section(page, 'Runs kept');
  await expect(page.getByRole('cell', { name: 'fuel seen at the heater' })).toBeVisible();
  await settled(page);
});

test('a controller that was gone through leaves nothing open on its sheet', async () => {
  await stage('Controller');
  await expectLevel(page, 'controller.mode', 'open');
  await enter(page, 'Controller, gone through', 'all as it should be');
  await expect(page.getByText('Everything here holds.')).toBeVisible();
});

test('a start log of nonsense is refused by its line', async () => {
  await stage('First start');
  await page
    .getByLabel('Start log, CSV')
    .setInputFiles({ name: 'nonsense.csv', mimeType: 'text/csv', buffer: Buffer.from('seconds,volts\n5,lots\n') });
  await expect(page.getByText('Line 2: volts is “lots”; allowed is 0 to 40 V.')).toBeVisible();
});

test('a start log gives the seconds to ignition', async () => {
  await fillInstant(page, 'The log began', days(1.5));
  await page
    .getByLabel('Start log, CSV')
    .setInputFiles({ name: 'start.csv', mimeType: 'text/csv', buffer: Buffer.from(startLog) });
  await expect(page.locator('[data-derived="start.ignitionS"]')).toContainText('113');
});

test('what exhaust and line showed is written down with its hour, and the sound at the pillow', async () => {
  await expectLevel(page, 'start.smoke', 'open');
  await fillInstant(page, 'Seen at', days(1.5 - 20 / 1440));
  await page.getByRole('button', { name: 'exhaust clear' }).click();
  await expectLevel(page, 'start.smoke', 'sound');
  await page.getByRole('button', { name: 'no bubbles in the line' }).click();
  await expectLevel(page, 'start.bubbles', 'sound');
  await section(page, 'Noise');
  const entry = page.getByRole('region', { name: 'A level of sound' });
  await chooseSound(page);
  await entry.getByLabel('Meter shows, dB').fill('28');
  await entry.getByRole('button', { name: 'at the pillow or seat' }).click();
  await expectLevel(page, 'start.noise', 'sound');
});

test('a surface hotter than any thermometer reads is asked back', async () => {
  await section(page, 'Hot spots');
  // Surfaces, read in the last minutes at full output and written down now.
  const surfaces = page.getByLabel('A surface by thermometer');
  await surfaces.getByLabel('Thermometer shows, °C').fill('700');
  await surfaces.getByRole('button', { name: 'at the mounting plate' }).click();
  await expect(surfaces.getByText('Surface: “700” is out of range; allowed is −40 to 600 °C.')).toBeVisible();
});

test('hot spots are open until all three places were read', async () => {
  const surfaces = page.getByLabel('A surface by thermometer');
  await fillInstant(page, 'Read at', days(1.5 - 20 / 1440));
  await surfaces.getByLabel('What bears least there').click();
  await page.getByRole('option', { name: 'timber or plywood' }).click();
  for (const place of ['floor or shelf', 'mounting plate', 'body round the exhaust’s hole']) {
    await expectLevel(page, 'start.hotspots', 'open');
    await surfaces.getByLabel('Thermometer shows, °C').fill('43');
    await surfaces.getByRole('button', { name: `at the ${place}` }).click();
  }
  await expectLevel(page, 'start.hotspots', 'sound');
  await expect(page.getByText('Everything here holds.')).toBeVisible();
});

test('an opening high and one low are held against the floor plan as they are entered', async () => {
  await stage('Proving');
  await section(page, 'Openings');
  const openings = page.getByRole('region', { name: 'Openings for air' }).getByRole('listitem');
  for (const [i, [sits, wide, high]] of [['high', '300', '150'] as const, ['low', '150', '100'] as const].entries()) {
    await page.getByRole('button', { name: 'One opening for air more' }).click();
    await openings
      .nth(i)
      .getByLabel(/^Sits,/)
      .selectOption(sits);
    await openings
      .nth(i)
      .getByLabel(/^Wide,/)
      .fill(wide);
    await openings
      .nth(i)
      .getByLabel(/^High,/)
      .fill(high);
    await openings
      .nth(i)
      .getByLabel(/^High,/)
      .blur();
  }
  await expectLevel(page, 'vent.area.high', 'sound');
  await expectLevel(page, 'vent.area.low', 'sound');
  await expectLevel(page, 'vent.blocked', 'sound');
});

test('a meter at zero and two looks at the joint leave nothing open', async () => {
  await section(page, 'Carbon monoxide');
  await figures([
    ['Carbon monoxide alarm in the space', 'yes'],
    ['Its test button sounded it', 'yes'],
    ['Sited by its own instructions', 'yes'],
  ]);
  await chooseCoSetting(page);
  await page.getByLabel('Meter shows, ppm').fill('0');
  await page.getByRole('button', { name: 'at the pillow' }).click();
  await section(page, 'Exhaust joints');
  await fillInstant(page, 'Seen at', days(1.5 - 21 / 1440));
  await page.getByRole('button', { name: 'exhaust joints tight, by soap water' }).click();
  await expectLevel(page, 'leak.exhaust', 'sound');
  await section(page, 'Fuel joints');
  // Lit the day before yesterday: both looks at the joint are due.
  await page.getByRole('button', { name: 'dry', exact: true }).click();
  await expect(page.getByText('Due: look after the night')).toBeVisible();
  await page.getByRole('button', { name: 'dry', exact: true }).click();
  await expect(page.getByText('all seen')).toBeVisible();
  await expect(page.getByText('Everything here holds.')).toBeVisible();
});

test('who lives with it is told how, and finds the notices where they are needed', async () => {
  await stage('Sign-off');
  await section(page, 'Hand-over');
  await figures(
    [
      ['Owner’s instructions', 'given, and shown at the heater'],
      ['Notices where they are needed', 'at the filler, and how to stop it'],
    ],
    'given',
  );
  await expectLevel(page, 'handover.instructions', 'sound');
  await expectLevel(page, 'handover.label', 'sound');
});

test('a waiver needs a reason of 10 characters', async () => {
  await stage('Sign-off');
  await expect(page.getByText('It can’t be signed yet.')).toBeVisible();
  await page
    .getByRole('main')
    .locator('[data-finding="wiring.fuse.place"]')
    .getByRole('button', { name: 'Waive with a reason' })
    .click();
  await page.getByLabel('Why it may stay as it is').fill('short');
  await page.getByRole('button', { name: 'Waive it' }).click();
  await expect(page.getByText('at least 10 are needed')).toBeVisible();
});

test('what is waived is no longer to be fixed', async () => {
  await page.getByLabel('Why it may stay as it is').fill('Sheathed in its own conduit up to the fuse.');
  await page.getByRole('button', { name: 'Waive it' }).click();
  await expect(page.getByLabel('Why it may stay as it is')).toHaveCount(0);
});

test('a rule pack is chosen; what it lacks is photographed, or answered for', async () => {
  await section(page, 'Evidence');
  await expect(page.getByLabel('Rule pack')).toContainText('Leisure vehicle, Europe');
  await page.getByRole('button', { name: 'Go by this pack' }).click();
  await expect(page.getByText('3 of 8 rules still want something.')).toBeVisible();
  const alarm = page.getByRole('listitem').filter({ hasText: 'A carbon monoxide alarm by EN 50291-2' });
  await alarm.locator('input[type=file]').last().setInputFiles('docs/screenshots/fuel.png');
  await expect(page.getByText('2 of 8 rules still want something.')).toBeVisible();
  for (const left of [1, 0]) {
    await page
      .getByRole('button', { name: /^Answer for rule/ })
      .first()
      .click();
    await page.getByLabel('What was seen, or why').fill('Looked at by two of us, with a torch.');
    await page.getByRole('button', { name: 'Keep this answer' }).click();
    await expect(page.getByText(left > 0 ? '1 of 8 rules still want something.' : /^All 8 rules have evidence/)).toBeVisible();
  }
  await section(page, 'Signature');
  await expect(page.getByText('Nothing stands in the way of the signature.', { exact: true }).first()).toBeVisible();
});

test('nobody signs under a name that is not signed in', async () => {
  const pad = page.getByLabel('Draw your signature here');
  await pad.scrollIntoViewIfNeeded();
  const box = await pad.boundingBox();
  if (!box) throw new Error('no pad');
  await page.mouse.move(box.x + 40, box.y + 100);
  await page.mouse.down();
  for (let i = 0; i < 12; i += 1) await page.mouse.move(box.x + 40 + i * 25, box.y + (i % 2 ? 60 : 130), { steps: 3 });
  await page.mouse.up();
  await page.getByLabel('Name, typed in full').fill('Somebody Else');
  await page.getByRole('button', { name: 'Sign and lock this build' }).click();
  await expect(page.getByText(/must be the name that is signed in, Odile Farrow/)).toBeVisible();
});

test('a signed build is proven in all twelve stages', async () => {
  await page.getByLabel('Name, typed in full').fill('Odile Farrow');
  await page.getByRole('button', { name: 'Sign and lock this build' }).click();
  await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
  await expect(page.getByRole('img', { name: '12 of 12 stages proven' })).toBeVisible();
});

test('the certificate is a PDF named after the build', async () => {
  await section(page, 'Papers and record');
  const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Certificate (PDF)' }).click()]);
  expect(pdf.suggestedFilename()).toBe('lantern-cart.pdf');
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('the build file holds the signature and the waiver', async () => {
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Build file (JSON)' }).click(),
  ]);
  text = readFileSync(await file.path(), 'utf8');
  const read = parseBuildFile(text);
  const document = read.ok ? read.value.build : null;
  expect([document?.id, document?.signatures.length, document?.waivers.length]).toEqual([id, 1, 1]);
});

test('a locked figure can’t be typed', async () => {
  await stage('Fuel');
  await section(page, 'Filter and pump');
  await expect(page.getByLabel(/^Pump angle, outlet up, as fitted/)).toHaveAttribute('readonly', '');
});

test('a correction bears its reason in the ledger', async () => {
  await stage('Sign-off');
  await page.getByLabel('Reason for the correction').fill('read from the wrong side');
  await page.getByRole('button', { name: 'Unlock for a correction' }).click();
  await stage('Fuel');
  await enter(page, 'Pump angle, outlet up', '26');
  await expect(page.getByText(/CORRECTION \(read from the wrong side\)/)).toBeVisible();
  await expect(page.getByText('Corrected since it was signed')).toBeVisible();
});

test('a file of a build that is kept already goes in as a copy only', async () => {
  await page.goto('/builds/new');
  await page.getByRole('button', { name: 'Begin empty, or import a file' }).click();
  await page
    .getByLabel('Build file (JSON)')
    .setInputFiles({ name: 'cart.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await page.getByRole('button', { name: 'Import it' }).click();
  await expect(page.getByText(/is kept already; import the file as a copy/)).toBeVisible();
});

test('a file with a figure out of range is refused by that figure', async () => {
  await page.getByLabel('Build file (JSON)').setInputFiles({
    name: 'cart.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('"pumpAngleDeg": {\n        "fitted": 25', '"pumpAngleDeg": {\n        "fitted": 250')),
  });
  await page.getByRole('button', { name: 'Import it' }).click();
  await expect(
    page.getByText('Pump angle, outlet up (sheets.fuel.pumpAngleDeg.fitted) is 250; allowed is -90 to 90 deg.'),
  ).toBeVisible();
});

test('a fitter at another device sees the build without having been told', async ({ browser }) => {
  const other = await (await browser.newContext()).newPage();
  await signInByHand(other, 'bram');
  await expect(other.getByRole('link', { name: /Lantern Cart/ }).first()).toBeVisible();
});
