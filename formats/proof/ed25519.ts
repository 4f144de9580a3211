import { ed25519 } from '@noble/curves/ed25519.js';
import { hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js';
import type { VerifySignature } from '../../core/proof/judgePaper';

const fromBase64Url = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text.replace(/-/g, '+').replace(/_/g, '/')), (c) => c.charCodeAt(0));
const bytesOf = (text: string): Uint8Array<ArrayBuffer> => new Uint8Array(utf8ToBytes(text));

/** By the browser’s own WebCrypto; null where it has none (a page that came without HTTPS) or doesn’t know the curve. */
async function byWebCrypto(publicKey: string, text: string, signature: string): Promise<boolean | null> {
  const subtle = (globalThis.crypto as Crypto | undefined)?.subtle;
  if (!subtle) return null;
  try {
    const key = await subtle.importKey('raw', new Uint8Array(hexToBytes(publicKey)), { name: 'Ed25519' }, false, ['verify']);
    return await subtle.verify({ name: 'Ed25519' }, key, fromBase64Url(signature), bytesOf(text));
  } catch {
    return null;
  }
}

/**
 * Whether an Ed25519 signature over a text's UTF-8 bytes is good. Source: RFC 8032, 5.1.7; by WebCrypto, or package @noble/curves where there is none.
 * @param publicKey 32 bytes in hex
 * @param signature 64 bytes in base64url
 * @returns false for a key or a signature of another length, too
 */
export const verifyEd25519: VerifySignature = async (publicKey, text, signature) => {
  if (!/^[0-9a-f]{64}$/.test(publicKey) || !/^[A-Za-z0-9_-]{86}$/.test(signature)) return false;
  return (await byWebCrypto(publicKey, text, signature)) ?? byLibrary(publicKey, text, signature);
};

/** The same by the library alone. */
export function byLibrary(publicKey: string, text: string, signature: string): boolean {
  try {
    return ed25519.verify(fromBase64Url(signature), utf8ToBytes(text), hexToBytes(publicKey), { zip215: false });
  } catch {
    return false;
  }
}
