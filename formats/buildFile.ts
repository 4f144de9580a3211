import type { Build } from '../core/build/Build';
import { canonicalJson } from '../core/record/canonicalJson';

/** A build as a file: the document itself, keys sorted, indented so that a person can read it. */
export const writeBuildFile = (build: Build): string => `${JSON.stringify(JSON.parse(canonicalJson(build)), null, 2)}\n`;

/** A build as a file with the logs of its starts, piece by piece; a log that is not here is left out. */
export async function* writeBuildFileParts(
  build: Build,
  logs: readonly string[],
  logOf: (sha256: string) => Promise<string | null>,
): AsyncGenerator<string, void> {
  if (logs.length === 0) {
    yield writeBuildFile(build);
    return;
  }
  yield `${writeBuildFile(build).replace(/\n\}\n$/, '')},\n  "logs": {`;
  let first = true;
  for (const sha256 of logs) {
    const log = await logOf(sha256);
    if (log === null) continue;
    yield `${first ? '' : ','}\n    ${JSON.stringify(sha256)}: ${JSON.stringify(log)}`;
    first = false;
  }
  yield '\n  }\n}\n';
}

/** A build's name as it may stand in a file name anywhere: letters, digits, hyphens. */
export const fileName = (build: Build): string =>
  build.identity.name
    .normalize('NFKD')
    .replace(/[^a-zA-Z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60) || 'build';
