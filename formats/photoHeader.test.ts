import sharp from 'sharp';
import { photoHeader, photoProblem } from './photoHeader';

// Heads of files by another hand: what sharp (libvips) wrote of a size that is known.
test.each([
  ['jpeg', {}],
  ['jpeg', { progressive: true }],
  ['png', {}],
  ['png', { progressive: true }],
  ['webp', { lossless: true }],
  ['webp', { lossless: false }],
] as const)('%s with %j: its size is read from its head', async (kind, options) => {
  const made = await sharp({ create: { width: 321, height: 45, channels: 3, background: '#336699' } })
    .toFormat(kind, options)
    .toBuffer();
  expect(photoHeader(made)).toEqual({
    kind,
    widthPx: 321,
    heightPx: 45,
    interlaced: kind === 'png' && 'progressive' in options,
  });
  expect(photoProblem(made)).toBeNull();
});

/** The head of a PNG that says to be of a size; what follows is never read. */
const pngOf = (widthPx: number, heightPx: number, interlaced: boolean): Buffer => {
  const head = Buffer.alloc(33);
  head.writeUInt32BE(0x89504e47, 0);
  head.writeUInt32BE(0x0d0a1a0a, 4);
  head.write('IHDR', 12, 'latin1');
  head.writeUInt32BE(widthPx, 16);
  head.writeUInt32BE(heightPx, 20);
  head[28] = interlaced ? 1 : 0;
  return head;
};
test.each([
  ['the interlaced bomb of 8,900²', pngOf(8900, 8900, true), /8900 × 8900 px, interlaced; allowed are 12 million/],
  ['a plain one of 8,900²', pngOf(8900, 8900, false), /8900 × 8900 px; allowed are 32 million/],
  ['one of no size', pngOf(0, 10, false), /has no size/],
  ['a drawing', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'), /JPEG, PNG or WebP/],
  ['a JPEG of nothing but stuffing', Buffer.alloc(9000, 0xff), /JPEG, PNG or WebP/],
])('%s is refused by its head', (_name, bytes, why) => expect(photoProblem(bytes)).toMatch(why));
test('large pictures within the limit are let by', () => {
  expect([photoProblem(pngOf(5000, 6000, false)), photoProblem(pngOf(4000, 3000, true))]).toEqual([null, null]);
});
