import { canonicalJson } from '../record/canonicalJson';
import { sha256Hex } from '../record/sha256Hex';
import type { Build } from './Build';

/** What a signature stands for, as text: all of the build but the signatures themselves, and the visits that came after them. */
export function signedText({ visits: _visits, ...build }: Partial<Build>): string {
  return canonicalJson({ ...build, signatures: [] });
}

/** SHA-256 of what a signature stands for. */
export const buildHash = (build: Build): string => sha256Hex(signedText(build));
