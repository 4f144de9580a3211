import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { parseBuildFile } from '../../core/build/buildFile';
import { chooseCoSetting, enter, settled, signIn } from './people';

type Figures = [string, string][];
const heater: Figures = [
  ['Output on the label', '2'],
  ['Supply', '12 V'],
  ['Pump dose, a stroke', '0,022'],
  ['Lowest pump frequency', '1.2'],
  ['Highest pump frequency', '4'],
  ['Current while starting', '10'],
  ['Glow time at a start', '90 s'],
  ['Current while running', '1.4'],
  ['Highest place it will run', '600'],
  ['Coldest the fuel will be', '-5'],
  ['Fuel', 'Road diesel, grade F (winter)'],
  ['Hours of heat in a night', '8'],
];
const survey: [string, string][] = [
  ['Wanted inside', '18'],
  ['Coldest night', '-8'],
  ['Usual night', '0'],
  ['Air in the space', '14'],
  ['Air changes an hour', '1'],
  ['Walls', '14'],
  ['Walls are', 'ply, 20 mm fleece, steel'],
  ['Roof', '7'],
  ['Roof is', 'ply, 20 mm fleece, steel'],
  ['Floor', '7'],
  ['Floor is', 'ply, 20 mm fleece, steel'],
  ['Windows', '2'],
  ['Windows are', 'single glass'],
  ['The engine burns', 'diesel'],
  ['The heater draws from', 'a tank of its own'],
  ['Taken from the vehicle', 'not at all'],
  ['The vehicle’s feed stands', 'there is none'],
  ['The heater will sit', 'inside'],
  ['The vehicle', 'stays on dry roads'],
  ['Pump and controller for', '12 V'],
];
const people: Figures = [
  ['People asleep inside', '0'],
  ['It will be inspected as', 'a leisure vehicle'],
  ['The inspector wants an approval mark', 'yes'],
  ['Wades to', '0'],
];
const kit: Figures = [
  ['Plate: voltage', '12 V'],
  ['Plate: fuel', 'diesel'],
  ['It takes the place of', 'no older heater'],
  ['Exhaust is', 'new'],
];
const partsCsv =
  'name,kind,state,mark,weak\nheater,heater,present,invented mark 3,\nfilter,filter,replaced,,thin-bodied filter\n' +
  ['pump', 'line', 'joiner', 'clip', 'tank', 'airHose', 'exhaust', 'harness', 'controller', 'alarm']
    .map((kind) => `${kind},${kind},present,,\n`)
    .join('');
const floor: Figures = [
  ['Floor, front to rear', '2.4 m'],
  ['Floor, left to right', '1600'],
  ['Heater, long', '320'],
  ['Heater, wide', '120'],
  ['Heater, high', '130'],
  ['Its maker lets it lie', 'flat only'],
  ['Warm-air duct, across', '75'],
];
const place: Figures = [
  ['Heater’s middle, from the front', '1200'],
  ['Heater’s middle, from the left', '80 cm'],
  ['Hot end turned to the left by', '90'],
  ['The heater lies', 'flat'],
  ['Clear in front of the air inlet', '400'],
  ['Clear at the hot end', '450'],
];
const bolting: Figures = [
  ['Studs, length below the foot', '30'],
  ['Shortest spigot below the foot', '36'],
  ['Screws, length below the head', '0'],
  ['Free above, to lift it out', '500'],
  ['It can be reached for service', 'yes'],
  ['Boxed in below the floor', 'no'],
  ['Loom and line pass through grommets', 'yes'],
  ['Pump lead through its slot in the plate', 'yes'],
  ['Hoses and exhaust on their spigots', 'yes'],
  ['Clamp heads', 'clear of the shroud'],
  ['Cut edges', 'deburred, primed, painted'],
];
const fuel: Figures = [
  ['Tank, length', '400'],
  ['Tank, inside height', '25 cm'],
  ['Fuel standing in it', '150'],
  ['Pickup', 'standpipe'],
  ['Pickup above tank floor', '30'],
  ['Suction line, tank to pump', '60 cm'],
  ['Bore, suction line', '2'],
  ['Filter', 'before the pump'],
  ['Filter’s arrow', 'with the flow'],
  ['Widest gap in a joint', '0'],
  ['Pump’s arrow', 'with the flow'],
  ['Pump inlet above tank floor', '60'],
  ['Line, pump to heater', '2,8 m'],
  ['Bore, pump to heater', '2'],
  ['Heater’s inlet above tank floor', '400'],
];
const tank: Figures = [
  ['Fuel comes from', 'a separate tank'],
  ['A second tank', 'none'],
  ['What is in it', 'fresh fuel from a pump'],
  ['Tank’s shape', 'a box'],
  ['Tank, inside width', '18 cm'],
  ['Tank, empty, weighs', '2.5'],
  ['Tank is lowered or lifted full', 'by one person'],
  ['Tank is', 'bought, with its certificate'],
  ['Room for it, length', '460'],
  ['Room for it, width', '230'],
  ['Room for it, height', '340'],
  ['Hole for the fitting', '8'],
  ['Fitting, across where it passes', '7.8'],
];
const held: Figures = [
  ['Tank stands', 'outside'],
  ['Guarded from sun and stones', 'yes'],
  ['Tank’s vent ends', 'outside and low, with a filter'],
  ['Tank is filled', 'from outside'],
  ['Tank is held by', 'straps or brackets that hold in a crash'],
  ['Pump hangs', 'in its rubber, on a bracket'],
];
const air: Figures = [
  ['Combustion air comes from', 'outside'],
  ['Intake pipe', '0.5'],
  ['Intake falls to its end', '60'],
  ['Intake end to exhaust end', '800'],
  ['The two ends point', 'opposite ways'],
  ['Exhaust pipe', '0.8'],
  ['Exhaust falls to its end', '90'],
  ['Exhaust end past the outline', '40'],
  ['Water in the exhaust', 'falls all the way'],
  ['Muffler’s drain hole', 'lowest'],
];
const wiring: Figures = [
  ['Feed comes from', 'leisure battery'],
  ['Battery', 'AGM or gel'],
  ['Capacity', '100'],
  ['Battery at rest', '12.7'],
  ['Battery’s own resistance', '10'],
  ['Feed, one way', '2.5'],
  ['Cable', '12 AWG'],
  ['Insulation rated', '85 to 90 °C'],
  ['Fuse holder and joints', '5'],
  ['Fuse', '15'],
  ['Fuse from battery post', '320'],
];
const startLog =
  'seconds,event,volts,amps,hertz,outlet_c\n0,,12.6,,,\n5,on,,,,\n25,glow,11.8,9.8,,8\n80,pump,,,1.6,\n118,flame,,,,20\n250,full,12.4,1.4,4,70\n700,,12.4,1.42,4,84\n1500,off,,,,\n1685,end,,,,\n';

test('from an empty build to a signed certificate and a build file that goes back in', async ({ page, browser }) => {
  test.setTimeout(240000);
  await signIn(page, 'odile');
  await page.getByRole('link', { name: /New build/ }).click();
  await page.getByRole('button', { name: 'Make the build' }).click();
  await expect(page.getByText('Give it a name of 1 to 80 characters.')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Lantern Cart');
  await page.getByLabel('What it is').fill('night market’s soup cart');
  await page.getByLabel('Kind').selectOption('trailer');
  await page.getByRole('button', { name: 'Make the build' }).click();
  await expect(page.getByRole('heading', { name: 'Lantern Cart' })).toBeVisible();
  // Awake: keys before that are nobody's (see `open`).
  await expect(page.getByRole('button', { name: /^(Night|Bright) theme$/ })).toBeVisible();
  const id = /builds\/([0-9a-f-]{36})/.exec(page.url())?.[1] ?? '';
  const stage = (name: string) =>
    page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('link', { name: new RegExp(`^${name}`) })
      .click();
  const figures = async (list: Figures, slot?: 'given') => {
    for (const [label, text] of list) await enter(page, label, text, slot ?? 'as fitted');
  };

  await figures(heater, 'given');
  await stage('Survey');
  await figures(survey, 'given');
  await expect(page.getByText(/It holds 18 °C by working steadily from/)).toBeVisible();
  await figures(people, 'given');
  await stage('Kit');
  await page.getByLabel('Parts, CSV').setInputFiles({ name: 'parts.csv', mimeType: 'text/csv', buffer: Buffer.from(partsCsv) });
  await expect(page.getByText('12 of 12 looked at')).toBeVisible();
  await figures(kit, 'given');
  await expect(page.getByText('Everything here holds.')).toBeVisible();
  await stage('Siting');
  await figures(place);
  await figures(floor, 'given');
  await enter(page, 'Looked below the place', 'yes, and drawn', 'given');
  await page.getByRole('button', { name: 'separate holes: exhaust, air, fuel, four studs' }).click();
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
  const days = (ago: number) => new Date(Date.now() - ago * 86_400_000).toISOString().slice(0, 16);
  await page.getByRole('button', { name: /^Every seal that is owed/ }).click();
  for (const where of [
    'round the plate',
    'at the exhaust’s joint on the burner',
    'round the exhaust’s hole',
    'round the combustion air’s hole',
    'round the fuel line’s hole',
  ]) {
    await page.getByLabel(`Put on, ${where}`).fill(days(4));
    await page.getByLabel(`Needs, ${where}`).fill('24');
    await page.getByLabel(`Needs, ${where}`).press('Enter');
    await page.getByLabel(`More of ${where}`).click();
    await page.getByLabel(`Found hard, ${where}`).fill(days(3));
  }
  await expect(page.getByText('Everything here holds.')).toBeVisible();
  await settled(page);
  await stage('Fuel');
  await figures(fuel);
  await figures(tank, 'given');
  await figures(held);
  await page.getByRole('button', { name: 'Begin with the two rough lengths' }).click();
  for (const [name, clips] of [
    ['tank to pump', '2'],
    ['pump to heater', '7'],
  ] as const) {
    await page.getByLabel(`Passes, ${name}`).selectOption({ label: 'inside the body' });
    await page.getByLabel(`Clips, ${name}`).fill(clips);
    await page.getByLabel(`Clips, ${name}`).press('Enter');
  }
  // A joint that was wiped waits for the fire: nothing can be called dry before it.
  await page.getByText('Leaks: wiped, warm, after a night').click();
  await page.getByRole('button', { name: 'One joint more' }).click();
  await page.getByLabel('More of joint 1').click();
  await page.getByLabel('Wiped dry, joint 1').fill(days(2));
  await expect(page.getByText('look with the heater warm, once a start has reached full output')).toBeVisible();
  await expect(page.getByRole('button', { name: 'dry', exact: true })).toHaveCount(0);
  // The finding follows as the figure is typed, before anything is kept.
  const angle = page.getByLabel(/^Pump angle, outlet up, as fitted/);
  await angle.fill('8');
  await expect(page.locator('[data-finding="fuel.pump.angle"]')).toHaveAttribute('data-level', 'fix');
  await expect(page.locator('[data-finding="fuel.pump.angle"]')).toContainText('Pump lies at 8°');
  await angle.press('Escape');
  await page.getByLabel('Quick entry').fill('pump 25 deg');
  await page.getByLabel('Quick entry').press('Enter');
  await expect(page.getByText('Kept: Pump angle, outlet up 25 deg, as fitted')).toBeVisible();
  await expect(page.getByText('Everything here holds.')).toBeVisible();
  await stage('Air');
  await figures(air);
  await stage('Wiring');
  await figures(wiring);
  await enter(page, 'Cable will be at', '20', 'given');
  await expect(page.locator('[data-finding="wiring.fuse.place"]')).toContainText('320 mm');
  await expect(page.locator('[data-finding="wiring.cable.ampacity"]')).toHaveAttribute('data-level', 'sound');

  await stage('Priming');
  await figures([
    ['Filter holds', '0.5'],
    ['Filled by syringe before', '9.8'],
    ['Pump frequency while priming', '10'],
  ]);
  await page.clock.install();
  // Stood still, so that a slow machine adds no strokes of its own.
  await page.clock.pauseAt(Date.now() + 5000);
  await page.getByRole('button', { name: 'Pump runs: start counting' }).click();
  await page.clock.runFor(13200);
  await expect(page.locator('[data-strokes]')).toHaveAttribute('data-strokes', /^13[12]$/);
  await expect(page.locator('[data-front="pressure"]')).toHaveCount(1);
  await page.getByRole('button', { name: 'fuel seen at the heater' }).click();
  await page.clock.resume();
  await expect(page.getByRole('cell', { name: 'fuel seen at the heater' })).toBeVisible();
  await settled(page);

  await stage('First start');
  await page
    .getByLabel('Start log, CSV')
    .setInputFiles({ name: 'nonsense.csv', mimeType: 'text/csv', buffer: Buffer.from('seconds,volts\n5,lots\n') });
  await expect(page.getByText('Line 2: volts is “lots”; allowed is 0 to 40 V.')).toBeVisible();
  await page.getByLabel('The log began').fill(days(1.5));
  await page
    .getByLabel('Start log, CSV')
    .setInputFiles({ name: 'start.csv', mimeType: 'text/csv', buffer: Buffer.from(startLog) });
  await expect(page.locator('[data-derived="start.ignitionS"]')).toContainText('113');
  // Surfaces, read in the last minutes at full output and written down now.
  const surfaces = page.getByLabel('A surface by thermometer');
  await surfaces.getByLabel('Thermometer shows, °C').fill('700');
  await surfaces.getByRole('button', { name: 'at the mounting plate' }).click();
  await expect(surfaces.getByText('Surface: “700” is out of range; allowed is −40 to 600 °C.')).toBeVisible();
  await surfaces.getByLabel('Read at').fill(days(1.5 - 20 / 1440));
  await surfaces.getByLabel('What bears least there').click();
  await page.getByRole('option', { name: 'timber or plywood' }).click();
  for (const place of ['floor or shelf', 'mounting plate', 'body round the exhaust’s hole']) {
    await expect(page.locator('[data-finding="start.hotspots"]')).toHaveAttribute('data-level', 'open');
    await surfaces.getByLabel('Thermometer shows, °C').fill('43');
    await surfaces.getByRole('button', { name: `at the ${place}` }).click();
  }
  await expect(page.locator('[data-finding="start.hotspots"]')).toHaveAttribute('data-level', 'sound');
  await expect(page.getByText('Everything here holds.')).toBeVisible();

  await stage('Proving');
  await figures([
    ['Carbon monoxide alarm in the space', 'yes'],
    ['Its test button sounded it', 'yes'],
    ['Sited by its own instructions', 'yes'],
  ]);
  await chooseCoSetting(page);
  await page.getByLabel('Meter shows, ppm').fill('0');
  await page.getByRole('button', { name: 'at the pillow' }).click();
  // Lit the day before yesterday: both looks at the joint are due.
  await page.getByRole('button', { name: 'dry', exact: true }).click();
  await expect(page.getByText('Due: look after the night')).toBeVisible();
  await page.getByRole('button', { name: 'dry', exact: true }).click();
  await expect(page.getByText('all seen')).toBeVisible();
  await expect(page.getByText('Everything here holds.')).toBeVisible();

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
  await page.getByLabel('Why it may stay as it is').fill('Sheathed in its own conduit up to the fuse.');
  await page.getByRole('button', { name: 'Waive it' }).click();
  await expect(page.getByText('Nothing stands in the way of the signature.', { exact: true }).first()).toBeVisible();
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
  await page.getByLabel('Name, typed in full').fill('Odile Farrow');
  await page.getByRole('button', { name: 'Sign and lock this build' }).click();
  await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
  await expect(page.getByRole('img', { name: '10 of 10 stages proven' })).toBeVisible();

  const [pdf] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Certificate (PDF)' }).click()]);
  expect(pdf.suggestedFilename()).toBe('lantern-cart.pdf');
  expect(
    readFileSync(await pdf.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Build file (JSON)' }).click(),
  ]);
  const text = readFileSync(await file.path(), 'utf8');
  const read = parseBuildFile(text);
  const document = read.ok ? read.value.build : null;
  expect([document?.id, document?.signatures.length, document?.waivers.length]).toEqual([id, 1, 1]);

  // Locked: figures can't be typed; a correction needs a reason and shows.
  await stage('Fuel');
  await expect(page.getByLabel(/^Pump angle, outlet up, as fitted/)).toHaveAttribute('readonly', '');
  await stage('Sign-off');
  await page.getByLabel('Reason for the correction').fill('read from the wrong side');
  await page.getByRole('button', { name: 'Unlock for a correction' }).click();
  await stage('Fuel');
  await enter(page, 'Pump angle, outlet up', '26');
  await expect(page.getByText(/CORRECTION \(read from the wrong side\)/)).toBeVisible();
  await expect(page.getByText('Corrected since it was signed')).toBeVisible();

  // The file goes back in as it was, in a workshop's other hands as well as here (where it is not overwritten).
  await page.goto('/builds/new');
  await page
    .getByLabel('Build file (JSON)')
    .setInputFiles({ name: 'cart.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await page.getByRole('button', { name: 'Import it' }).click();
  await expect(page.getByText(/is kept already; import the file as a copy/)).toBeVisible();
  await page.getByLabel('Build file (JSON)').setInputFiles({
    name: 'cart.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('"pumpAngleDeg": {\n        "fitted": 25', '"pumpAngleDeg": {\n        "fitted": 250')),
  });
  await page.getByRole('button', { name: 'Import it' }).click();
  await expect(
    page.getByText('Pump angle, outlet up (sheets.fuel.pumpAngleDeg.fitted) is 250; allowed is -90 to 90 deg.'),
  ).toBeVisible();
  // The fitter at the next bench sees it all without having been told.
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'bram');
  await expect(other.getByRole('link', { name: /Lantern Cart/ }).first()).toBeVisible();
});
