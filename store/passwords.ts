import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';

// scrypt with N 2^15, r 8, p 1 takes about 32 MiB and a tenth of a second: slow for a guesser, unnoticed by a person.
const cost = { N: 32768, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };
const scrypted = promisify<string, Buffer, number, typeof cost, Buffer>(scrypt);

/** So many at once; each keeps a thread and 32 MiB busy, and the others have work of their own to do. */
const atOnce = 2;
const waitingMax = 24;
/** Said where more people sign in at once than can be looked after. */
export class TooManyAtOnce extends Error {}
let running = 0;
const waiting: (() => void)[] = [];

/** scrypt, a few at a time; where too many wait already it is refused at once. */
async function derive(...args: Parameters<typeof scrypted>): Promise<Buffer> {
  if (running >= atOnce) {
    if (waiting.length >= waitingMax) throw new TooManyAtOnce('Too many sign in at once; try again in a moment.');
    await new Promise<void>((go) => waiting.push(go));
  }
  running += 1;
  try {
    return await scrypted(...args);
  } finally {
    running -= 1;
    waiting.shift()?.();
  }
}

export async function hashPassword(password: string): Promise<string> {
  const salt = randomBytes(16);
  return `scrypt$${cost.N}$${salt.toString('hex')}$${(await derive(password.normalize('NFKC'), salt, 32, cost)).toString('hex')}`;
}

export async function passwordMatches(password: string, stored: string): Promise<boolean> {
  const [, n, salt = '', hash = ''] = stored.split('$');
  const expected = Buffer.from(hash, 'hex');
  const given = await derive(password.normalize('NFKC'), Buffer.from(salt, 'hex'), 32, { ...cost, N: Number(n) });
  return expected.length === given.length && timingSafeEqual(expected, given);
}
