import type { Page } from '@playwright/test';
import { runModule } from '../runModule';
import { demoId, signIn } from './people';
import { expect, test } from './silent';

/** The certificate of the demo’s signed build, and the address that its code holds. */
async function certificate(page: Page): Promise<Buffer> {
  await signIn(page, 'odile');
  const answer = await page.request.get(`/api/builds/${demoId(1)}/certificate`);
  expect(answer.status()).toBe(200);
  return answer.body();
}
const verify = async (page: Page, name: string, buffer: Buffer) => {
  await page.getByLabel('Certificate, PDF').setInputFiles({ name, mimeType: 'application/pdf', buffer });
  const verdict = page.locator('.proof-verdict');
  await expect(verdict.or(page.locator('.error-line'))).toBeVisible();
  return verdict;
};

test('a stranger verifies a certificate from its file alone, and an altered one is found', async ({ page, browser }) => {
  const pdf = await certificate(page);
  const stranger = await browser.newContext();
  const there = await stranger.newPage();
  const sent: string[] = [];
  there.on('request', (request) => {
    if (request.method() !== 'GET' || new URL(request.url()).pathname.startsWith('/api/')) sent.push(request.url());
  });
  await there.goto('/verify');
  expect(await (await verify(there, 'a.pdf', pdf)).textContent()).toBe('Paper, build and ledger agree');
  await expect(there.getByText(/Signed by Odile/)).toBeVisible();
  await expect(there.getByText('Its workshop’s Lorbet has nothing newer that changes it.')).toBeVisible();
  // The file stayed where it was: one question was asked, with two hashes.
  expect(sent.length).toBe(1);
  expect(sent[0]).toMatch(/\/api\/keys\/[0-9a-f]{16}\?build=[0-9a-f-]{36}&head=[0-9a-f]{64}$/);

  const altered = Buffer.from(pdf);
  altered[3000] = (altered[3000] ?? 0) ^ 1;
  expect(await (await verify(there, 'b.pdf', altered)).textContent()).toBe('Not to be believed');
  await expect(there.getByText('The file was altered after the workshop sealed it')).toBeVisible();

  await verify(there, 'c.pdf', Buffer.from('a photograph of a certificate'));
  await expect(there.locator('.error-line')).toContainText('This is no PDF that can be read.');
  await stranger.close();
});

test('a paper that was only printed is verified by its code, and a code that is cut off is told', async ({ page, browser }) => {
  const pdf = await certificate(page);
  const reader = `import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'; import { readFileSync } from 'node:fs';
const pdf = await getDocument({ data: new Uint8Array(Buffer.from(readFileSync(0, 'utf8'), 'base64')), verbosity: 0 }).promise;
console.log(Buffer.from((await pdf.getAttachments())['proof.json'].content).toString());`;
  const { signed } = runModule<{ signed: string }>(reader, pdf.toString('base64'));
  const stranger = await browser.newContext();
  const there = await stranger.newPage();
  await there.goto(`/verify#${signed}`);
  await expect(there.locator('.proof-verdict')).toHaveText('Some of it agrees; some can’t be told');
  await expect(there.getByText(/The build was signed as it stood when this was made/)).toBeVisible();
  await there.goto('about:blank');
  await there.goto(`/verify#${signed.slice(0, -9)}`);
  await expect(there.locator('.error-line')).toContainText('cut off or no certificate’s');
  await there.goto('about:blank');
  await there.goto(`/verify#${signed.replace('.signed.', '.draft.')}`);
  await expect(there.locator('.proof-verdict')).toHaveText('Not to be believed');
  await stranger.close();
});

test('a lead changes the key: the old one signs for the new, and what it signed stays good', async ({ page }) => {
  const before = await certificate(page);
  await page.goto('/settings');
  await page.getByRole('button', { name: 'Change the key' }).click();
  await expect(page.getByText('A new key is made, and the old one signs for it.')).toBeVisible();
  await page.getByRole('button', { name: 'Make a new key' }).click();
  await expect(page.getByText('A new key is in use.')).toBeVisible();
  await expect(page.getByText(/signed for the one after it/).first()).toBeVisible();
  const after = await certificate(page);
  await page.goto('/verify');
  for (const pdf of [before, after]) {
    expect(await (await verify(page, 'a.pdf', pdf)).textContent()).toBe('Paper, build and ledger agree');
    await page.goto('/verify?again');
  }
});

test('the chain of heads goes out for somebody else to keep', async ({ page }) => {
  await signIn(page, 'odile');
  const answer = await page.request.get('/api/workshop/witness');
  expect([answer.status(), answer.headers()['content-type']]).toEqual([200, 'application/x-ndjson']);
  await signIn(page, 'bram');
  expect((await page.request.get('/api/workshop/witness')).status()).toBe(403);
});
