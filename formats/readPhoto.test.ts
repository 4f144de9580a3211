import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { readPhoto } from './readPhoto';

/** A picture whose left half is red and right half blue, with what a phone writes into it: turned, dated, with its place. */
const fromPhone = (format: 'jpeg' | 'png' | 'webp', orientation = 6) =>
  sharp({ create: { width: 400, height: 300, channels: 3, background: '#0000ff' } })
    .composite([{ input: { create: { width: 200, height: 300, channels: 3, background: '#ff0000' } }, left: 0, top: 0 }])
    .withExif({ IFD0: { Make: 'INVENTED' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } })
    .withMetadata({ orientation })
    .toFormat(format)
    .toBuffer();

test.each(['jpeg', 'png', 'webp'] as const)(
  '%s: upright by its orientation, without place or maker, under the fingerprint of what is kept',
  async (format) => {
    const sent = await fromPhone(format);
    const read = await readPhoto(sent);
    if (!read.ok) throw new Error(read.error);
    const { sha256, widthPx, heightPx, picture, small } = read.value;
    const upright = (await sharp(sent).metadata()).orientation === 6;
    expect([upright, sent.includes('INVENTED')]).toEqual([true, true]);
    // Orientation 6: the camera lay on its side, so width and height change places and red, at the left, comes to the top.
    expect([widthPx, heightPx]).toEqual([300, 400]);
    const { data, info } = await sharp(picture).raw().toBuffer({ resolveWithObject: true });
    expect(
      [data[(50 * info.width + 150) * info.channels] ?? 0, data[(350 * info.width + 150) * info.channels + 2] ?? 0].every(
        (n) => n > 200,
      ),
    ).toBe(true);
    for (const bytes of [picture, small]) {
      const meta = await sharp(bytes).metadata();
      expect([meta.format, meta.exif, meta.xmp, meta.orientation]).toEqual(['jpeg', undefined, undefined, undefined]);
      expect(bytes.includes('INVENTED')).toBe(false);
    }
    expect(createHash('sha256').update(picture).digest('hex')).toBe(sha256);
    expect((await sharp(small).metadata()).height).toBe(360);
  },
);
test('a large picture is made no larger than a page needs', async () => {
  const large = await sharp({ create: { width: 5000, height: 2000, channels: 3, background: '#888888' } })
    .jpeg()
    .toBuffer();
  const read = await readPhoto(large);
  expect(read.ok && [read.value.widthPx, read.value.heightPx]).toEqual([2400, 960]);
});
test.each([
  ['text named .jpg', Buffer.from('this is no picture at all')],
  ['nothing', Buffer.alloc(0)],
  ['a drawing', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>1</script></svg>')],
  ['a head without a body', Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46])],
])('%s is refused in one sentence', async (_name, bytes) => {
  expect(await readPhoto(bytes)).toEqual({
    ok: false,
    error: expect.stringMatching(/^The file .*allowed is JPEG, PNG or WebP\.$/),
  });
});
test('a picture cut off half-way is refused', async () => {
  const whole = await fromPhone('jpeg');
  expect((await readPhoto(whole.subarray(0, whole.length / 2))).ok).toBe(false);
});
