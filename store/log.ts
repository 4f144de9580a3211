import pino from 'pino';
import { config } from './config';

const shared = globalThis as typeof globalThis & { lorbetLog?: pino.Logger };
/** The longest text that a line of the log holds of anything. */
const longest = 300;

/**
 * An error as it may stand in a log: what kind, its code and where it was thrown. Never its statement or its parameters,
 * and of a database's own message nothing either: both hold what people typed.
 */
function told(error: Error & { code?: string; original?: { code?: string } }): Record<string, string> {
  const fromDatabase = error.original !== undefined || 'sql' in error || /^Sequelize/.test(error.name);
  const code = error.original?.code ?? error.code;
  const frames = (error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 8)
    .map((line) => line.trim().slice(0, 160));
  return {
    type: error.name.slice(0, 60),
    ...(code ? { code: String(code).slice(0, 20) } : {}),
    ...(fromDatabase ? {} : { message: error.message.slice(0, longest) }),
    stack: frames.join(' | '),
  };
}

/** One JSON line an event, to standard output. Never holds a password, a token or what a person typed. */
export function log(): pino.Logger {
  shared.lorbetLog ??= pino({
    level: config().log,
    base: { pid: process.pid },
    serializers: { err: (error: unknown) => (error instanceof Error ? told(error) : { type: typeof error }) },
  });
  return shared.lorbetLog;
}
export { told as errorForLog };
