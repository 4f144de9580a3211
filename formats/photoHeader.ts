/** The longest picture file taken, bytes. */
export const photoMaxBytes = 12 * 1024 * 1024;

export type PhotoKind = 'jpeg' | 'png' | 'webp';
export interface PhotoHeader {
  kind: PhotoKind;
  widthPx: number;
  heightPx: number;
  /** a PNG that comes in seven passes: all of it has to be held at once */ interlaced: boolean;
}

const text = (bytes: Buffer, from: number, to: number) => bytes.toString('latin1', from, to);

function pngHeader(bytes: Buffer): PhotoHeader | null {
  if (bytes.length < 33 || text(bytes, 12, 16) !== 'IHDR') return null;
  return { kind: 'png', widthPx: bytes.readUInt32BE(16), heightPx: bytes.readUInt32BE(20), interlaced: bytes[28] === 1 };
}

/** The first frame header of a JPEG: segments are passed over one by one, at most so many. */
function jpegHeader(bytes: Buffer): PhotoHeader | null {
  let at = 2;
  for (let segments = 0; segments < 400 && at + 9 < bytes.length; segments += 1) {
    if (bytes[at] !== 0xff) return null;
    const marker = bytes[at + 1] ?? 0;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    const isFrame = marker >= 0xc0 && marker <= 0xcf && marker !== 0xc4 && marker !== 0xc8 && marker !== 0xcc;
    if (isFrame)
      return { kind: 'jpeg', widthPx: bytes.readUInt16BE(at + 7), heightPx: bytes.readUInt16BE(at + 5), interlaced: false };
    if (marker === 0xd9 || marker === 0xda) return null;
    at += 2 + (marker >= 0xd0 && marker <= 0xd8 ? 0 : bytes.readUInt16BE(at + 2));
  }
  return null;
}

function webpHeader(bytes: Buffer): PhotoHeader | null {
  if (bytes.length < 30) return null;
  const of = (widthPx: number, heightPx: number): PhotoHeader => ({ kind: 'webp', widthPx, heightPx, interlaced: false });
  switch (text(bytes, 12, 16)) {
    case 'VP8 ':
      return of(bytes.readUInt16LE(26) & 0x3fff, bytes.readUInt16LE(28) & 0x3fff);
    case 'VP8L': {
      const bits = bytes.readUInt32LE(21);
      return of((bits & 0x3fff) + 1, ((bits >>> 14) & 0x3fff) + 1);
    }
    case 'VP8X':
      return of(bytes.readUIntLE(24, 3) + 1, bytes.readUIntLE(27, 3) + 1);
    default:
      return null;
  }
}

/** What the first bytes of a file say that it is, before anything of it is unpacked; null where it is none of JPEG, PNG or WebP. */
export function photoHeader(bytes: Buffer): PhotoHeader | null {
  if (bytes.length < 12) return null;
  if (bytes.readUInt32BE(0) === 0x89504e47 && bytes.readUInt32BE(4) === 0x0d0a1a0a) return pngHeader(bytes);
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return jpegHeader(bytes);
  if (text(bytes, 0, 4) === 'RIFF' && text(bytes, 8, 12) === 'WEBP') return webpHeader(bytes);
  return null;
}

/** Most pixels of a picture: a large camera's JPEG; others are unpacked whole, and an interlaced PNG several times over. Lorbet's own choice. */
const pixelsMax = { jpeg: 64e6, webp: 32e6, png: 32e6, interlaced: 12e6 } as const;

/** Why a picture is not even unpacked, as one sentence; null where it may be. */
export function photoProblem(bytes: Buffer): string | null {
  const header = photoHeader(bytes);
  if (!header) return 'The file can’t be read as a picture; allowed is JPEG, PNG or WebP.';
  const { kind, widthPx, heightPx, interlaced } = header;
  const max = interlaced ? pixelsMax.interlaced : pixelsMax[kind];
  if (widthPx < 1 || heightPx < 1) return 'The picture has no size; allowed is JPEG, PNG or WebP.';
  return widthPx * heightPx > max
    ? `The picture has ${widthPx} × ${heightPx} px${interlaced ? ', interlaced' : ''}; allowed are ${max / 1e6} million.`
    : null;
}
