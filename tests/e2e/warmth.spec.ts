import { readFileSync } from 'node:fs';
import { copyOf, expectInLedger, expectLevel, open, settled, signIn } from './people';
import { expect, test, type Page } from './silent';

const end = (page: Page, name: string) => page.getByRole('slider', { name: new RegExp(`^Far end of ${name};`) });
const airOf = async (page: Page, name: string): Promise<number> =>
  Number(/(\d+) m³\/h/.exec((await end(page, name).getAttribute('aria-valuetext')) ?? '')?.[1]);

test('an outlet that is shut by its key sends its air to the others; what would be if is told and changes nothing', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/warmth`);
  const before = await airOf(page, 'by the heater');
  await end(page, 'cab').click();
  await page.getByRole('button', { name: 'Shut “cab”', exact: true }).click();
  await settled(page);
  await expect(end(page, 'cab')).toHaveAttribute('aria-valuetext', 'cab: shut');
  expect(await airOf(page, 'by the heater')).toBeGreaterThan(before);
  await expectInLedger(page, /cab, closed by/);
  await page.getByLabel('What if', { exact: true }).selectOption('If every outlet is shut that can be');
  await expect(end(page, 'rear bench')).toHaveAttribute('aria-valuetext', 'rear bench: shut');
  await page.getByLabel('What if', { exact: true }).selectOption('As it stands');
  await expect(end(page, 'rear bench')).not.toHaveAttribute('aria-valuetext', 'rear bench: shut');
});

test('the end of a duct that nobody has measured is dragged: its length and the flows follow before it is let go', async ({
  page,
}) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 4);
  await open(page, `/builds/${id}/warmth`);
  await page.getByLabel('Length, cab, m').fill('');
  await page.getByLabel('Length, cab, m').blur();
  await settled(page);
  await end(page, 'cab').scrollIntoViewIfNeeded();
  const before = await airOf(page, 'cab');
  const box = await end(page, 'cab').boundingBox();
  if (!box) throw new Error('no end');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 20, y, { steps: 3 });
  await page.mouse.move(x - 320, y, { steps: 6 });
  await expect.poll(() => airOf(page, 'cab')).toBeLessThan(before);
  await page.mouse.up();
  await settled(page);
  await expectInLedger(page, /far end, from the floor’s front/);
});

test('a starved way back is told with the holes that would do, and cleared by cutting them', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 2);
  await open(page, `/builds/${id}/warmth/returns`);
  await expectLevel(page, 'duct.return', 'fix');
  await expect(page.getByText(/34\.9 cm² are missing\. Holes of 1 × 60 mm and 1 × 35 mm would give 37\.9 cm²/)).toBeVisible();
  for (const [name, across] of [
    ['hole 1', '60'],
    ['hole 2', '35'],
  ] as const) {
    await page.getByRole('button', { name: 'One way back more' }).click();
    const row = page.getByRole('region', { name: 'Ways back for the air' }).getByRole('listitem').last();
    await row.getByLabel(/^Name/).fill(name);
    await row.getByLabel(/^Is,/).selectOption('drilled hole');
    await row.getByLabel(/^Across,/).fill(across);
    await row.getByLabel(/^Covered,/).fill('0');
    await row.getByLabel(/^Covered,/).blur();
    await settled(page);
  }
  await expectLevel(page, 'duct.return', 'sound');
});

test('the ducts leave as a network file', async ({ page }) => {
  await signIn(page, 'ines');
  await open(page, '/builds/5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e01/warmth');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Ducts as a network file (.inp)' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('page-turner-no-3-ducts.inp');
  expect(readFileSync(await file.path(), 'utf8')).toMatch(/BLOWER\tSUCTION\tHEATER\tHEAD 1/);
});

test('a loop whose feed and return are swapped, with air at the heater, is put right part by part', async ({ page }) => {
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/warmth/loop`);
  await expectLevel(page, 'coolant.order', 'fix');
  await expectLevel(page, 'coolant.air', 'fix');
  await page.getByRole('button', { name: 'More of heater', exact: true }).click();
  await page.getByLabel('Flow goes through it, heater').selectOption('as it should');
  await page.getByLabel('Bled at its high end, heater').selectOption('yes');
  await settled(page);
  await expectLevel(page, 'coolant.order', 'sound');
  await expectLevel(page, 'coolant.air', 'sound');
  // What the cabin gets follows what its matrix is said to give.
  await page.getByRole('button', { name: /^Round the loop/ }).click();
  const toCabin = async () => Number(/([\d.]+) kW to the cabin/.exec(await page.getByText(/kW to the cabin/).innerText())?.[1]);
  const before = await toCabin();
  await page.getByRole('button', { name: 'More of cabin matrix', exact: true }).click();
  await page.getByLabel('Gives, coolant 60 K hotter, cabin matrix, kW').fill('1');
  await page.getByLabel('Gives, coolant 60 K hotter, cabin matrix, kW').blur();
  await settled(page);
  expect(await toCabin()).toBeLessThan(before);
  // A step of filling that is done stays done, with its time.
  await page.getByRole('button', { name: /^Filling and bleeding/ }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await settled(page);
  await expectInLedger(page, /flushed/);
  await page.getByRole('button', { name: /^cabin matrix, / }).click();
  await expect(page.getByRole('listitem', { name: /: cabin matrix$/ })).toHaveClass(/lit/);
});
