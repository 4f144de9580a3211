import { PhotoStrip } from '../../components/PhotoStrip';
import { kit as t } from '../../texts/en/kit';

/** Photographs of plate, parts and what is used again. */
export function KitPhotos() {
  return (
    <>
      <p className="soft">{t.whereWhenAndByWhichPhone}</p>
      <PhotoStrip about="plate" beside={['part', 'exhaust', 'other']} />
    </>
  );
}
