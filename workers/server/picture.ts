import sharp from 'sharp';
import { readPhoto } from '../../formats/readPhoto';

// A process of its own, so that a picture that takes too much takes only this with it.
sharp.concurrency(1);
sharp.cache(false);

process.on('message', (message: { id: number; bytes: string }) => {
  readPhoto(Buffer.from(message.bytes, 'base64')).then(
    (photo) =>
      process.send?.({
        id: message.id,
        value: photo.ok
          ? {
              ok: true,
              value: {
                ...photo.value,
                picture: photo.value.picture.toString('base64'),
                small: photo.value.small.toString('base64'),
              },
            }
          : photo,
      }),
    () => process.send?.({ id: message.id, value: { ok: false, error: 'The file can’t be read as a picture.' } }),
  );
});
