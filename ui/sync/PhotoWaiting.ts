import type { RowOf } from '../../core/build/lists';

type Photo = RowOf<'photos'>;
/** What the list of photographs will say of it. */
export type PhotoValues = Partial<Pick<Photo, 'about' | 'caption' | 'printed' | 'partId'>>;

/** A photograph that was taken and is not on the server yet. */
export interface PhotoWaiting {
  /** of the photograph, of its row, and of the command that adds it: what is sent twice is kept once */ id: string;
  buildId: string;
  /** sign-in name of whoever took it */ by: string;
  takenAt: string;
  file: Blob;
  name: string;
  values: PhotoValues;
  /** why the server did not take it */ error?: string;
}
/** What the server knows a picture by. */
export type Picture = Pick<Photo, 'sha256' | 'widthPx' | 'heightPx'>;
