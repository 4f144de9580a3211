import { NextResponse } from 'next/server';
import { photoMaxBytes, photoProblem } from '../../../../../formats/photoHeader';
import { keepPhoto } from '../../../../../store/photos';
import { readBytes, refused } from '../../../../lib/answers';
import { buildRoute } from '../../../../lib/handle';
import { readPhotoApart } from '../../../../lib/offLoop';

/** Takes a picture; it belongs to the build once a command puts it on its list of photographs. */
export const POST = buildRoute(
  'work',
  async ({ request, person, head }) => {
    const body = await readBytes(request, photoMaxBytes);
    if (!body.ok) return body.response;
    // What its first bytes say is enough to refuse most of what is none.
    const problem = photoProblem(body.bytes);
    if (problem) return refused(400, problem);
    const photo = await readPhotoApart(body.bytes);
    if (!photo.ok) return refused(400, photo.error);
    await keepPhoto(person, head.id, photo.value);
    const { sha256, widthPx, heightPx } = photo.value;
    return NextResponse.json({ sha256, widthPx, heightPx });
  },
  { limit: ['photo', 'photoHour'], apart: true },
);
