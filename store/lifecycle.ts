import { stopListening } from './changes';
import { config } from './config';
import { closeDatabase } from './database';
import { log } from './log';
import { keepWitness } from './witness';

/**
 * Checks the settings, and ends the process with a sentence for each that is wrong.
 * On SIGTERM or SIGINT Next lets the requests under way finish; the database's connections are given back then.
 */
export function begin(): void {
  try {
    const { log: level, behindProxy, https, poolSize } = config();
    log().info({ level, behindProxy, https, poolSize }, 'server starts');
  } catch (error) {
    process.stderr.write(`lorbet: ${error instanceof Error ? error.message : String(error)}\n`);
    process.exit(78);
  }
  keepWitness();
  let ending = false;
  const end = (signal: string) => {
    if (ending) return;
    ending = true;
    log().info({ signal }, 'server stops');
    // Open streams of changes would keep the server from ending.
    void stopListening();
    setTimeout(() => void closeDatabase().catch(() => undefined), 4000).unref();
  };
  process.once('SIGTERM', () => end('SIGTERM'));
  process.once('SIGINT', () => end('SIGINT'));
}
