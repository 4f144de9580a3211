import { witnessOf } from '../../../../store/witness';
import { download } from '../../../lib/answers';
import { route } from '../../../lib/handle';

/** The chain of ledger heads, for somebody else to keep. */
export const GET = route('manage', async ({ person }) => {
  const lines = await witnessOf(person.workshopId);
  return download(lines.map((line) => `${JSON.stringify(line)}\n`).join(''), 'application/x-ndjson', 'heads-of-ledgers.jsonl');
});
