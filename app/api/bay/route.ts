import { readBayFilter } from '../../../core/checks/bayFilter';
import { messageOf } from '../../../core/checks/findingText';
import { listBuilds } from '../../../store/builds/bay';
import { refused } from '../../lib/answers';
import { route } from '../../lib/handle';
import { packedJson } from '../../lib/packed';
import { signedOf } from '../../lib/signed';

/** A page of the workshop's builds, the last changed first: those that a filter wants, older than `from`; for a lead how much is due. */
export const GET = route('look', async ({ request, person }) => {
  const asked = new URL(request.url).searchParams;
  const { filter, errors } = readBayFilter(asked);
  if (errors.length > 0) return refused(400, ...errors);
  const page = await listBuilds(person, { ...filter, from: (asked.get('from') ?? '').slice(0, 80) });
  // Told here, in this person's units: the page would otherwise have to bring every check there is.
  const builds = page.builds.map((build) => {
    const { worst } = build.summary;
    return { ...build, told: worst && messageOf(worst, person.unitPreferences) };
  });
  return packedJson(request, { ...signedOf(person), ...page, builds });
});
