/** Goes through every ledger of the database. Status 0: all whole; 1: some broken; a line of JSON for each broken one, and one for all. */
import { everyBuildId, verifyBuild } from '../store/builds/ledger';
import { brokenPhotos } from '../store/photos';
import { closeDatabase } from '../store/database';

async function main(): Promise<void> {
  const [only] = process.argv.slice(2);
  const ids = only ? [only] : await everyBuildId();
  let [rows, broken] = [0, 0];
  for (const build of ids) {
    const verification = await verifyBuild(build);
    if (!verification || verification.broken) {
      broken += 1;
      console.log(JSON.stringify({ build, ...(verification?.broken ?? { why: 'there is no such build' }) }));
    }
    for (const photo of await brokenPhotos(build)) {
      broken += 1;
      console.log(JSON.stringify({ build, photo, why: 'the picture is not what its fingerprint says' }));
    }
    rows += verification?.rows ?? 0;
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
