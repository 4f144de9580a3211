import type { LedgerRow } from '../core/ledger/chain';
import { judgeCode, judgePaper, type PaperReport, type PublicKey } from '../core/proof/judgePaper';
import { readSignedStatement, type SignedStatement } from '../core/proof/statement';
import { verifyEd25519 } from '../formats/proof/ed25519';
import { readPaper } from '../formats/proof/readPaper';

/** What is to be judged: a file with what was found attached to it, or a code. */
export type PaperAsked = { file: Uint8Array; attachments: readonly [string, Uint8Array][] } | { code: string };
/** What the workshop's own Lorbet, where this page comes from, says of the key and of what came later. */
export interface WorkshopSays {
  workshop: string;
  keys: PublicKey[];
  later: { rows: number; standing: 'same' | 'withdrawn' | 'superseded' | 'changed'; why?: string } | null;
}
export type PaperAnswer = { report: PaperReport; says: WorkshopSays | null; reached: boolean } | { error: 'noCode' | 'noPaper' };

/** Fetched where something came after the signature: it brings every command and check along. */
const describe = async (rows: readonly LedgerRow[]): Promise<string[]> => {
  const { describeRow } = await import('../core/ledger/describeRow');
  return rows.map(describeRow);
};

/** Asks with the key's name, the build's and a hash; the paper itself stays here. */
async function ask({ statement }: SignedStatement): Promise<{ says: WorkshopSays | null; reached: boolean }> {
  try {
    const answer = await fetch(`/api/keys/${statement.keyId}?build=${statement.buildId}&head=${statement.ledgerHead}`);
    return { says: answer.ok ? ((await answer.json()) as WorkshopSays) : null, reached: answer.ok || answer.status === 404 };
  } catch {
    return { says: null, reached: false };
  }
}

async function judge(asked: PaperAsked): Promise<PaperAnswer> {
  if ('code' in asked) {
    const code = readSignedStatement(asked.code);
    if (!code) return { error: 'noCode' };
    const { says, reached } = await ask(code);
    return { report: await judgeCode(code, says?.keys ?? (reached ? [] : null), verifyEd25519), says, reached };
  }
  const paper = await readPaper(asked.file, () => Promise.resolve(new Map(asked.attachments)));
  const { says, reached } = paper.proof ? await ask(paper.proof.signed) : { says: null, reached: false };
  // Where no workshop here has the key the reader still learns whether the paper agrees with itself.
  return { report: await judgePaper(paper, { verify: verifyEd25519, describe, known: says?.keys ?? null }), says, reached };
}

self.onmessage = ({ data }: MessageEvent<PaperAsked>) => {
  judge(data).then(
    (answer) => self.postMessage(answer),
    () => self.postMessage({ error: 'noPaper' } satisfies PaperAnswer),
  );
};
