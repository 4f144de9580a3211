'use client';
import { licensedTrades } from '../../../../core/people/licences';
import { Button } from '@mui/material';
import { useState } from 'react';
import type { RulePack } from '../../../../core/build/pack/RulePack';
import { lacking, type RuleEvidence } from '../../../../core/checks/signoff/evidence';
import { Opened } from '../../../components/Opened';
import { signoff as t } from '../../../texts/en/signoff';
import { AnswerDialog } from './AnswerDialog';
import { RuleRow } from './RuleRow';

/** Rules of one pack: what is missing first, all the rest behind a line. */
export function PackRules({
  pack,
  rules,
  newer,
  onTake,
}: {
  pack: RulePack;
  rules: readonly RuleEvidence[];
  /** a later edition that the workshop keeps */ newer: RulePack | undefined;
  /** another edition, or null to drop it; none where this person only reads */ onTake:
    ((pack: RulePack | null) => void) | undefined;
}) {
  const [answering, setAnswering] = useState<RuleEvidence | null>(null);
  const wanting = lacking(rules);
  const rest = rules.filter((one) => !wanting.includes(one));
  const rows = (some: readonly RuleEvidence[]) => (
    <ul className="plain rules">
      {some.map((one) => (
        <RuleRow key={one.rule.number} evidence={one} onAnswer={setAnswering} />
      ))}
    </ul>
  );
  return (
    <section className="pack" aria-label={pack.name}>
      <h3>{t.packEdition({ name: pack.name, edition: pack.edition })}</h3>
      <p>
        <strong>
          {wanting.length === 0 ? t.allThere({ n: rules.length }) : t.wanting({ n: wanting.length, all: rules.length })}
        </strong>{' '}
        {pack.signatures === 2 && t.twoSign}{' '}
        {pack.signers.length > 0 && t.signersHold({ what: pack.signers.map((one) => licensedTrades[one]).join(', ') })}
      </p>
      {rows(wanting)}
      {rest.length > 0 && <Opened line={t.othersOfPack({ n: rest.length })}>{rows(rest)}</Opened>}
      <p className="soft">{pack.about}</p>
      {onTake && (
        <div className="inline">
          {newer && <Button onClick={() => onTake(newer)}>{t.takeNewer({ edition: newer.edition })}</Button>}
          <Button variant="text" onClick={() => onTake(null)}>
            {t.dropPack({ name: pack.name })}
          </Button>
        </div>
      )}
      {answering && <AnswerDialog evidence={answering} onClose={() => setAnswering(null)} />}
    </section>
  );
}
