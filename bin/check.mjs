// npm run -s check -- FILE: the findings of a build file as JSON lines. No server, no database.
import { runOnFile } from './lib/onFile.mjs';
import { guarded } from './lib/run.mjs';

await guarded(() => runOnFile('checkFile.ts'));
