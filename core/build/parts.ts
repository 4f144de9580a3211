import { canonicalJson } from '../record/canonicalJson';
import type { Build } from './Build';

/** Parts of a build by name; null for one that is gone. */
export type Parts = Readonly<Record<string, unknown>>;

/** What holds many parts, each of which travels alone: `sheets/fuel`, `lists/photos`. */
const holders = ['sheets', 'lists'] as const;
const isHolder = (key: string): key is (typeof holders)[number] => (holders as readonly string[]).includes(key);

/** A build in parts that can travel alone: each sheet, each list, and each other member of the document. */
export function partsOf(build: Build): Parts {
  const parts: Record<string, unknown> = {};
  for (const [key, value] of Object.entries(build)) {
    if (value === undefined) continue;
    if (!isHolder(key)) parts[key] = value;
    else for (const [name, inner] of Object.entries(value as object)) if (inner !== undefined) parts[`${key}/${name}`] = inner;
  }
  return parts;
}

/** Names of the parts in which two builds differ. */
export function changedParts(before: Build, after: Build): string[] {
  const [old, now] = [partsOf(before), partsOf(after)];
  return [...new Set([...Object.keys(old), ...Object.keys(now)])].filter(
    (name) => old[name] !== now[name] && canonicalJson(old[name] ?? null) !== canonicalJson(now[name] ?? null),
  );
}

/** The named parts of a build; null for one that it does not have. */
export function pickParts(build: Build, names: readonly string[]): Parts {
  const parts = partsOf(build);
  return Object.fromEntries(names.map((name) => [name, parts[name] ?? null]));
}

/** A build with parts put in the place of its own; what is not named stays the very same object. */
export function withParts(build: Build, parts: Parts): Build {
  const next: Record<string, unknown> = { ...build };
  for (const [name, value] of Object.entries(parts)) {
    const [key = '', inner] = name.split('/');
    const table = inner === undefined ? next : { ...(next[key] as Record<string, unknown> | undefined) };
    if (value === null) delete table[inner ?? key];
    else table[inner ?? key] = value;
    if (inner !== undefined) next[key] = table;
  }
  return next as unknown as Build;
}

/** For each part the ledger row at which it last changed; `*` for all that have not changed since that row. */
export type PartSeqs = Readonly<Record<string, number>>;
export const everyPart = '*';

/** Names of the parts that have changed after a ledger row; null where all of them may have. */
export function partsSince(seqs: PartSeqs, after: number): string[] | null {
  if ((seqs[everyPart] ?? Number.POSITIVE_INFINITY) > after) return null;
  return Object.keys(seqs).filter((name) => name !== everyPart && (seqs[name] ?? 0) > after);
}
