/** Goes through every ledger of the database. Status 0: all whole; 1: some broken; a line of JSON for each broken one, and one for all. */
import { everyBuildId, verifyBuild } from '../store/builds/ledger';
import { brokenBeside } from '../store/builds/beside';
import { workAcrossWorkshops } from '../store/scope';
import { closeDatabase } from '../store/database';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { readWitness, witnessProblems } from '../core/proof/witness';
import { everyWorkshopId, hashesAt, witnessOf } from '../store/witness';

const hashText = (text: string): string => createHash('sha256').update(text).digest('hex');

/** What speaks against the chains of heads that are kept here, and against one that somebody else kept. */
async function brokenChains(file: string | undefined): Promise<string[]> {
  const kept = await Promise.all((await everyWorkshopId()).map(witnessOf));
  const chains = kept.map((lines) => readWitness(lines.map((line) => JSON.stringify(line)).join('\n')));
  if (file !== undefined) {
    const theirs = readWitness(readFileSync(file, 'utf8'));
    if (!theirs || theirs.length === 0) return [`${file} holds no chain of heads; allowed is a file exported by Lorbet`];
    const same = chains.find((chain) => chain?.[0]?.content.workshopId === theirs[0]?.content.workshopId);
    const shorter = (same?.length ?? 0) < theirs.length || theirs.some(({ line }, i) => same?.[i]?.line.hash !== line.hash);
    chains.push(theirs);
    if (shorter) return [...(await problemsOf(chains)), 'the chain of heads kept here is not the one that the file holds'];
  }
  return problemsOf(chains);
}
async function problemsOf(chains: readonly ReturnType<typeof readWitness>[]): Promise<string[]> {
  const problems: string[] = [];
  for (const chain of chains) {
    if (!chain) problems.push('a chain of heads can’t be read');
    const links = chain ?? [];
    const hashes = await hashesAt(links.flatMap(({ content }) => content.heads.map(([build, rows]) => [build, rows] as const)));
    problems.push(...witnessProblems(links, (build, rows) => hashes.get(`${build} ${rows}`), hashText));
  }
  return [...new Set(problems)];
}

async function main(): Promise<void> {
  workAcrossWorkshops();
  const args = process.argv.slice(2);
  const at = args.indexOf('--witness');
  const witness = at === -1 ? undefined : args[at + 1];
  if (at !== -1 && witness === undefined) throw new Error('--witness names no file; allowed is one exported by Lorbet, Settings');
  const only = args.find((arg, i) => at === -1 || (i !== at && i !== at + 1));
  const ids = only ? [only] : await everyBuildId();
  let [rows, broken] = [0, 0];
  for (const build of ids) {
    const verification = await verifyBuild(build);
    if (!verification || verification.broken) {
      broken += 1;
      console.log(JSON.stringify({ build, ...(verification?.broken ?? { why: 'there is no such build' }) }));
    }
    for (const why of await brokenBeside(build)) {
      broken += 1;
      console.log(JSON.stringify({ build, why }));
    }
    rows += verification?.rows ?? 0;
  }
  if (!only)
    for (const why of await brokenChains(witness)) {
      broken += 1;
      console.log(JSON.stringify({ why }));
    }
  console.log(JSON.stringify({ builds: ids.length, rows, broken }));
  process.exitCode = broken > 0 ? 1 : 0;
}

main()
  .catch((error: unknown) => {
    console.error(`lorbet: the ledgers could not be read: ${error instanceof Error ? error.message : String(error)}`);
    process.exitCode = 2;
  })
  .finally(closeDatabase);
