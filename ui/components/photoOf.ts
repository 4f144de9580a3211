import { formatFixed } from '../../core/units/formatNumber';
import type { PhotoWaiting } from '../sync/PhotoWaiting';
import { parts as t } from '../texts/en/parts';

const maxMb = 12;

/** Why a picture can't be taken; null where it can. */
export const tooLarge = (file: File): string | null =>
  file.size > maxMb * 1024 * 1024
    ? t.isMbLargeAtMostMb({ name: file.name, size: formatFixed(file.size / 1024 / 1024, 1), maxMb })
    : null;

/** A picture that was just taken, to be kept with what it shows. */
export const photoOf = (file: File, values: PhotoWaiting['values']): Omit<PhotoWaiting, 'buildId' | 'by'> => ({
  id: crypto.randomUUID(),
  takenAt: new Date().toISOString(),
  file,
  name: file.name,
  values,
});
