import { PhotoStrip } from '../../components/PhotoStrip';

/** Photographs of the place, of what lies below it, and of the holes. */
export const SitingPhotos = () => <PhotoStrip about="below" beside={['hole', 'place']} />;
