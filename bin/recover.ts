/** Makes a link for a lead who is locked out, and prints the way to it. Run by `npm run recover`. */
import { recoverLead } from '../store/crew';
import { workAcrossWorkshops } from '../store/scope';
import { closeDatabase } from '../store/database';

async function main(): Promise<void> {
  workAcrossWorkshops();
  const made = await recoverLead(process.argv[2] ?? '');
  if (made.ok) {
    console.log(`lorbet: open /join/${made.value} where Lorbet is reached, within three days, and choose a new password.`);
    console.log(
      'lorbet: every session of this person has ended; this stands in the record of sign-ins, and on what is signed next.',
    );
  } else {
    console.error(`lorbet: ${made.errors.join(' ')}`);
    process.exitCode = 1;
  }
}

main()
  .catch((error: unknown) => {
    console.error(`lorbet: no link was made: ${error instanceof Error ? error.message : String(error)}`);
    process.exitCode = 1;
  })
  .finally(closeDatabase);
