import { demoId, expectInLedger, open, settled, signIn, soundCopy } from './people';
import { expect, test } from './silent';

// What an inspector asks for against what is there: on the build’s own screen, and as the workshop’s own packs.

test('what speaks against a rule nobody answers for; where proof is only missing, a lead does', async ({ page }) => {
  await signIn(page, 'odile');
  await open(page, `/builds/${demoId(2)}/signoff/evidence`);
  const rule = (says: string) => page.locator('.rule', { hasText: says });
  await expect(rule('The feed is fused close to the battery')).toContainText('AGAINST');
  await expect(rule('The feed is fused close to the battery').getByRole('button', { name: /Answer/ })).toHaveCount(0);
  await open(page, `/builds/${demoId(6)}/signoff/evidence`);
  await expect(rule('Work on the mains was done')).toContainText('MISSING');
  await page.getByRole('button', { name: 'Answer for rule 8' }).click();
  await page.getByRole('button', { name: 'Keep this answer' }).click();
  await expect(page.getByRole('alert')).toContainText('Say what was seen, or why it is so');
  await page.getByLabel('left to the inspector').click();
  await page.getByLabel('What was seen, or why').fill('Building control looks at it itself.');
  await page.getByRole('button', { name: 'Keep this answer' }).click();
  await page.getByRole('button', { name: '4 rules that want nothing' }).click();
  await expect(rule('Work on the mains was done')).toContainText('left to the inspector: Building control looks at it itself.');
  await page.getByRole('button', { name: 'Take the answer for rule 8 back' }).click();
  await expect(rule('Work on the mains was done')).toContainText('MISSING');
});

test('a workshop copies a pack, asks for more and for two people; a build goes by it, and one signature is half', async ({
  page,
}) => {
  await signIn(page, 'odile');
  await page.goto('/packs');
  await page.getByRole('button', { name: 'Open Road vehicle' }).click();
  await page.getByRole('button', { name: 'Copy, to change it' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Ours, two sign');
  await page.getByLabel('People who sign').selectOption({ label: 'two, each by themselves' });
  for (let n = 14; n > 1; n -= 1) {
    await page.getByRole('button', { name: new RegExp(`^${n} `) }).click();
    await page.getByRole('button', { name: `Remove rule ${n}` }).click();
  }
  await page.getByRole('button', { name: /^1 Body/ }).click();
  await page.getByLabel('What it asks, in your words').fill('It is legal.');
  await page.getByRole('button', { name: 'Keep this pack' }).click();
  await expect(page.getByText(/says “legal”; a pack lists evidence and gaps/)).toBeVisible();
  await page.getByLabel('What it asks, in your words').fill('What is near stays cool.');
  await page.getByRole('button', { name: 'Keep this pack' }).click();
  await expect(page.getByRole('button', { name: 'Open Ours, two sign' })).toBeVisible();

  const id = await soundCopy(page.request);
  await open(page, `/builds/${id}/signoff/evidence`);
  await page.getByLabel('Rule pack').selectOption({ label: 'Ours, two sign, edition 1' });
  await page.getByRole('button', { name: 'Go by this pack' }).click();
  await expect(page.getByRole('region', { name: 'Ours, two sign' })).toContainText('Two people sign.');
  await settled(page);
  const sign = async (who: string) => {
    const command = { kind: 'sign', typedName: who, drawn: 'M10,10L60,120L110,20L160,120' };
    return (
      await page.request.post(`/api/builds/${id}/commands`, { data: { commandId: crypto.randomUUID(), command } })
    ).status();
  };
  expect(await sign('Odile Farrow')).toBe(200);
  await open(page, `/builds/${id}/signoff`);
  await expect(page.getByText('Odile Farrow has signed. The rule pack asks for a second person')).toBeVisible();
  await expect(page.getByLabel('Name, typed in full')).toHaveCount(0);
  await signIn(page, 'bram');
  expect(await sign('Bram Tully')).toBe(200);
  await open(page, `/builds/${id}/signoff`);
  await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
});

test('a lead keeps what somebody is licensed for; a day that is none is told', async ({ page }) => {
  await signIn(page, 'odile');
  await page.goto('/people');
  await page.getByRole('button', { name: /^Licences and training of Ines Quill/ }).click();
  await page.getByRole('button', { name: 'Add a licence' }).click();
  await page.getByLabel('Number, licence 1').fill('H-7');
  await page.getByLabel('Given by, licence 1').fill('a school (invented)');
  await page.getByLabel('Last day (2027-03-31), licence 1').fill('31.3.2027');
  await page.getByRole('button', { name: 'Keep these licences for Ines Quill' }).click();
  await expect(page.getByText(/until is 31\.3\.2027; a day is allowed, such as 2027-03-31/)).toBeVisible();
  await page.getByLabel('Last day (2027-03-31), licence 1').fill('2027-03-31');
  await page.getByRole('button', { name: 'Keep these licences for Ines Quill' }).click();
  await expect(page.getByRole('button', { name: 'Licences and training of Ines Quill: 1' })).toBeVisible();
});

test('a visit leaves the signature standing; a changed exhaust opens it again, and is said in the ledger', async ({ page }) => {
  await signIn(page, 'odile');
  const id = await soundCopy(page.request);
  const command = { kind: 'sign', typedName: 'Odile Farrow', drawn: 'M10,10L60,120L110,20L160,120' };
  const data = { commandId: crypto.randomUUID(), command };
  expect((await page.request.post(`/api/builds/${id}/commands`, { data })).status()).toBe(200);
  await open(page, `/builds/${id}/signoff/service`);
  await page.getByLabel('service: filter, screen, plug, soot').click();
  await page.getByLabel('Volts at the heater under glow, V').fill('a lot');
  await page.getByLabel('What was found and done').fill('Filter new, all dry.');
  await page.getByRole('button', { name: 'Keep this visit' }).click();
  await expect(page.getByText(/^Volts at the heater under glow is a lot/)).toBeVisible();
  await page.getByLabel('Volts at the heater under glow, V').fill('11.1');
  await page.getByRole('button', { name: 'Keep this visit' }).click();
  await expect(page.getByText('Volts under glow 11.10 V, at the first start 11.70 V')).toBeVisible();
  await expect(page.locator('[data-finding="service.visit"]')).toContainText('volts under glow fell from 11.70 V to 11.10 V');
  await open(page, `/builds/${id}/signoff`);
  await expect(page.getByText('Signed and locked.', { exact: true })).toBeVisible();
  await open(page, `/builds/${id}/signoff/service`);
  await page.getByRole('button', { name: 'Tell of a visit' }).click();
  await page.getByLabel('Changed for another').fill('exh');
  await page.getByRole('option', { name: /xhaust/ }).click();
  await page.getByLabel('What was found and done').fill('Pipe rusted, a new one fitted.');
  await page.getByRole('button', { name: 'Keep this visit' }).click();
  await expectInLedger(page, 'visit: all sound, changed: exhaust (Pipe rusted, a new one fitted.)');
  await open(page, `/builds/${id}/signoff`);
  await expect(page.getByText('Something was changed after the signature.')).toBeVisible();
});

test('the wait before a reading runs down on the device, and is still there when the page comes back', async ({ page }) => {
  await signIn(page, 'bram');
  await open(page, `/builds/${demoId(3)}/proving`);
  for (let i = 0; i < 2; i += 1) await page.getByRole('button', { name: 'Later' }).click();
  await page.getByRole('button', { name: 'Begin the wait: while starting' }).click();
  await expect(page.getByRole('timer')).toHaveText(/^Wait 0:5\d more\.$/);
  await page.reload();
  for (let i = 0; i < 2; i += 1) await page.getByRole('button', { name: 'Later' }).click();
  await expect(page.getByRole('timer')).toHaveText(/^Wait 0:[345]\d more\.$/);
});

test('the owner’s page opens by its link without a sign-in, in two languages, without coverage once it was opened, and no more once ended', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, 'bram');
  await open(page, `/builds/${demoId(1)}/signoff/handover`);
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = (await page.locator('[data-link]').textContent()) ?? '';
  expect(link).toMatch(/\/owner#[0-9a-f]{64}$/);
  const stranger = await browser.newContext({ ...(baseURL ? { baseURL } : {}), serviceWorkers: 'allow', locale: 'de-DE' });
  const theirs = await stranger.newPage();
  await theirs.goto(link);
  await expect(theirs.getByRole('heading', { name: 'Niemals' })).toBeVisible();
  await theirs.getByLabel('English').click();
  await expect(theirs.getByText('Page Turner No. 3')).toBeVisible();
  await expect(theirs.getByRole('heading', { name: 'Never' })).toBeVisible();
  // Nothing of the build but what is for its owner.
  expect((await stranger.request.get(`/api/builds/${demoId(1)}/certificate`)).status()).toBe(401);
  await theirs.waitForFunction(() => navigator.serviceWorker.controller !== null, null, { timeout: 60000 });
  await stranger.setOffline(true);
  await theirs.reload();
  await expect(theirs.getByText('No way through to the workshop: this is what it said last.')).toBeVisible();
  await expect(theirs.getByText('Page Turner No. 3')).toBeVisible();
  await stranger.setOffline(false);
  await page.getByRole('button', { name: /^End the link made/ }).click();
  await expect(page.getByText(/^ended .* by Bram Tully$/)).toBeVisible();
  await theirs.reload();
  await expect(theirs.getByText('This link was ended, or never was one; ask your workshop for a new one.')).toBeVisible();
  await theirs.goto('/owner#guess');
  await expect(theirs.getByText('This address holds no link.')).toBeVisible();
  await stranger.close();
});
