import { signedText } from '../build/buildHash';
import { firstBreak, type LedgerRow } from '../ledger/chain';
import { canonicalJson } from '../record/canonicalJson';
import { sha256Hex } from '../record/sha256Hex';
import { keyIdOf, sealText, statementText, successionText, type SignedStatement, type Standing } from './statement';

/** A key of a workshop, as the workshop tells it. */
export interface PublicKey {
  /** 32 bytes in hex */ publicKey: string;
  madeAtMs: number;
  /** when it was set aside, and why */ retired?: { atMs: number; why: 'changed' | 'lost' };
  /** the key before it, and its signature that this one follows */ after?: { publicKey: string; signature: string };
}
/** A row as it was read from a file, with the text that it was read from: that one was hashed. */
export interface ReadRow extends LedgerRow {
  content: string;
}
/** What a certificate's file holds, as far as it could be read. */
export interface Paper {
  /** SHA-256 of all bytes before the seal */ fileSha256: string;
  /** the key's signature over the whole file, at its end; null where there is none */ seal: string | null;
  proof: { signed: SignedStatement; publicKey: string; workshop: string } | null;
  /** the attached build, as JSON */ build: Record<string, unknown> | null;
  /** the attached ledger */ rows: readonly ReadRow[] | null;
}
export type Verdict = 'holds' | 'partly' | 'broken' | 'withdrawn';
export interface PaperLine {
  id: 'statement' | 'seal' | 'build' | 'ledger' | 'signature' | 'key' | 'since' | 'later';
  level: 'sound' | 'watch' | 'stop';
  text: string;
}
export interface PaperReport {
  verdict: Verdict;
  lines: PaperLine[];
}
/** A line for each of a few rows. It knows every kind of command there is, so whoever needs it seldom fetches it then. */
type Describe = (rows: readonly LedgerRow[]) => Promise<string[]>;
export interface Means {
  verify: VerifySignature;
  describe: Describe;
  /** the workshop's keys, where the reader has them from the workshop itself, or will have them; null where not */ known?:
    readonly PublicKey[] | null | Promise<readonly PublicKey[] | null>;
  /** SHA-256 of a text in hex; a faster one than our own may be passed in */ hash?: (text: string) => string;
}
/** Whether a signature (base64url) over a text is good by a public key (hex). */
export type VerifySignature = (publicKey: string, text: string, signature: string) => Promise<boolean>;

const told = (ms: number): string => `${new Date(ms).toISOString().slice(0, 16).replace('T', ' ')} UTC`;
const standingTexts: Record<Standing, string> = {
  draft: 'It is a draft: nobody had signed the build when it was made.',
  signed: 'The build was signed as it stood when this was made.',
  corrected: 'The build had been changed after its last signature when this was made.',
  withdrawn: 'The certificate had been withdrawn when this was made.',
  imported: 'The build had come as a file with its signature; the workshop did not vouch for it.',
  broken: 'The record was broken when this was made; nothing in it can be vouched for.',
};
interface SignatureShape {
  typedName?: unknown;
  role?: unknown;
  at?: unknown;
  buildHash?: unknown;
  of?: unknown;
  formerHash?: unknown;
}

/** Who signed, and whether over what is attached. */
function signatureLine(build: Record<string, unknown>, hash: string, rows: readonly LedgerRow[]): PaperLine {
  const line = (level: PaperLine['level'], text: string): PaperLine => ({ id: 'signature', level, text });
  const signatures = Array.isArray(build.signatures) ? (build.signatures as SignatureShape[]) : [];
  const last = signatures[signatures.length - 1];
  if (!last) return line('watch', 'Nobody has signed the attached build.');
  // All who signed that same state: a rule pack may ask for two.
  const together = signatures.filter((one) => one.buildHash === last.buildHash);
  const who = together
    .map(({ typedName, role, at }) => `${String(typedName)} (${String(role)}), ${String(at).slice(0, 16).replace('T', ' ')} UTC`)
    .join(', and ');
  const alone = last.of === 2 && new Set(together.map(({ typedName }) => typedName)).size < 2;
  const hashes = [last.buildHash, last.formerHash];
  if (!rows.some(({ kind, body }) => kind === 'sign' && hashes.includes((body as { buildHash?: unknown }).buildHash)))
    return line('watch', `Signed by ${who}, but not in this workshop’s ledger: the signature came with a file.`);
  if (alone) return line('watch', `Signed by ${who}, alone: two people have to sign it, so it is not signed yet.`);
  return last.buildHash === hash
    ? line('sound', `Signed by ${who}, over the very build that is attached.`)
    : line('watch', `Signed by ${who}, over another state of the build: it was changed since.`);
}

/** What the ledger tells of the time after the last signature. */
async function sinceLine(rows: readonly LedgerRow[], describe: Describe): Promise<PaperLine | null> {
  const signed = rows.findLastIndex(({ kind }) => kind === 'sign');
  const since = signed === -1 ? [] : rows.slice(signed + 1);
  if (since.length === 0) return null;
  const told = await describe(since.slice(0, 8));
  const shown = since.slice(0, 8).map((row, i) => `${row.at.slice(0, 10)} ${row.by}: ${told[i] ?? row.kind}`);
  const more = since.length - shown.length;
  return {
    id: 'since',
    level: 'watch',
    text: `Since the signature: ${shown.join('; ')}${more > 0 ? `; and ${more} more` : ''}.`,
  };
}

/** Whether the key is one that the reader has cause to trust: told by the workshop, not set aside before the paper was made. */
async function keyLine(
  publicKey: string,
  madeAtMs: number,
  known: readonly PublicKey[] | null,
  verify: VerifySignature,
): Promise<PaperLine> {
  const line = (level: PaperLine['level'], text: string): PaperLine => ({ id: 'key', level, text });
  const id = keyIdOf(publicKey);
  if (known === null)
    return line(
      'watch',
      `Its key is ${id}. That this is the workshop’s own key only the workshop can tell: ask it, by a way that you know.`,
    );
  const found = known.find((key) => key.publicKey === publicKey);
  if (!found)
    return line('stop', `Its key ${id} is none of the workshop’s keys: this is the certificate of another workshop, or made up.`);
  const { retired, after } = found;
  if (after && !(await verify(after.publicKey, successionText(publicKey, found.madeAtMs), after.signature)))
    return line('stop', `Key ${id} says that it follows key ${keyIdOf(after.publicKey)}, and that one never signed it.`);
  if (retired?.why === 'lost')
    return line(
      'watch',
      `Key ${id} was told to be lost or stolen on ${told(retired.atMs)}: whoever has it can make papers with any date. Ask the workshop for a new one.`,
    );
  if (retired && retired.atMs < madeAtMs)
    return line('stop', `Key ${id} had been set aside on ${told(retired.atMs)}, before this paper was made.`);
  return line('sound', `Key ${id} is the workshop’s own${retired ? `, in use until ${told(retired.atMs)}` : ''}.`);
}

/**
 * Whether paper, build and ledger agree, who signed, and what changed since. Nothing in a file is taken on its word: hashes are made anew.
 */
export async function judgePaper(
  paper: Paper,
  { verify, describe, known = null, hash = sha256Hex }: Means,
): Promise<PaperReport> {
  const lines: PaperLine[] = [];
  const say = (id: PaperLine['id'], level: PaperLine['level'], text: string) => lines.push({ id, level, text });
  const { proof, build, rows, seal } = paper;
  if (!proof) {
    say(
      'statement',
      'stop',
      'There is no proof in this file. A paper that was printed and scanned, or saved by another program, has lost it: scan the code on its first page, which still tells what was signed, and ask for the file itself.',
    );
    return { verdict: 'broken', lines };
  }
  const { statement, signature } = proof.signed;
  const ownKey = keyIdOf(proof.publicKey) === statement.keyId;
  if (!ownKey || !(await verify(proof.publicKey, statementText(statement), signature))) {
    say('statement', 'stop', 'What the proof says was not signed with the key that it names: nothing here can be believed.');
    return { verdict: 'broken', lines };
  }
  say(
    'statement',
    'sound',
    `${proof.workshop} says, signed with key ${statement.keyId} on ${told(statement.madeAtMs)}: build ${statement.buildId} after row ${statement.rows} of its ledger. ${standingTexts[statement.standing]}`,
  );
  if (seal === null)
    say(
      'seal',
      'watch',
      'The seal over the whole file is gone: another program has saved it anew. What is printed can’t be vouched for; what is attached can.',
    );
  else if (await verify(proof.publicKey, sealText(paper.fileSha256), seal))
    say('seal', 'sound', 'The paper is as the workshop made it, to the last byte.');
  else say('seal', 'stop', 'The file was altered after the workshop sealed it: what is printed is not what the workshop wrote.');

  const buildHash = build && hash(signedText(build));
  if (!build) say('build', 'stop', 'The attached build is gone, or can’t be read.');
  else if (build.id !== statement.buildId)
    say('build', 'stop', `The attached build is another one, ${String(build.id).slice(0, 36)}.`);
  else if (buildHash !== statement.buildHash)
    say('build', 'stop', 'The attached build is not the one that was signed for: something in it was altered.');
  else say('build', 'sound', 'The attached build is the one that was signed for.');

  const ledger = rows && judgeRows(rows, statement, build, hash);
  if (!rows) say('ledger', 'stop', 'The attached ledger is gone, or can’t be read.');
  else if (ledger) say('ledger', 'stop', `The attached ledger does not hold: ${ledger}.`);
  else
    say(
      'ledger',
      'sound',
      `All ${rows.length} rows of the attached ledger follow one from the other, and the last left this build.`,
    );

  if (build && buildHash && rows) {
    lines.push(signatureLine(build, buildHash, rows));
    const since = await sinceLine(rows, describe);
    if (since) lines.push(since);
  }
  lines.push(await keyLine(proof.publicKey, statement.madeAtMs, await known, verify));
  const verdict = lines.some(({ level }) => level === 'stop')
    ? 'broken'
    : lines.some(({ id, level }) => level === 'watch' && id !== 'since')
      ? 'partly'
      : 'holds';
  return { verdict, lines };
}

/** Why a ledger is not the one that was signed for; null where it is. */
function judgeRows(
  rows: readonly ReadRow[],
  statement: SignedStatement['statement'],
  build: Record<string, unknown> | null,
  hash: (text: string) => string,
): string | null {
  const broken = firstBreak(rows, hash, ({ content }) => content);
  if (broken) return broken.why;
  const last = rows[rows.length - 1];
  if (rows.length !== statement.rows) return `it has ${rows.length} rows, and ${statement.rows} were signed for`;
  if (!last || last.hash !== statement.ledgerHead)
    return 'it is whole in itself, but was made anew: its last row is not the one that was signed for';
  if (rows.some(({ buildId }) => buildId !== statement.buildId)) return 'it holds rows of another build';
  const left = (last.body as { documentHash?: unknown }).documentHash;
  if (build && typeof left === 'string' && left !== hash(canonicalJson(build)))
    return `the attached build is not what its row ${last.seq} left`;
  return null;
}

/**
 * What a code on page 1 still proves where only the paper is there: which build, which state, by which key.
 * Lines as `judgePaper` gives them.
 */
export async function judgeCode(
  signed: SignedStatement,
  known: readonly PublicKey[] | null,
  verify: VerifySignature,
): Promise<PaperReport> {
  const { statement, signature } = signed;
  if (known === null)
    return {
      verdict: 'partly',
      lines: [
        {
          id: 'key',
          level: 'watch',
          text: `The code names key ${statement.keyId}; whether it was signed with it can’t be told, since the workshop’s Lorbet can’t be reached from here.`,
        },
      ],
    };
  const key = known.find(({ publicKey }) => keyIdOf(publicKey) === statement.keyId);
  if (!key)
    return {
      verdict: 'broken',
      lines: [
        {
          id: 'key',
          level: 'stop',
          text: `The code names key ${statement.keyId}, which is none of this workshop’s keys: it is the certificate of another workshop, or made up.`,
        },
      ],
    };
  if (!(await verify(key.publicKey, statementText(statement), signature)))
    return {
      verdict: 'broken',
      lines: [{ id: 'statement', level: 'stop', text: `The code was not signed with key ${statement.keyId}.` }],
    };
  return {
    verdict: 'partly',
    lines: [
      {
        id: 'statement',
        level: 'sound',
        text: `Signed with key ${statement.keyId} on ${told(statement.madeAtMs)}: build ${statement.buildId} after row ${statement.rows} of its ledger, whose last hash is ${statement.ledgerHead}. ${standingTexts[statement.standing]}`,
      },
      await keyLine(key.publicKey, statement.madeAtMs, known, verify),
      {
        id: 'seal',
        level: 'watch',
        text: 'A code proves what was signed, not what is printed beside it. Compare the numbers on the foot of each page with these, and ask for the file to compare the rest.',
      },
    ],
  };
}
