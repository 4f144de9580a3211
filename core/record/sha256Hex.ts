import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import type { Build } from '../build/Build';
import { canonicalJson } from './canonicalJson';

/** SHA-256 of a text's UTF-8 bytes, in hex. Source: FIPS 180-4, by package @noble/hashes. */
export const sha256Hex = (text: string): string => bytesToHex(sha256(utf8ToBytes(text)));

/** What a signature stands for: all of the build but the signatures themselves. */
export const buildHash = (build: Build): string => sha256Hex(canonicalJson({ ...build, signatures: [] }));
