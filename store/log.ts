import pino from 'pino';
import { config } from './config';

const shared = globalThis as typeof globalThis & { lorbetLog?: pino.Logger };

/** One JSON line an event, to standard output. Never holds a password, a token or what a person typed. */
export function log(): pino.Logger {
  shared.lorbetLog ??= pino({ level: config().log, base: { pid: process.pid } });
  return shared.lorbetLog;
}
