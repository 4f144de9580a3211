'use client';
import { useState } from 'react';
import { ruleAnswers, type RuleAnswer } from '../../../../core/build/pack/RulePack';
import type { RuleEvidence } from '../../../../core/checks/signoff/evidence';
import { proofText } from '../../../../core/wording/proofText';
import { DialogForm } from '../../../components/forms/DialogForm';
import { Field } from '../../../components/forms/Field';
import { RadioChoice } from '../../../components/forms/RadioChoice';
import { useKeptText } from '../../../sync/useKeptText';
import { useWorkspace } from '../../../sync/useWorkspace';
import { signoff as t } from '../../../texts/en/signoff';

type Answer = RuleAnswer['answer'];
const answers = Object.entries(ruleAnswers);

/** Somebody answers for a rule whose proof is not there, with a reason. */
export function AnswerDialog({ evidence: { pack, rule, proofs }, onClose }: { evidence: RuleEvidence; onClose: () => void }) {
  const { send, settled } = useWorkspace('send', 'settled');
  const [answer, setAnswer] = useState<Answer>('seen');
  const [why, setWhy] = useKeptText(`${settled.id}:rule/${pack.id}/${rule.number}`);
  const [problem, setProblem] = useState('');
  const keep = () => {
    const errors =
      why.trim().length < 3
        ? [t.sayWhy]
        : send({ kind: 'ruleAnswer', id: crypto.randomUUID(), packId: pack.id, rule: rule.number, answer, why: why.trim() });
    setProblem(errors.join(' '));
    if (errors.length > 0) return;
    setWhy('');
    onClose();
  };
  return (
    <DialogForm
      title={t.answerFor({ number: rule.number })}
      action={t.keepAnswer}
      leave={t.leaveIt}
      onSend={keep}
      onClose={onClose}
    >
      <p>{rule.says}</p>
      <p className="soft">
        {t.missingHere}{' '}
        {proofs
          .filter(({ state }) => state === 'gap')
          .map(({ proof }) => proofText(proof))
          .join(' · ')}
      </p>
      <RadioChoice
        name={t.answer}
        nameIsShown={false}
        options={answers}
        chosen={answer}
        onChoose={(chosen) => setAnswer(chosen as Answer)}
      />
      <Field
        label={t.whatWasSeenOrWhy}
        maxLength={500}
        multiline
        minRows={2}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        problem={problem || undefined}
      />
      <p className="soft">{t.answerStands}</p>
    </DialogForm>
  );
}
