import { canonicalJson } from '../record/canonicalJson';
import { sha256Hex } from '../record/sha256Hex';
import type { Build } from './Build';

/** What a signature stands for: all of the build but the signatures themselves. */
export const buildHash = (build: Build): string => sha256Hex(canonicalJson({ ...build, signatures: [] }));
