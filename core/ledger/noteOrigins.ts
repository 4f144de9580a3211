import { definitionOf, isCommandKind } from '../commands/allCommands';
import { allOrigins, type Origin, type Origins } from '../record/Origin';
import type { LedgerContent } from './chain';
import { raiseRow } from './raiseRow';

/** Origins after one more ledger row. `madeAt` in a row's body is when it was entered on a device that had no way through. */
export function noteOrigins(origins: Origins, row: Pick<LedgerContent, 'kind' | 'body' | 'by' | 'at'>): Origins {
  const { kind, body, by, at } = raiseRow(row);
  const origin: Origin = { by, at: (body as { madeAt?: string }).madeAt ?? at };
  if (kind === 'created') return { [allOrigins]: origin };
  if (kind === 'imported') return { [allOrigins]: { ...origin, file: true } };
  const keys = isCommandKind(kind) ? (definitionOf(kind).originKeys?.(body) ?? []) : [];
  return keys.length > 0 ? { ...origins, ...Object.fromEntries(keys.map((key) => [key, origin])) } : origins;
}
