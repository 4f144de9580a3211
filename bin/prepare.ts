/** Brings the database to its newest form and loads the demo once. Run by `npm start` and the tests, with the database's address in the environment. */
import { workAcrossWorkshops } from '../store/scope';
import { closeDatabase } from '../store/database';
import { migrate } from '../store/migrate';
import { anyPeople } from '../store/people';
import { endEverySession } from '../store/sessions';

async function main(): Promise<void> {
  workAcrossWorkshops();
  const ran = await migrate();
  if (ran.length > 0) console.log(`lorbet: database brought to ${ran[ran.length - 1]}`);
  // A backup holds sessions and links of its day; none of them lets anybody in again.
  if (process.argv.includes('--all-out')) await endEverySession();
  if (!process.argv.includes('--demo') || (await anyPeople())) return;
  // Most of the app is read for it: only where it is wanted.
  const { loadDemo } = await import('../demo/loadDemo');
  if (await loadDemo()) console.log('lorbet: demo data loaded (all of it invented)');
}

main()
  .catch((error: unknown) => {
    console.error(`lorbet: the database could not be prepared: ${error instanceof Error ? error.message : String(error)}`);
    process.exitCode = 1;
  })
  .finally(closeDatabase);
