import { raiseFields } from '../commands/raiseCommand';
import type { LedgerContent } from './chain';

type Told = Pick<LedgerContent, 'kind' | 'body'>;

/** A ledger row in the words of today. The row itself stays as it was written, since its hash stands for every letter of it. */
export function raiseRow<R extends Told>(row: R): R & { body: Record<string, unknown> } {
  const { kind, fields } = raiseFields(row.kind, row.body as Record<string, unknown>);
  const { calls, ...rest } = fields;
  return { ...row, kind, body: calls === undefined ? rest : { ...rest, findings: calls } };
}
