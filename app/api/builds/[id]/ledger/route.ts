import { ledgerText } from '../../../../../store/builds/ledger';
import { refused } from '../../../../lib/answers';
import { buildRoute } from '../../../../lib/handle';
import { encode, encodingFor, packed, withRows } from '../../../../lib/packed';

/** The rows before `before`, as many as fit into one page. */
export const GET = buildRoute('look', async ({ request, head }) => {
  const before = Number(new URL(request.url).searchParams.get('before') ?? Number.NaN);
  if (!Number.isSafeInteger(before) || before < 1 || before > 2 ** 31 - 1)
    return refused(400, 'before must be a whole number from 1.');
  return packed(await encode(withRows({ id: head.id }, await ledgerText(head.id, { before })), encodingFor(request)));
});
