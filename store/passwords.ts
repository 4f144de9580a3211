import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';

// scrypt with N 2^15, r 8, p 1 takes about 32 MiB and a tenth of a second: slow for a guesser, unnoticed by a person.
const cost = { N: 32768, r: 8, p: 1, maxmem: 64 * 1024 * 1024 };
const derive = promisify<string, Buffer, number, typeof cost, Buffer>(scrypt);

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
