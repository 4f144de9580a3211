import { createCipheriv, createDecipheriv, createHash, randomBytes } from 'node:crypto';

const keyOf = (secret: string): Buffer => createHash('sha256').update(`lorbet-seal\n${secret}`).digest();

/** Closes a few bytes with a secret of the machine, by AES-256-GCM; whoever has the database alone can't open them. */
export function sealBytes(bytes: Buffer, secret: string): string {
  const nonce = randomBytes(12);
  const cipher = createCipheriv('aes-256-gcm', keyOf(secret), nonce);
  const closed = Buffer.concat([cipher.update(bytes), cipher.final()]);
  return [nonce, cipher.getAuthTag(), closed].map((part) => part.toString('base64url')).join('.');
}

/** Opens what `sealBytes` closed; null where the secret is another, or a byte was altered. */
export function openSealed(sealed: string, secret: string): Buffer | null {
  const [nonce, tag, closed] = sealed.split('.').map((part) => Buffer.from(part, 'base64url'));
  if (!nonce || !tag || !closed) return null;
  try {
    const decipher = createDecipheriv('aes-256-gcm', keyOf(secret), nonce).setAuthTag(tag);
    return Buffer.concat([decipher.update(closed), decipher.final()]);
  } catch {
    return null;
  }
}
