import { NextResponse } from 'next/server';
import { photoMaxBytes, readPhoto } from '../../../../../formats/readPhoto';
import { keepPhoto } from '../../../../../store/photos';
import { readBytes, refused } from '../../../../lib/answers';
import { buildRoute } from '../../../../lib/handle';

/** Takes a picture; it belongs to the build once a command puts it on its list of photographs. */
export const POST = buildRoute(
  'work',
  async ({ request, person, kept }) => {
    const body = await readBytes(request, photoMaxBytes);
    if (!body.ok) return body.response;
    const photo = await readPhoto(body.bytes);
    if (!photo.ok) return refused(400, photo.error);
    await keepPhoto(person, kept.build.id, photo.value);
    const { sha256, widthPx, heightPx } = photo.value;
    return NextResponse.json({ sha256, widthPx, heightPx });
  },
  { limit: 'photo' },
);
