import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { photoProblem } from './photoHeader';

const largestPx = 2400;
const smallPx = 360;

export type ReadPhoto =
  | { ok: true; value: { sha256: string; widthPx: number; heightPx: number; picture: Buffer; small: Buffer } }
  | { ok: false; error: string };

/**
 * Reads a photograph by its content, whatever its name says: turned upright, not larger than a page needs,
 * and without its metadata (place, device, time), which sharp leaves out unless told to keep it.
 * @returns a JPEG, a small one, and the fingerprint of the first
 */
export async function readPhoto(bytes: Buffer): Promise<ReadPhoto> {
  const problem = photoProblem(bytes);
  if (problem) return { ok: false, error: problem };
  try {
    const image = sharp(bytes, { failOn: 'error', limitInputPixels: 64_000_000 });
    const upright = image.autoOrient().flatten({ background: '#ffffff' });
    const { data, info } = await upright
      .clone()
      .resize(largestPx, largestPx, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 84 })
      .toBuffer({ resolveWithObject: true });
    const small = await upright
      .clone()
      .resize(smallPx, smallPx, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 74 })
      .toBuffer();
    return {
      ok: true,
      value: {
        sha256: createHash('sha256').update(data).digest('hex'),
        widthPx: info.width,
        heightPx: info.height,
        picture: data,
        small,
      },
    };
  } catch {
    // sharp names its own internals here; what matters to a person is that it is no picture.
    return { ok: false, error: 'The file can’t be read as a picture; allowed is JPEG, PNG or WebP.' };
  }
}
