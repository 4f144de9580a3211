import { expect, test } from './silent';
import { signIn, signInAsSomebodyNew } from './people';

test('a case from its owner’s word to the two ways side by side: dangerous things told at once, by keys, once more with another seed', async ({
  page,
}) => {
  await signInAsSomebodyNew(page);
  await page.goto('/trainer');
  await expect(page.getByText('No case ended yet.').first()).toBeVisible();
  await page.getByRole('button', { name: 'A smell at night' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('“There is a smell in the van when it runs. My head aches in the morning.”')).toBeVisible();
  await page.getByRole('button', { name: 'Press start and watch (10 min)' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: 'You lit it with exhaust leaking in' })).toBeVisible();
  await expect(page.getByRole('figure')).toContainText(/In words: .*flame at/);
  await page.getByRole('button', { name: 'Other things one could do' }).click();
  await page.getByRole('button', { name: 'Put in a larger fuse' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'now the cable is the fuse' })).toBeVisible();
  await expect(page.getByText('dangerous: 2')).toBeVisible();
  await page.getByRole('group', { name: 'Look at' }).getByRole('button', { name: 'Exhaust', exact: true }).click();
  await page.getByRole('button', { name: /brush soap water/ }).click();
  await page.getByLabel('It is').selectOption({ label: 'the exhaust leaks' });
  await page.getByRole('button', { name: 'Mend that (20 min)' }).click();
  await expect(page.getByText('It runs as it should. It was: the exhaust leaks.')).toBeVisible();
  await expect(page.getByText('Kept in your record.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Lorbet’s way' })).toContainText(/dangerous: 0; mended what was sound: 0/);
  await page.getByRole('button', { name: 'Once more, with other signs' }).click();
  await expect(page.getByText('Nothing done yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Give up, and see what it was' }).click();
  await expect(page.getByText('It was: the exhaust leaks.')).toBeVisible();
  await page.getByRole('button', { name: 'All cases' }).click();
  await expect(page.getByText(/1 cases ended, 0 found/)).toBeVisible();
});

test('on a phone a case that is ended without coverage is kept on it, and is in the record later', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await signInAsSomebodyNew(page);
  await page.goto('/trainer');
  await page.getByRole('button', { name: 'Dead', exact: true }).tap();
  await expect(page.getByText('Nothing done yet.')).toBeVisible();
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Battery and feed' }).tap();
  await page.getByRole('button', { name: /Look at the fuse/ }).tap();
  await expect(page.getByRole('status').filter({ hasText: 'blown or missing' })).toBeVisible();
  await page.getByLabel('It is').selectOption({ label: 'the fuse is blown or out' });
  await page.getByRole('button', { name: 'Mend that (20 min)' }).tap();
  await expect(page.getByText('Not kept yet: no way through to the server.')).toBeVisible();
  await context.setOffline(false);
  await page.goto('/trainer');
  await expect(page.getByText(/1 cases ended, 1 found, 1 of them without danger/)).toBeVisible();
  await context.close();
});

test('a lead reads in cases of the workshop’s own; a file that loops is refused in a sentence', async ({ page }) => {
  await signIn(page, 'odile');
  await page.goto('/trainer');
  const one = { id: 'e2e-own', title: 'Our own ferry', told: 'It stopped in the queue.', level: 1, medium: 'air', symptom: 'notLit', causes: ['tankEmpty'] }; // prettier-ignore
  const file = (...cases: object[]) => ({
    name: 'cases.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ format: 'lorbet-trainer-cases', version: 1, cases })),
  });
  const chooser = page.getByLabel('Read a file of cases', { exact: true });
  await chooser.setInputFiles(file({ ...one, after: 'e2e-own' }));
  await expect(page.getByRole('alert').filter({ hasText: 'come one after the other in a ring' })).toBeVisible();
  await chooser.setInputFiles({ name: 'cases.json', mimeType: 'application/json', buffer: Buffer.from('{') });
  await expect(page.getByText('cases.json is no JSON.')).toBeVisible();
  await chooser.setInputFiles(file(one, { ...one, id: 'e2e-next', title: 'Our own return', after: 'e2e-own' }));
  await expect(page.getByRole('button', { name: 'Our own ferry', exact: true })).toBeEnabled();
  // One that comes after another waits until that was ended.
  await expect(page.getByRole('button', { name: 'Our own return after “Our own ferry”' })).toBeDisabled();
});
