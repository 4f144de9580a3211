import type { Build } from '../core/build/Build';
import { canonicalJson } from '../core/ledger/canonicalJson';

/** A build as a file: the document itself, keys sorted, indented so that a person can read it. */
export const writeBuildFile = (build: Build): string => `${JSON.stringify(JSON.parse(canonicalJson(build)), null, 2)}\n`;

/** A build's name as it may stand in a file name anywhere: letters, digits, hyphens. */
export const fileName = (build: Build): string =>
  build.identity.name
    .normalize('NFKD')
    .replace(/[^a-zA-Z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60) || 'build';
