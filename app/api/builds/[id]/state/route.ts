import { refused } from '../../../../lib/answers';
import { buildRoute } from '../../../../lib/handle';
import { stateAnswer } from '../../../../lib/state';

/**
 * The build and its newest ledger rows; after a row that the device holds already only what has changed since, or nothing (304) where
 * that is what it names by its ETag.
 */
export const GET = buildRoute('look', async ({ request, person, head }) => {
  const asked = new URL(request.url).searchParams.get('after');
  const after = asked === null ? null : Number(asked);
  if (after !== null && (!Number.isSafeInteger(after) || after < 0)) return refused(400, 'after must be a whole number from 0.');
  return stateAnswer(request, person, head, after);
});
