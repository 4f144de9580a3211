import type { Assumed } from '../build/Assumption';
import type { FindingChange } from '../commands/applyCommand';
import { definitionOf, isCommandKind } from '../commands/allCommands';
import type { Level } from '../checks/Finding';
import type { LedgerContent } from './chain';
import { raiseRow } from './raiseRow';

type Told = Pick<LedgerContent, 'kind' | 'body'>;

/** What a file claimed that nobody here has seen, as the end of a line. */
function claimText(claims: unknown): string {
  const counts = Object.values((claims ?? {}) as Record<string, number>).reduce((sum, n) => sum + n, 0);
  return counts > 0 ? `; ${counts} ${counts === 1 ? 'thing' : 'things'} done, seen or signed elsewhere, kept as claims` : '';
}

/** Told on what others rely on, where somebody else had opened a way in as whoever did it. */
const resetText = (reset: unknown): string => {
  const { by, at } = (reset ?? {}) as { by?: string; at?: string };
  return by && at ? `; ${by} had given this person a new password, or taken the second step away, on ${at.slice(0, 10)}` : '';
};

/** Rows that are no commands. */
const beginnings: Readonly<Record<string, (body: Record<string, unknown>) => string>> = {
  created: (b) => (b.assumed ? `build begun: ${(b.assumed as Assumed).basis}` : 'build begun'),
  imported: (b) => `${b.copyOf ? 'build imported from a file, as a copy' : 'build imported from a file'}${claimText(b.claims)}`,
  raised: (b) => `kept in a newer form${claimText(b.claimed)}`,
};

/** One line for a ledger row, as it stands on the roll and in the certificate. */
export function describeRow(row: Told): string {
  const { kind, body } = raiseRow(row);
  const beginning = Object.hasOwn(beginnings, kind) ? beginnings[kind] : undefined;
  if (beginning) return beginning(body);
  if (!isCommandKind(kind)) return kind;
  const correction = typeof body.reason === 'string' && kind !== 'waive' ? `CORRECTION (${body.reason}): ` : '';
  return correction + definitionOf(kind).describe(body) + resetText(body.reset);
}

/** Findings that this row made or cleared. */
export function turnsOf(row: Told): { id: string; to: Level; made: boolean }[] {
  const { findings } = raiseRow(row).body as { findings?: FindingChange[] };
  return (findings ?? []).map(({ id, to }) => ({ id, to, made: to === 'stop' || to === 'fix' }));
}
