'use client';
import { Dialog } from '@mui/material';
import { Camera, Image as ImageIcon } from 'lucide-react';
import { useState } from 'react';
import { lists, rowsOf, type RowOf } from '../../core/build/lists';
import { formatFixed } from '../../core/units/formatNumber';
import { useWorkspace } from '../build/BuildContext';
import { FileButton } from '../sheet/FileButton';
import { Problems } from '../sheet/Problems';
import { RowCell } from '../lists/RowCell';
import { useRows } from '../lists/useRows';

type Photo = RowOf<'photos'>;
type About = NonNullable<Photo['about']>;
const maxMb = 12;

/** Sends a picture. @returns what it is known by, or why it was not taken */
async function sendPicture(
  buildId: string,
  file: File,
): Promise<{ ok: true; value: Pick<Photo, 'sha256' | 'widthPx' | 'heightPx'> } | { ok: false; error: string }> {
  if (file.size > maxMb * 1024 * 1024)
    return {
      ok: false,
      error: `${file.name} is ${formatFixed(file.size / 1024 / 1024, 1)} MB large; at most ${maxMb} MB are allowed.`,
    };
  try {
    const response = await fetch(`/api/builds/${buildId}/photos`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file,
    });
    const answer = (await response.json()) as Pick<Photo, 'sha256' | 'widthPx' | 'heightPx'> & { errors?: string[] };
    if (response.ok) return { ok: true, value: answer };
    return { ok: false, error: `${file.name}: ${answer.errors?.join(' ') ?? 'the server refused it without a reason.'}` };
  } catch {
    return {
      ok: false,
      error: `${file.name} was not sent: the server can’t be reached. Take it again, or choose it once there is a way through.`,
    };
  }
}

function Picture({ photo, size }: { photo: Photo; size: 'small' | 'large' }) {
  const { settled } = useWorkspace();
  const [gone, setGone] = useState(false);
  const alt = photo.caption ?? (photo.about ? lists.photos.columns.about.options[photo.about] : 'photograph');
  if (gone) return <span className="photo-gone soft">The picture itself is not in this Lorbet.</span>;
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
  const { settled } = useWorkspace();
  const { rows, add, set, remove, mayWork } = useRows('photos');
  const [problems, setProblems] = useState<string[]>([]);
  const [sending, setSending] = useState(0);
  const [large, setLarge] = useState<string | null>(null);
  const mine = rows.filter((row) =>
    part ? row.partId === part.id : row.partId === undefined && [about, ...beside].includes(row.about ?? 'other'),
  );
  const take = async (files: File[]) => {
    setProblems([]);
    for (const file of files) {
      setSending((n) => n + 1);
      const sent = await sendPicture(settled.id, file);
      setSending((n) => n - 1);
      const errors = sent.ok
        ? add({ ...sent.value, about, printed: 'yes', ...(part ? { partId: part.id, caption: part.name } : {}) })
        : [sent.error];
      setProblems((old) => [...old, ...errors]);
    }
  };
  const open = rowsOf(settled.lists, 'photos').find((row) => row.id === large);
  const pictures = 'image/jpeg,image/png,image/webp,.jpg,.jpeg,.png,.webp';
  return (
    <section aria-label="Photographs" className="photos">
      {mine.length > 0 && (
        <ul className="photo-strip">
          {mine.map((photo) => (
            <li key={photo.id}>
              <button
                type="button"
                onClick={() => setLarge(photo.id)}
                aria-label={`See ${photo.caption ?? 'the photograph'} large`}
              >
                <Picture photo={photo} size="small" />
              </button>
              <span className="soft">
                {photo.caption ?? (photo.about ? lists.photos.columns.about.options[photo.about] : '')}
              </span>
            </li>
          ))}
        </ul>
      )}
      {mayWork && (
        <div className="inline">
          <FileButton
            name={part ? `Take a photograph of ${part.name}` : 'Take a photograph'}
            accept={pictures}
            camera
            onFiles={(files) => void take(files)}
          >
            <Camera size={20} aria-hidden /> Photograph
          </FileButton>
          <FileButton
            name={part ? `Choose a picture of ${part.name}` : 'Choose a picture'}
            accept={pictures}
            multiple
            onFiles={(files) => void take(files)}
          >
            <ImageIcon size={20} aria-hidden /> Choose a picture
          </FileButton>
          {sending > 0 && <span role="status">sending…</span>}
        </div>
      )}
      <Problems all={problems} />
      <Dialog open={open !== undefined} onClose={() => setLarge(null)} maxWidth="lg" aria-label="Photograph">
        {open && (
          <div className="photo-large">
            <Picture photo={open} size="large" />
            <div className="row-cells">
              {(['caption', 'about', 'printed'] as const).map((column) => (
                <RowCell key={column} list="photos" row={open} column={column} set={(value) => set(open, column, value)} />
              ))}
            </div>
            <p className="finding-id" style={{ textAlign: 'left', marginTop: 8 }}>
              sha-256 {open.sha256}
            </p>
            <div className="inline" style={{ marginTop: 10 }}>
              <button type="button" className="button ink" onClick={() => setLarge(null)}>
                Close
              </button>
              {mayWork && (
                <button
                  type="button"
                  className="button"
                  onClick={() => {
                    setProblems(remove(open));
                    setLarge(null);
                  }}
                >
                  Take it off the list
                </button>
              )}
            </div>
          </div>
        )}
      </Dialog>
    </section>
  );
}
