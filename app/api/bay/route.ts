import { listBuilds } from '../../../store/builds/bay';
import { route } from '../../lib/handle';
import { packedJson } from '../../lib/packed';
import { signedOf } from '../../lib/signed';

/** A page of the workshop's builds, the last changed first: those that hold `find`, older than `from`. */
export const GET = route('look', async ({ request, person }) => {
  const asked = new URL(request.url).searchParams;
  const one = (name: string) => (asked.get(name) ?? '').slice(0, 80);
  const page = await listBuilds(person, { search: one('find'), from: one('from') });
  return packedJson(request, { ...signedOf(person), ...page });
});
