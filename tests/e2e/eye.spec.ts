import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import QRCode from 'qrcode';
import sharp from 'sharp';
import { expect, test } from './silent';
import { copyOf, expectInLedger, open, phoneThatSenses, settled, signIn } from './people';

test('a plate’s code held before the camera becomes the heater’s serial number; no picture of it is kept', async ({
  baseURL,
}) => {
  const code = await QRCode.toBuffer('INV-2207-0099', { width: 360, margin: 4 });
  const frame = await sharp({ create: { width: 640, height: 480, channels: 3, background: '#dddddd' } })
    .composite([{ input: code, left: 140, top: 60 }])
    .jpeg({ quality: 90 })
    .toBuffer();
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'lorbet-eye-')), 'plate.mjpeg');
  writeFileSync(file, Buffer.concat(Array.from({ length: 30 }, () => frame)));
  const { page, close } = await phoneThatSenses(`--use-file-for-fake-video-capture=${file}`, baseURL);
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/kit/plate`);
  await page.getByRole('button', { name: 'Read the serial number with the camera' }).tap();
  await expect(page.locator('[data-read]')).toHaveText('INV-2207-0099', { timeout: 20_000 });
  await page.getByRole('button', { name: 'Keep INV-2207-0099' }).tap();
  await settled(page);
  await expectInLedger(page, /serial number: INV-2207-0099/);
  await close();
});

test('a device without a camera says so, and the number is typed', async ({ browser }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await signIn(page, 'bram');
  const id = await copyOf(page.request, 3);
  await open(page, `/builds/${id}/kit/plate`);
  await page.getByRole('button', { name: 'Read the serial number with the camera' }).tap();
  await expect(page.getByRole('alert')).toContainText(/type the number|Type the number/);
  await expect(page.getByRole('button', { name: 'Nothing read yet' })).toBeDisabled();
  await context.close();
});
