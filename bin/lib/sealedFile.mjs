import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, openSync, readFileSync, readSync, closeSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { Decrypter, Encrypter, generateX25519Identity, identityToRecipient } from 'age-encryption';
import { Trouble } from './run.mjs';

// Files are sealed as age-encryption.org/v1 describes it, by X25519 and ChaCha20-Poly1305, piece by piece: any program for that form opens them.
const begin = 'age-encryption.org/v1';

/** A new pair of keys: the machine keeps the open half and can't read what it seals; the other half lies elsewhere. */
export async function newKeys() {
  const secret = await generateX25519Identity();
  return { secret, open: await identityToRecipient(secret) };
}

/** @returns whether a file begins as a sealed one does */
export function isSealed(file) {
  const head = Buffer.alloc(begin.length);
  const opened = openSync(file, 'r');
  try {
    readSync(opened, head, 0, head.length, 0);
  } finally {
    closeSync(opened);
  }
  return head.toString('latin1') === begin;
}

/** What the program said last, and how it ended. */
function watch(child) {
  let said = '';
  child.stderr.on('data', (text) => {
    said = `${said}${text}`.slice(-2000);
  });
  const ended = new Promise((resolve) => {
    child.once('error', (error) => resolve({ status: 1, said: error.message }));
    child.once('close', (status) => resolve({ status: status ?? 1, said: said.trim().split('\n').at(-1) ?? '' }));
  });
  return ended;
}

/**
 * Runs a program and keeps what it prints, sealed; no piece of it lies on the disk unsealed.
 * @param recipients open halves of keys, parted by commas
 */
export async function keepSealed(program, args, { env, recipients, file }) {
  const encrypter = new Encrypter();
  for (const one of recipients.split(',').map((text) => text.trim()))
    try {
      encrypter.addRecipient(one);
    } catch {
      throw new Trouble(
        `LORBET_BACKUP_FOR holds “${one.slice(0, 80)}”, which is no open half of a key; allowed is one that npm run backup -- --new-key FILE printed.`,
      );
    }
  const child = spawn(program, args, { env, stdio: ['ignore', 'pipe', 'pipe'] });
  const ended = watch(child);
  const sealed = await encrypter.encrypt(Readable.toWeb(child.stdout));
  await pipeline(Readable.fromWeb(sealed), createWriteStream(file));
  return ended;
}

/** Gives a program what a sealed file holds. Where a piece of it was altered or is missing, the program is ended before it has read all. */
export async function readSealed(program, args, { env, keyFile, file }) {
  const decrypter = new Decrypter();
  try {
    decrypter.addIdentity(readFileSync(keyFile, 'utf8').trim().split('\n').at(-1) ?? '');
  } catch {
    throw new Trouble(`${keyFile} holds no key; allowed is the file that npm run backup -- --new-key FILE wrote.`);
  }
  let opened;
  try {
    opened = await decrypter.decrypt(Readable.toWeb(createReadStream(file)));
  } catch {
    return { status: 1, said: `${file} was not sealed for the key in ${keyFile}, or was altered` };
  }
  const child = spawn(program, args, { env, stdio: ['pipe', 'ignore', 'pipe'] });
  const ended = watch(child);
  child.stdin.on('error', () => undefined);
  try {
    // The last piece comes only once it was found whole, so a program that reads to the end has read nothing that was altered.
    for await (const piece of Readable.fromWeb(opened))
      if (!child.stdin.write(piece)) await new Promise((drained) => child.stdin.once('drain', drained).once('close', drained));
    child.stdin.end();
  } catch {
    child.kill('SIGKILL');
    await ended;
    return { status: 1, said: `${file} was altered, or its end is missing` };
  }
  return ended;
}
