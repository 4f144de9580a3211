import { fileName } from '../../../../../../formats/buildFile';
import { writeLedgerLines } from '../../../../../../formats/ledgerLines';
import { wholeLedger } from '../../../../../../store/builds/ledger';
import { download } from '../../../../../lib/answers';
import { documentRoute } from '../../../../../lib/handle';

export const GET = documentRoute(
  'look',
  async ({ kept }) =>
    download(writeLedgerLines(await wholeLedger(kept.build.id)), 'application/x-ndjson', `${fileName(kept.build)}-ledger.jsonl`),
  { heavy: true },
);
