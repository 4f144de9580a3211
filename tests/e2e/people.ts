import { chromium } from '@playwright/test';
import { actionCommands, untilNow } from '../actionCommands';
import { soundBuild, type Values } from '../soundBuild';
import { expect, type APIRequestContext, type Page } from './silent';
import { sectionsOf } from '../../core/build/sections';
import { placeOfAddress } from '../../core/build/places';
import { fieldAt } from '../../core/build/sheets';
import type { Level } from '../../core/checks/Finding';
import cast from '../../demo/people.json';

/** A phone's page in a browser of its own, whose microphone or camera plays what a test has made. */
export async function phoneThatSenses(
  fake: string,
  baseURL: string | undefined,
): Promise<{ page: Page; close: () => Promise<void> }> {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream', fake],
  });
  const context = await browser.newContext({ baseURL, viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  return { page: await context.newPage(), close: () => browser.close() };
}

export const demoId = (n: number): string => `5d0c2a1e-7f41-4b0a-9c35-0b6c5a7d1e0${n}`;

type Login = 'odile' | 'bram' | 'ines';
/** Signs in behind the page, which then opens where the test begins. */
export async function signIn(page: Page, login: Login): Promise<void> {
  expect((await page.request.post('/api/sign-in', { data: { login, password: cast.password } })).status()).toBe(200);
}

/** Signs in as a person does, and ends in the bay. */
export async function signInByHand(page: Page, login: Login): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Sign-in name').fill(login);
  await page.getByLabel('Password').fill(cast.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'The bay' })).toBeVisible();
}

/** Touches the tab of a section of the sheet that is open. */
export const section = (page: Page, label: string): Promise<void> =>
  page.getByRole('tab', { name: new RegExp(`^${label}`) }).click();

/** Goes to another stage: by the menu on a phone, by the dipstick elsewhere. */
export async function toStage(page: Page, name: string): Promise<void> {
  // Which of the two it has is known once the build is drawn.
  await expect(page.locator('.workspace-head h1')).toBeVisible();
  const menu = page.getByRole('button', { name: /^Stage: / });
  if ((await menu.count()) === 0) {
    await page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('link', { name: new RegExp(`^${name}`) })
      .click();
    return;
  }
  await menu.click();
  await page.getByRole('menuitem', { name: new RegExp(`^${name}`) }).click();
}

/** Goes to the section of the open sheet in which a figure is entered, as a person does who looks for it. */
export async function toFigure(page: Page, label: string): Promise<void> {
  const { sheet, section: now } = placeOfAddress(new URL(page.url()).pathname);
  const holds = Object.entries(sectionsOf(sheet)).find(([, { figures }]) =>
    Object.values(figures)
      .flat()
      .some((path) => fieldAt(path).label === label),
  );
  if (holds && holds[0] !== now) await section(page, holds[1].label);
}

/** A finding as it is told, at whatever level: what is sound or not measured stands behind its line. */
export async function expectLevel(page: Page, id: string, level: Level): Promise<void> {
  const finding = page.getByRole('complementary', { name: 'Findings' }).locator(`[data-finding="${id}"]`);
  await expect
    .poll(async () => {
      const closed = page.locator('#findings .opened-line[aria-expanded="false"]');
      for (let i = 0; (level === 'sound' || level === 'open') && i < 8 && (await closed.count()) > 0; i += 1)
        await closed.first().click();
      return (await finding.count()) === 0 ? 'not told' : finding.first().getAttribute('data-level');
    })
    .toBe(level);
}

/** Opens the ledger, tells what stands in it, and closes it again. */
export async function expectInLedger(page: Page, text: string | RegExp): Promise<void> {
  await page.getByRole('button', { name: 'Open the ledger' }).click();
  await expect(page.locator('.roll')).toContainText(text);
  await page.getByRole('button', { name: 'Close the ledger' }).click();
  await expect(page.locator('.roll')).toHaveCount(0);
}

/** Types a figure into its cell and leaves it with Enter, as a person does. */
export async function enter(
  page: Page,
  label: string,
  text: string,
  slot: 'planned' | 'as fitted' | 'given' = 'as fitted',
): Promise<void> {
  await toFigure(page, label);
  const cell = page.getByLabel(new RegExp(`^${label.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}, ${slot}`));
  if ((await cell.evaluate((element) => element.tagName)) === 'SELECT') await cell.selectOption({ label: text });
  else {
    await cell.fill(text);
    await cell.press('Enter');
  }
}

/** Types a day and a time into its field, part by part, and leaves it. */
export async function fillInstant(page: Page, label: string, at: Date): Promise<void> {
  const two = (n: number) => String(n).padStart(2, '0');
  const group = page.getByRole('group', { name: label, exact: true });
  await group.getByRole('spinbutton', { name: 'Day' }).click();
  await page.keyboard.type(
    `${two(at.getDate())}${two(at.getMonth() + 1)}${at.getFullYear()}${two(at.getHours())}${two(at.getMinutes())}`,
  );
  await page.keyboard.press('Tab');
}

/** Types a line into quick entry and sends it. */
export async function quick(page: Page, line: string): Promise<void> {
  await page.getByLabel('Quick entry').fill(line);
  await page.getByLabel('Quick entry').press('Enter');
}

/** Waits until nothing is on its way any more. */
export async function settled(page: Page): Promise<void> {
  await expect(page.locator('[data-waiting]')).toHaveCount(0);
}

/** A build of one's own, so that tests don't tread on each other. */
export async function newBuild(request: APIRequestContext, name: string): Promise<string> {
  const made = await request.post('/api/builds', {
    data: { name, what: 'test barrow', kind: 'trailer', place: '', heaterSerial: '' },
  });
  expect(made.status()).toBe(201);
  return ((await made.json()) as { id: string }).id;
}

/** A copy of a demo build, brought in through the same door as a file. */
export async function copyOf(request: APIRequestContext, n: number): Promise<string> {
  const file: unknown = await (await request.get(`/api/builds/${demoId(n)}/file`)).json();
  const made = await request.post('/api/builds/import', { data: { file, asCopy: true } });
  expect(made.status()).toBe(201);
  return ((await made.json()) as { id: string }).id;
}

/** A build at which every finding holds, but for what is changed: brought in as a file, and all that was done to it done here, up to now. */
export async function soundCopy(request: APIRequestContext, values: Values = {}): Promise<string> {
  const build = untilNow({ ...soundBuild(values), id: crypto.randomUUID() });
  expect((await request.post('/api/builds/import', { data: { file: build } })).status()).toBe(201);
  for (const { command, at } of actionCommands(build)) await did(request, build.id, command, at);
  return build.id;
}
/** One command, as if it had been entered at that time. */
export async function did(
  request: APIRequestContext,
  id: string,
  command: object,
  madeAt = new Date().toISOString(),
): Promise<void> {
  const answer = await request.post(`/api/builds/${id}/commands`, { data: { commandId: crypto.randomUUID(), command, madeAt } });
  expect([answer.status(), await answer.text()]).toEqual([200, expect.anything()]);
}

/** A fitter of one's own, for tests that change a person's settings. */
export async function signInAsSomebodyNew(page: Page): Promise<void> {
  const hand = crypto.randomUUID().slice(0, 8);
  const login = `hand-${hand}`;
  await page.request.post('/api/sign-in', { data: { login: 'odile', password: cast.password } });
  const invited = await page.request.post('/api/crew/invite', { data: { name: `Own Hand ${hand}`, login, role: 'fitter' } });
  const { token } = (await invited.json()) as { token: string };
  await page.request.post('/api/join', { data: { token, password: cast.password } });
  expect((await page.request.post('/api/sign-in', { data: { login, password: cast.password } })).status()).toBe(200);
}

/** Opens a page of a build and waits until it is there; before that keys and touches are nobody's. */
export async function open(page: Page, url: string): Promise<void> {
  await page.goto(url);
  await expect(page.locator('.workspace-head h1')).toBeVisible();
}

/** The run, large. */
export const openRun = (page: Page) => page.getByRole('button', { name: 'Open the run' }).click();

/** How things stand while carbon monoxide is read, chosen by keys. */
export async function chooseCoSetting(page: Page): Promise<void> {
  for (const [label, option] of [
    ['Heater is', 'at full output'],
    ['Doors', 'doors closed'],
    ['Wind', 'no wind'],
  ] as const) {
    await page.getByLabel(label, { exact: true }).focus();
    await page.keyboard.press('Enter');
    await page.getByRole('option', { name: option, exact: true }).press('Enter');
  }
}

/** Says how things stand before a level of sound is read by meter. */
export async function chooseSound(page: Page): Promise<void> {
  const entry = page.getByRole('region', { name: 'A level of sound' });
  for (const [label, option] of [
    ['Heater is', 'at its lowest'],
    ['Read with', 'sound meter'],
  ] as const) {
    await entry.getByLabel(label).click();
    await page.getByRole('option', { name: option }).click();
  }
}
/** A count of strokes begun with the page's clock stood still, so that a slow machine adds no strokes of its own. */
export async function countStoodStill(page: Page, buildId: string): Promise<void> {
  await page.clock.install();
  await open(page, `/builds/${buildId}/priming`);
  await expect(page.getByRole('button', { name: 'Pump runs: start counting' })).toBeVisible();
  await page.clock.pauseAt(Date.now() + 5000);
  await page.getByRole('button', { name: 'Pump runs: start counting' }).click();
}

/** All scripts of the app are kept first: on a slow machine that takes its time, and promises none. */
const keepsWithinMs = 60_000;
/** Until this device can open the build without the server. */
export const keptForOffline = (page: Page, id: string) =>
  expect
    .poll(
      () =>
        page.evaluate(async (key) => {
          const kept = await new Promise<unknown>((found) => {
            const opening = indexedDB.open('lorbet');
            opening.onsuccess = () => {
              const asked = opening.result.transaction('builds').objectStore('builds').getKey(key);
              asked.onsuccess = () => {
                opening.result.close();
                found(asked.result);
              };
            };
          });
          return kept !== undefined && navigator.serviceWorker.controller?.state === 'activated';
        }, id),
      { timeout: keepsWithinMs },
    )
    .toBe(true);
