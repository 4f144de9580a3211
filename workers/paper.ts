import type { LedgerRow } from '../core/ledger/chain';
import { judgeCode, judgePaper, type PaperReport } from '../core/proof/judgePaper';
import { withLater, type Heard, type WorkshopSays } from '../core/proof/laterLine';
import { readSignedStatement, type SignedStatement } from '../core/proof/statement';
import { verifyEd25519 } from '../formats/proof/ed25519';
import { attached, readPaper, readProof } from '../formats/proof/readPaper';

/** What is to be judged: a file with what was found attached to it, or a code. */
export type PaperAsked = { file: Uint8Array; attachments: readonly [string, Uint8Array][] } | { code: string };
export type PaperAnswer = { report: PaperReport } | { error: 'noCode' | 'noPaper' };

/** Fetched where something came after the signature: it brings every command and check along. */
const describe = async (rows: readonly LedgerRow[]): Promise<string[]> => {
  const { describeRow } = await import('../core/ledger/describeRow');
  return rows.map(describeRow);
};

/** Asks with the key's name, the build's and a hash; the paper itself stays here. */
async function ask({ statement }: SignedStatement): Promise<Heard> {
  try {
    const answer = await fetch(`/api/keys/${statement.keyId}?build=${statement.buildId}&head=${statement.ledgerHead}`);
    if (answer.ok) return { reached: true, says: (await answer.json()) as WorkshopSays };
    return answer.status === 404 ? { reached: true, says: null } : { reached: false };
  } catch {
    return { reached: false };
  }
}
const keysOf = (heard: Heard) => (heard.reached ? (heard.says?.keys ?? null) : null);

async function judge(asked: PaperAsked): Promise<PaperAnswer> {
  if ('code' in asked) {
    const code = readSignedStatement(asked.code);
    if (!code) return { error: 'noCode' };
    const heard = await ask(code);
    // A code bears no key: one that nobody here has can't be good here.
    const known = keysOf(heard) ?? (heard.reached ? [] : null);
    return { report: withLater(await judgeCode(code, known, verifyEd25519), heard) };
  }
  const attachments = new Map(asked.attachments);
  // The workshop is asked first and thinks while the file is gone through.
  const proof = readProof(attachments.get(attached.proof));
  const asking: Promise<Heard> = proof ? ask(proof.signed) : Promise.resolve({ reached: false });
  const paper = await readPaper(asked.file, () => Promise.resolve(attachments));
  // Where no workshop here has the key the reader still learns whether the paper agrees with itself.
  const report = await judgePaper(paper, { verify: verifyEd25519, describe, known: asking.then(keysOf) });
  return { report: paper.proof ? withLater(report, await asking) : report };
}

self.onmessage = ({ data }: MessageEvent<PaperAsked>) => {
  judge(data).then(
    (answer) => self.postMessage(answer),
    () => self.postMessage({ error: 'noPaper' } satisfies PaperAnswer),
  );
};
