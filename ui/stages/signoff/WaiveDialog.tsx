'use client';
import { useState } from 'react';
import type { Finding } from '../../../core/checks/Finding';
import { useFindingText, useWorkspace } from '../../sync/useWorkspace';
import { DialogForm } from '../../components/forms/DialogForm';
import { Field } from '../../components/forms/Field';
import { useKeptText } from '../../sync/useKeptText';
import { signoff as t } from '../../texts/en/signoff';

/** A lead's reason for accepting one finding as it is. */
export function WaiveDialog({ finding, onClose }: { finding: Finding; onClose: () => void }) {
  const { send, settled } = useWorkspace('send', 'settled');
  const { message, why: whyItMatters } = useFindingText();
  const [why, setWhy] = useKeptText(`${settled.id}:waive/${finding.id}`);
  const [problem, setProblem] = useState('');
  const waive = () => {
    const length = why.trim().length;
    const errors =
      length < 10
        ? [t.theReasonHoldsCharactersAtLeast({ length })]
        : send({ kind: 'waive', checkId: finding.id, code: finding.code, values: finding.values, why: why.trim() });
    setProblem(errors.join(' '));
    if (errors.length > 0) return;
    setWhy('');
    onClose();
  };
  return (
    <DialogForm title={t.waive({ id: finding.id })} action={t.waiveIt} leave={t.leaveIt} onSend={waive} onClose={onClose}>
      <p>{message(finding)}</p>
      <p className="soft">{whyItMatters(finding)}</p>
      <Field
        label={t.whyItMayStayAsIt}
        maxLength={500}
        multiline
        minRows={3}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        problem={problem || undefined}
      />
      <p className="soft">{t.yourNameAndThisReasonStand}</p>
    </DialogForm>
  );
}
