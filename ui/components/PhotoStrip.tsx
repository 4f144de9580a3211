'use client';
import { Box, Button, ButtonBase, Dialog } from '@mui/material';
import { Camera, Image as ImageIcon } from 'lucide-react';
import { useEffect, useState } from 'react';
import { lists, rowsOf, type RowOf } from '../../core/build/lists';
import type { PhotoWaiting } from '../sync/PhotoWaiting';
import { useWorkspace } from '../sync/useWorkspace';
import { FileButton } from './cells/FileButton';
import { Problems } from './cells/Problems';
import { RowCell } from './lists/RowCell';
import { useRows } from './lists/useRows';
import { photoOf, tooLarge } from './photoOf';
import { useSmall } from './useSmall';
import { parts as t } from '../texts/en/parts';

type Photo = RowOf<'photos'>;
type About = NonNullable<Photo['about']>;

function Picture({ photo, size }: { photo: Photo; size: 'small' | 'large' }) {
  const { settled } = useWorkspace('settled');
  const [gone, setGone] = useState(false);
  const alt = photo.caption ?? (photo.about ? lists.photos.columns.about.options[photo.about] : t.photograph);
  if (gone) return <span className="photo-gone soft">{t.thePictureItselfIsNotIn}</span>;
  return (
    // Sizes are known and the server has made the small one: there is nothing for an image optimizer to do.
    <img
      src={`/api/builds/${settled.id}/photos/${photo.sha256 ?? ''}${size === 'small' ? '?size=small' : ''}`}
      alt={alt}
      width={photo.widthPx}
      height={photo.heightPx}
      loading="lazy"
      onError={() => setGone(true)}
    />
  );
}

/** One that is still on this device only. */
function WaitingPicture({ photo, drop }: { photo: PhotoWaiting; drop: () => void }) {
  const [src, setSrc] = useState<string | null>(null);
  useEffect(() => {
    const url = URL.createObjectURL(photo.file);
    queueMicrotask(() => setSrc(url));
    return () => URL.revokeObjectURL(url);
  }, [photo.file]);
  return (
    <li>
      {src && <img src={src} alt={photo.values.caption ?? t.photographThatWaitsOnThisDevice} />}
      {photo.error === undefined ? (
        <span role="status">{t.waitsToBeSent}</span>
      ) : (
        <>
          <span className="error-line" role="alert">
            {photo.error}
          </span>
          <Button variant="text" onClick={drop}>
            {t.throwItAway}
          </Button>
        </>
      )}
    </li>
  );
}

/** Photographs of a build: taken by the phone's camera or chosen, small in a strip, large at a touch. */
export function PhotoStrip({
  about,
  beside = [],
  part,
}: {
  /** What a new one shows. */ about: About;
  /** What else is shown here. */ beside?: readonly About[];
  /** Only those of one part, and what it is called. */ part?: { id: string; name: string };
}) {
  const { settled } = useWorkspace('settled');
  const { rows, set, remove, mayWork } = useRows('photos');
  const { photos, takePhoto, dropPhoto } = useWorkspace('photos', 'takePhoto', 'dropPhoto');
  const [problems, setProblems] = useState<string[]>([]);
  const [large, setLarge] = useState<string | null>(null);
  const small = useSmall();
  const belongs = (row: { partId?: string; about?: About }) =>
    part ? row.partId === part.id : row.partId === undefined && [about, ...beside].includes(row.about ?? 'other');
  const mine = rows.filter(belongs);
  const waiting = photos.filter(({ values }) => belongs(values));
  const take = async (files: File[]) => {
    setProblems([]);
    for (const file of files) {
      const values = { about, printed: 'yes', ...(part ? { partId: part.id, caption: part.name } : {}) } as const;
      const problem = tooLarge(file) ?? (await takePhoto(photoOf(file, values)));
      if (problem) setProblems((old) => [...old, problem]);
    }
  };
  const open = rowsOf(settled.lists, 'photos').find((row) => row.id === large);
  const pictures = 'image/jpeg,image/png,image/webp,.jpg,.jpeg,.png,.webp';
  return (
    <section aria-label={t.photographs} className="photos">
      {mine.length + waiting.length > 0 && (
        <ul className="photo-strip">
          {mine.map((photo) => (
            <li key={photo.id}>
              <ButtonBase
                onClick={() => setLarge(photo.id)}
                aria-label={t.seeLarge({ caption: photo.caption ?? t.thePhotograph })}
              >
                <Picture photo={photo} size="small" />
              </ButtonBase>
              <span className="soft">
                {photo.caption ?? (photo.about ? lists.photos.columns.about.options[photo.about] : '')}
              </span>
            </li>
          ))}
          {waiting.map((photo) => (
            <WaitingPicture key={photo.id} photo={photo} drop={() => void dropPhoto(photo.id)} />
          ))}
        </ul>
      )}
      {mayWork && (
        <div className="inline">
          <FileButton
            name={part ? t.takeAPhotographOf({ name: part.name }) : t.takeAPhotograph}
            accept={pictures}
            camera
            onFiles={(files) => void take(files)}
          >
            <Camera size={20} aria-hidden /> {t.photograph2}
          </FileButton>
          <FileButton
            name={part ? t.chooseAPictureOf({ name: part.name }) : t.chooseAPicture}
            accept={pictures}
            multiple
            onFiles={(files) => void take(files)}
          >
            <ImageIcon size={20} aria-hidden /> {t.chooseAPicture}
          </FileButton>
        </div>
      )}
      <Problems all={problems} />
      <Dialog
        open={open !== undefined}
        onClose={() => setLarge(null)}
        fullScreen={small}
        maxWidth="lg"
        aria-label={t.photograph2}
      >
        {open && (
          <div className="photo-large">
            <Picture photo={open} size="large" />
            <div className="row-cells">
              {(['caption', 'about', 'printed'] as const).map((column) => (
                <RowCell key={column} list="photos" row={open} column={column} set={(value) => set(open, column, value)} />
              ))}
            </div>
            <Box component="p" className="finding-id" sx={{ textAlign: 'left', mt: 1 }}>
              {t.sha256({ sha256: open.sha256 ?? '' })}
            </Box>
            <Box className="inline" sx={{ mt: 1.25 }}>
              <Button variant="contained" onClick={() => setLarge(null)}>
                {t.close}
              </Button>
              {mayWork && (
                <Button
                  onClick={() => {
                    setProblems(remove(open));
                    setLarge(null);
                  }}
                >
                  {t.removeThisPhotograph}
                </Button>
              )}
            </Box>
          </div>
        )}
      </Dialog>
    </section>
  );
}
