/**
 * Prints what a certificate proves, a line of JSON for each thing looked at. Status 0: paper, build and ledger agree; 1: something does not, or can't be
 * vouched for; 2: the file can't be read. With `--keys FILE` (what /api/keys answers, got from the workshop) the key is looked at, too.
 */
import { createHash } from 'node:crypto';
import { readFileSync, statSync } from 'node:fs';
import type { LedgerRow } from '../core/ledger/chain';
import { describeRow } from '../core/ledger/describeRow';
import { judgePaper, type PublicKey } from '../core/proof/judgePaper';
import { verifyEd25519 } from '../formats/proof/ed25519';
import { attachmentsOf } from '../formats/proof/attachments';
import { paperMaxBytes, readPaper } from '../formats/proof/readPaper';

const describe = (rows: readonly LedgerRow[]): Promise<string[]> => Promise.resolve(rows.map(describeRow));
const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');
function readBytes(file: string): Uint8Array | string {
  try {
    const { size } = statSync(file);
    if (size > paperMaxBytes) return `${file} holds ${size} bytes; at most ${paperMaxBytes} are allowed.`;
    return new Uint8Array(readFileSync(file));
  } catch (error) {
    return `${file} can’t be read: ${error instanceof Error ? error.message : String(error)}.`;
  }
}

function readKeys(text: string): PublicKey[] | null {
  try {
    const { keys } = JSON.parse(text) as { keys?: unknown };
    return Array.isArray(keys) ? (keys as PublicKey[]) : null;
  } catch {
    return null;
  }
}

async function main(): Promise<number> {
  const args = process.argv.slice(2);
  const at = args.indexOf('--keys');
  const keysFile = at === -1 ? undefined : args[at + 1];
  const [file, ...rest] = args.filter((_, i) => at === -1 || (i !== at && i !== at + 1));
  const fail = (error: string) => {
    console.log(JSON.stringify({ error }));
    return 2;
  };
  if (!file || rest.length > 0)
    return fail('One certificate is to be named: npm run -s verify-certificate -- FILE [--keys FILE]');
  const bytes = readBytes(file);
  if (typeof bytes === 'string') return fail(bytes);
  let keys: PublicKey[] | null = null;
  if (keysFile !== undefined) {
    const text = readBytes(keysFile);
    if (typeof text === 'string') return fail(text);
    keys = readKeys(Buffer.from(text).toString());
    if (!keys) return fail(`${keysFile} holds no keys; allowed is what a Lorbet answers at /api/keys/KEY.`);
  }
  const reader = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const paper = await readPaper(bytes, (pdf) => attachmentsOf(reader, pdf)).catch(() => null);
  if (!paper) return fail(`${file} is no PDF that can be read.`);
  const report = await judgePaper(paper, { verify: verifyEd25519, describe, known: keys, hash: hashText });
  for (const line of report.lines) console.log(JSON.stringify(line));
  console.log(JSON.stringify({ verdict: report.verdict }));
  // Without the workshop's word whose key it is, the rest can still agree.
  return report.lines.every(({ id, level }) => level === 'sound' || id === 'since' || (id === 'key' && keys === null)) ? 0 : 1;
}

main().then(
  (status) => {
    process.exitCode = status;
  },
  (error: unknown) => {
    console.log(JSON.stringify({ error: error instanceof Error ? error.message : String(error) }));
    process.exitCode = 2;
  },
);
