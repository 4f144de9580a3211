import { photoBytes } from '../../../../../../store/photos';
import { refused } from '../../../../../lib/answers';
import { buildRoute } from '../../../../../lib/handle';

export const GET = buildRoute('look', async ({ request, params, head }) => {
  const { sha256 = '' } = params;
  const size = new URL(request.url).searchParams.get('size') === 'small' ? 'small' : 'picture';
  const bytes = /^[0-9a-f]{64}$/.test(sha256) ? await photoBytes(head.id, sha256, size) : null;
  if (!bytes) return refused(404, 'There is no such photograph of this build.');
  return new Response(new Uint8Array(bytes), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
  });
});
