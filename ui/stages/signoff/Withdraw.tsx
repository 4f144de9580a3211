import { useWorkspace } from '../../sync/useWorkspace';
import { signoff as t } from '../../texts/en/signoff';
import { ReasonForm } from './ReasonForm';

/** A lead takes the last signature back, for a reason. */
export function Withdraw() {
  const { settled, send } = useWorkspace('settled', 'send');
  return (
    <ReasonForm
      keptAs={`${settled.id}:withdraw`}
      title={t.withdrawTitle}
      hint={t.withdrawMeans}
      label={t.withdrawWhy}
      action={t.withdrawIt}
      onReason={(why) => send({ kind: 'withdraw', why })}
    />
  );
}
