// npm run -s verify-certificate -- FILE [--keys FILE]: whether a certificate's paper, build and ledger agree. No server, no database.
import { runOnFile } from './lib/onFile.mjs';
import { guarded } from './lib/run.mjs';

await guarded(() => runOnFile('verifyCertificate.ts'));
