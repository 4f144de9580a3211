import sharp from 'sharp';
import { readPhoto } from '../../formats/readPhoto';

sharp.concurrency(1);
sharp.cache(false);

process.on('message', (message: { id: number; bytes: Uint8Array }) => {
  readPhoto(Buffer.from(message.bytes)).then(
    (value) => process.send?.({ id: message.id, value }),
    () => process.send?.({ id: message.id, value: { ok: false, error: 'The file can’t be read as a picture.' } }),
  );
});
