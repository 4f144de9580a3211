import { PhotoStrip } from '../../components/PhotoStrip';

/** Photographs of plate, parts and what is used again. */
export function KitPhotos() {
  return (
    <>
      <p className="soft">Where, when and by which phone they were taken is left out of what is kept.</p>
      <PhotoStrip about="plate" beside={['part', 'exhaust', 'other']} />
    </>
  );
}
