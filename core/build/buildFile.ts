import { parseJson } from '../record/parseJson';
import { sha256Hex } from '../record/sha256Hex';
import { startFacts } from './startFacts';
import { unpackLog } from './startLog';
import type { Build, StartRun } from './Build';
import { readBuild, type ReadResult } from './readBuild';

/** The longest build file taken, bytes: fifty starts of 20,000 readings and the document. */
export const buildFileMaxBytes = 24 * 1024 * 1024;
export interface BuildFile {
  build: Build;
  /** Logs of starts, by their fingerprint. */
  logs: ReadonlyMap<string, string>;
}

const runsOf = (build: Build): StartRun[] => [...build.starts, ...(build.claims ?? []).flatMap(({ starts }) => starts)];
/** Fingerprints of the logs that belong to a build. */
export const logsNamed = (build: Build): string[] => [...new Set(runsOf(build).flatMap(({ log }) => (log ? [log.sha256] : [])))];

/**
 * Reads a build file: the document, and beside it the logs of its starts.
 * A log must be what its fingerprint says; what it tells is worked out anew, not taken from the file.
 */
export function readBuildFile(value: unknown): ReadResult<BuildFile> {
  if (typeof value !== 'object' || value === null || Array.isArray(value) || !('logs' in value)) {
    const read = readBuild(value);
    return read.ok ? { ok: true, value: { build: read.value, logs: new Map() } } : read;
  }
  const { logs: given, ...document } = value as Record<string, unknown>;
  const read = readBuild(document);
  if (!read.ok) return read;
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    return { ok: false, errors: ['logs is no object; allowed is a log’s text by its fingerprint.'] };
  const wanted = new Set(logsNamed(read.value));
  const logs = new Map<string, string>();
  const facts = new Map<string, StartRun['readings']>();
  for (const [sha256, text] of Object.entries(given)) {
    if (!wanted.has(sha256)) return { ok: false, errors: [`logs holds ${sha256.slice(0, 16)}, which is the log of no start.`] };
    if (typeof text !== 'string') return { ok: false, errors: [`logs.${sha256.slice(0, 16)} is no text.`] };
    const unpacked = unpackLog(text);
    if (!unpacked.ok) return { ok: false, errors: [unpacked.error] };
    if (sha256Hex(text) !== sha256)
      return { ok: false, errors: [`logs.${sha256.slice(0, 16)} is not what its fingerprint says.`] };
    logs.set(sha256, text);
    facts.set(sha256, unpacked.readings);
  }
  const told = (run: StartRun): StartRun => {
    const readings = run.log && facts.get(run.log.sha256);
    return run.log && readings ? { ...run, log: { ...run.log, facts: startFacts({ events: run.events, readings }) } } : run;
  };
  const { value: build } = read;
  return {
    ok: true,
    value: {
      logs,
      build: {
        ...build,
        starts: build.starts.map(told),
        ...(build.claims ? { claims: build.claims.map((claim) => ({ ...claim, starts: claim.starts.map(told) })) } : {}),
      },
    },
  };
}

/** Reads a build file's text. */
export function parseBuildFile(text: string): ReadResult<BuildFile> {
  if (text.length > buildFileMaxBytes)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${buildFileMaxBytes} are allowed.`] };
  try {
    return readBuildFile(parseJson(text));
  } catch (error) {
    if (error instanceof SyntaxError) return { ok: false, errors: [error.message.replace('The text', 'The file')] };
    if (error instanceof RangeError) return { ok: false, errors: ['The file is nested too deeply to be a build.'] };
    throw error;
  }
}
