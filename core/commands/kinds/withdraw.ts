import type { Withdrawal } from '../../build/Build';
import { text } from '../../build/schemaParts';
import { isWithdrawn, signState } from '../../checks/progress';
import { defineCommand, refuse, shape } from '../define';

export interface WithdrawCommand {
  kind: 'withdraw';
  why: string;
}

/** A lead takes the last signature back, with a reason: the certificate of before is void from then on. It can be signed again. */
export const withdrawCommand = defineCommand<WithdrawCommand>({
  kind: 'withdraw',
  permission: 'waive',
  schema: shape(() => ({ why: text(500, 10) })),
  afterSigning: true,
  apply(build, { why }, { name, at }) {
    const last = build.signatures[build.signatures.length - 1];
    if (!last) return refuse('standing', 'Nobody has signed this build; there is nothing to withdraw.');
    if (isWithdrawn(build)) return refuse('standing', 'The last signature has been withdrawn already.');
    const withdrawal: Withdrawal = { at, by: name, signedAt: last.at, why };
    const wasSigned = signState(build) === 'signed';
    return {
      ok: true,
      build: { ...build, withdrawals: [...(build.withdrawals ?? []), withdrawal] },
      body: { ...withdrawal, wasSigned },
    };
  },
  describe: (body) => `SIGNATURE WITHDRAWN: ${String(body.why)}`,
});
