import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';

/** SHA-256 of a text's UTF-8 bytes, in hex. Source: FIPS 180-4, by package @noble/hashes. */
export const sha256Hex = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));
