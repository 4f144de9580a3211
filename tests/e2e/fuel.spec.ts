import { readFileSync } from 'node:fs';
import { expect, test, type Page } from './silent';
import type { Build } from '../../core/build/Build';
import { copyOf, demoId, did, enter, expectLevel, newBuild, open, openRun, section, settled, signIn, soundCopy } from './people';

const finding = (page: Page, id: string) => page.locator(`[data-finding="${id}"]`);
const kept = async (page: Page, id: string) => (await (await page.request.get(`/api/builds/${id}/file`)).json()) as Build;
const rowsOf = async (page: Page, id: string) => (await kept(page, id)).lists?.segments ?? [];
/** Where a joint handle of the drawing lies. */
async function middle(page: Page, selector: string) {
  const box = await page.locator(selector).first().boundingBox();
  if (!box) throw new Error(`${selector} is not there`);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

test('a line that is fine in May fails in January: the map says where its border lies, and sliders try other weather', async ({
  page,
}) => {
  await signIn(page, 'odile');
  await open(page, `/builds/${demoId(4)}/fuel/pressure`);
  await expect(page.getByText(/This run is good to −1\d °C on road diesel, grade F \(winter\)/).first()).toBeVisible();
  await expectLevel(page, 'fuel.suction.pressure', 'fix');
  // Worked out in the worker, within its limit.
  const map = page.locator('[data-map]');
  // Best of three: what another test takes of the machine is not the map's.
  let tookMs = Infinity;
  for (let attempt = 0; attempt < 3 && tookMs >= 200; attempt += 1) {
    if (attempt > 0) await page.reload();
    await expect(map).toBeVisible();
    tookMs = Math.min(tookMs, Number(await map.getAttribute('data-map')));
  }
  expect(tookMs).toBeLessThan(200);
  await expect(page.locator('[data-border]')).toHaveCount(1);
  const peak = async () => Number(await page.locator('[data-peak]').getAttribute('data-peak'));
  const cold = await peak();
  const slider = page.getByRole('slider', { name: 'Fuel at' });
  await slider.focus();
  for (let i = 0; i < 25; i += 1) await slider.press('ArrowRight');
  await expect(page.getByText('Back to this build’s own')).toBeVisible();
  expect(await peak()).toBeGreaterThan(cold + 20);
  await page.getByRole('button', { name: 'Back to this build’s own' }).click();
  expect(await peak()).toBe(cold);
});

test('the line is one thing on the drawing and in the table: dragged, split, added; findings follow; 60 frames a second', async ({
  page,
}) => {
  await signIn(page, 'odile');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/fuel/line`);
  await openRun(page);
  await page.getByRole('button', { name: 'As a list' }).click();
  const before = await rowsOf(page, id);
  const top = before.find(({ name }) => name === 'over the cross-member');
  if (!top) throw new Error('no such segment');
  const from = await middle(page, `[data-drag="${top.id}"]`);
  // How long each frame takes while the joint is dragged up and down; the browser draws at its own 60 a second.
  await page.evaluate(() => {
    const marks: number[] = [];
    (window as unknown as { frames: number[] }).frames = marks;
    const tick = (at: number) => {
      marks.push(at);
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x, from.y - 8, { steps: 4 });
  // Best of three: what another test takes of the machine is not the drawing's.
  let median = Infinity;
  for (let attempt = 0; attempt < 3 && median > 17.5; attempt += 1) {
    await page.evaluate(() => (window as unknown as { frames: number[] }).frames.splice(0));
    for (let i = 0; i < 40; i += 1) await page.mouse.move(from.x + (i % 5), from.y - 8 - (i % 8) * 3, { steps: 3 });
    const frames = await page.evaluate(() => [...(window as unknown as { frames: number[] }).frames]);
    const gaps = frames
      .slice(1)
      .map((at, i) => at - (frames[i] ?? at))
      .sort((a, b) => a - b);
    median = Math.min(median, gaps[Math.floor(gaps.length / 2)] ?? Infinity);
    console.log(
      `dragging: ${frames.length} frames, half of them within ${median.toFixed(1)} ms, nine of ten within ${(gaps[Math.floor(gaps.length * 0.9)] ?? 0).toFixed(1)} ms`,
    );
  }
  expect(median).toBeLessThan(17.5);
  await page.mouse.move(from.x, from.y - 30);
  // A high loop: the line falls behind the joint that was pulled up, and the finding says so before the hand lets go.
  await expect(finding(page, 'fuel.line.route')).toContainText('high loop after “over the cross-member”');
  await page.mouse.up();
  await settled(page);
  const after = await rowsOf(page, id);
  const rise = (rows: typeof before) => rows.reduce((sum, { riseMm }) => sum + (riseMm ?? 0), 0);
  expect(after.find((row) => row.id === top.id)?.riseMm).toBeGreaterThan((top.riseMm ?? 0) + 50);
  expect(rise(after)).toBe(rise(before));

  // Split in the table, and by touching the drawing twice.
  await page.getByLabel('Name, along the sill').click();
  await page.getByRole('button', { name: 'Split “along the sill” in the middle' }).click();
  await expect(page.getByLabel('Length, along the sill, on')).toHaveValue('1');
  const heater = await middle(page, `[data-segment="${before.find(({ name }) => name === 'through the floor')?.id}"]`);
  await page.mouse.dblclick(heater.x, heater.y);
  await expect(page.getByLabel('Name, through the floor, on')).toBeVisible();
  await page.getByRole('button', { name: 'One segment more' }).click();
  await settled(page);
  const all = await rowsOf(page, id);
  expect(all).toHaveLength(before.length + 3);
  expect(all.filter(({ lengthM }) => lengthM !== undefined).reduce((sum, { lengthM }) => sum + (lengthM ?? 0), 0)).toBeCloseTo(
    after.reduce((sum, { lengthM }) => sum + (lengthM ?? 0), 0),
    6,
  );

  // By keyboard alone the pump goes up, and its two segments follow.
  await page.locator('[data-part="pump"]').focus();
  await page.keyboard.press('Shift+ArrowUp');
  await settled(page);
  expect((await kept(page, id)).sheets.fuel.pumpAboveTankFloorMm.planned).toBe(160);
});

test('the line and the floor’s layers are typed where they are drawn', async ({ page }) => {
  await signIn(page, 'odile');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/fuel/line`);
  const rise = page.getByLabel(/^Rises by, along the sill/);
  await rise.fill('-1200');
  await rise.press('Enter');
  await settled(page);
  expect((await rowsOf(page, id)).find(({ name }) => name === 'along the sill')?.riseMm).toBe(-1200);
  await expect(page.getByRole('img', { name: /along the sill, [\d.]+ m, falls 1200 mm/ })).toBeVisible();
  await rise.fill('9 pints');
  await expect(page.getByRole('alert').filter({ hasText: 'Fuel line, rises by: “9 pints”' })).toBeVisible();
  await rise.press('Escape');
  await open(page, `/builds/${id}/siting/stack`);
  const layer = page.locator('[data-cell^="stack/"] input').first();
  await layer.fill('7.5');
  await layer.press('Enter');
  await settled(page);
  expect((await kept(page, id)).lists?.stack?.map(({ thicknessMm }) => thicknessMm)).toContain(7.5);
});

test('segments change places by keys alone, and the run with them', async ({ page }) => {
  await signIn(page, 'odile');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/fuel/line`);
  await page.getByRole('button', { name: 'As a list' }).click();
  const names = () =>
    page
      .locator('[data-row]')
      .evaluateAll((rows) => rows.map((row) => (row.getAttribute('aria-label') ?? '').replace(/^segment \d+: /, '')));
  const before = await names();
  await page.getByRole('button', { name: 'Move along the sill', exact: true }).focus();
  await page.keyboard.press('Space');
  await page.waitForTimeout(300);
  await page.keyboard.press('ArrowUp');
  await page.waitForTimeout(300);
  await page.keyboard.press('Space');
  await settled(page);
  expect(await names()).toEqual([before[1], before[0], ...before.slice(2)]);
});

test('bad figures are told in one sentence each, and what can’t be is never reckoned with', async ({ page }) => {
  await signIn(page, 'odile');
  const fresh = await copyOf(page.request, 3);
  await open(page, `/builds/${fresh}/fuel/line`);
  await page.getByRole('button', { name: 'As a list' }).click();
  await page.getByLabel('More of along the bulkhead').click();
  const type = async (label: string, text: string) => {
    await page.getByLabel(new RegExp(`^${label}`)).fill(text);
    await page.getByLabel(new RegExp(`^${label}`)).press('Enter');
  };
  await type('Bore, along the bulkhead', '0');
  await expect(page.getByText('Fuel line, bore is 0 mm; allowed is 0.5 to 15 mm.')).toBeVisible();
  await page.getByLabel(/^Bore, along the bulkhead/).press('Escape');
  await type('Clips, along the bulkhead', '1000');
  await expect(page.getByText('Fuel line, clips is 1000; allowed is a whole number from 0 to 100.')).toBeVisible();
  await page.getByLabel(/^Clips, along the bulkhead/).press('Escape');
  await type('Rises by, along the bulkhead', '1900');
  await expect(finding(page, 'fuel.figures')).toContainText(
    '“along the bulkhead” is 1.4 m long and rises 1900 mm; allowed is up to its length, 1400 mm',
  );
  await type('Rises by, along the bulkhead', '90');
  await enter(page, 'Fuel standing in it', '900');
  await expect(finding(page, 'fuel.figures')).toContainText('900 mm in a tank that is 340 mm high; allowed is up to 340 mm');
  await enter(page, 'Fuel standing in it', '200');
  await enter(page, 'Tank’s shape', 'by a dip table', 'given');
  for (const [level, litres] of [
    ['170', '20'],
    ['340', '18'],
  ] as const) {
    await page.getByRole('button', { name: 'One dip more' }).click();
    const row = page.getByRole('region', { name: 'Dip table' }).getByRole('listitem').last();
    await row.getByLabel(/^Fuel stands at/).fill(level);
    await row.getByLabel(/^Fuel stands at/).press('Enter');
    await row.getByLabel(/^It then holds/).fill(litres);
    await row.getByLabel(/^It then holds/).press('Enter');
  }
  await expect(finding(page, 'fuel.figures')).toContainText('from 20 L at 170 mm to 18 L at 340 mm; each row must hold more');
  await expect(page.getByText(/Before the dip chart can be drawn: Enter a dip table in which each row holds more/)).toBeVisible();
  const refused = await page.request.get(`/api/builds/${fresh}/dip-strip?paper=A4`);
  expect([refused.status(), await refused.text()]).toEqual([
    409,
    expect.stringContaining('There is no dip strip yet. Enter a dip table in which each row holds more'),
  ]);
  expect((await page.request.get(`/api/builds/${fresh}/dip-strip?paper=A9`)).status()).toBe(400);
});

test('a tee under pressure, and petrol, are refused; five sources each tell their steps', async ({ page }) => {
  await signIn(page, 'odile');
  const id = await newBuild(page.request, `Source Test ${Date.now() % 1e6}`);
  await open(page, `/builds/${id}/fuel`);
  for (const [way, step] of [
    ['the kit’s own tank', /Find it a place outside/],
    ['a separate tank', /Ask the inspector which certificate/],
    ['a standpipe in the vehicle’s tank', /Measure the true depth at that very spot/],
    ['a branch in the vehicle’s return', /Find the return by the vehicle’s manual/],
    ['a tee in the vehicle’s feed', /Prove that the feed stands at low pressure/],
  ] as const) {
    await enter(page, 'Fuel comes from', way, 'given');
    await page.getByRole('button', { name: /^How .* is done/ }).click();
    await expect(page.getByText(step)).toBeVisible();
    await page.getByRole('button', { name: /^How .* is done/ }).click();
  }
  await settled(page);
  await open(page, `/builds/${id}/survey`);
  await enter(page, 'The vehicle’s feed stands', 'under pressure', 'given');
  await enter(page, 'The engine burns', 'petrol', 'given');
  await settled(page);
  await open(page, `/builds/${id}/fuel`);
  await expectLevel(page, 'fuel.source.pressure', 'stop');
  await expectLevel(page, 'fuel.source.legal', 'stop');
  await section(page, 'Leaks');
  await expect(page.getByRole('button', { name: /Ready to close up\? held/ })).toBeVisible();
});

test('what goes on paper: dip strip, cut list; the look after the night waits in the bay', async ({ page }) => {
  await signIn(page, 'bram');
  // Wiped and lit a day ago: the look when warm is made, the one after the night is due, in the bay and on every sheet.
  const lit = await soundCopy(page.request);
  const { lists } = (await (await page.request.get(`/api/builds/${lit}/file`)).json()) as Build;
  const joint = lists?.leaks?.[0];
  await did(page.request, lit, {
    kind: 'rows',
    changes: [{ list: 'leaks', row: joint?.id, action: 'set', column: 'nightFound', from: 'dry', to: null }],
  });
  await page.goto('/?find=Test%20Barrow');
  await expect(page.getByText(/Due: look for leaks, after the night|look for leaks/).first()).toBeVisible();
  await open(page, `/builds/${lit}/air`);
  await expect(page.getByRole('note', { name: 'Joints to be looked at' })).toContainText('Look after the night at 1 joint');
  await open(page, `/builds/${demoId(3)}/fuel/tank`);
  await page.getByRole('button', { name: /^Dip chart/ }).click();
  const [strip] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Dip strip at true scale, A4' }).click(),
  ]);
  expect(
    readFileSync(await strip.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await section(page, 'Line');
  await page.getByRole('button', { name: /^Cut list/ }).click();
  const [list] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download cut list (CSV)' }).click(),
  ]);
  expect(readFileSync(await list.path(), 'utf8')).toContain('piece,along the bulkhead,2,2265,1');
  await section(page, 'First fill');
  await expect(page.getByText(/Nine times of ten the first fill takes/)).toBeVisible();
});
