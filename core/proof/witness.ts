import { canonicalJson } from '../record/canonicalJson';
import { sha256Hex } from '../record/sha256Hex';
import { firstHash } from '../ledger/chain';

/** Where each ledger of a workshop had come to, at one moment. */
export interface WitnessContent {
  workshopId: string;
  seq: number;
  at: string;
  /** build, how many rows, hash of the last: in the order of the builds' ids */ heads: [string, number, string][];
  /** it tells of a build that was made just then, and of no other */ made?: true;
}
/** One link of the chain of heads, as it is kept and handed out. */
export interface WitnessLine {
  prevHash: string;
  /** canonical JSON of a `WitnessContent`, to the letter */ content: string;
  hash: string;
}
type Hash = (text: string) => string;

/** The next link behind the last one. */
export function nextWitness(last: WitnessLine | null, content: WitnessContent, hash: Hash = sha256Hex): WitnessLine {
  const text = canonicalJson(content);
  const prevHash = last?.hash ?? firstHash;
  return { prevHash, content: text, hash: hash(`${prevHash}\n${text}`) };
}

const pattern = /^[0-9a-f]{64}$/;
/** Reads links from JSON lines; null where a line is none. */
export function readWitness(text: string): { line: WitnessLine; content: WitnessContent }[] | null {
  try {
    return text
      .split('\n')
      .filter((one) => one.trim() !== '')
      .map((one) => {
        const line = JSON.parse(one) as WitnessLine;
        const content = JSON.parse(line.content) as WitnessContent;
        if (!pattern.test(line.hash) || !Array.isArray(content.heads)) throw new SyntaxError('no link');
        return { line, content };
      });
  } catch {
    return null;
  }
}

/**
 * What speaks against a chain of heads: a link that does not follow, or a ledger that no longer holds what it held then.
 * @param hashAt the hash of a build's row, or undefined where there is no such row now
 * @returns one sentence each
 */
export function witnessProblems(
  links: readonly { line: WitnessLine; content: WitnessContent }[],
  hashAt: (buildId: string, rows: number) => string | undefined,
  hash: Hash = sha256Hex,
): string[] {
  const problems: string[] = [];
  let prevHash = firstHash;
  for (const [i, { line, content }] of links.entries()) {
    if (content.seq !== i + 1 || line.prevHash !== prevHash || line.hash !== hash(`${prevHash}\n${line.content}`))
      return [...problems, `link ${i + 1} of the chain of heads does not follow from the one before`];
    prevHash = line.hash;
    for (const [build, rows, head] of content.heads) {
      const now = hashAt(build, rows);
      if (now === undefined)
        problems.push(`build ${build} had ${rows} rows on ${content.at.slice(0, 10)}, and row ${rows} is gone`);
      else if (now !== head)
        problems.push(`build ${build} was made anew: its row ${rows} is not the one of ${content.at.slice(0, 10)}`);
    }
  }
  return [...new Set(problems)];
}
