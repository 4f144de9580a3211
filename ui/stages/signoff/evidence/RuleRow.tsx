'use client';
import { Button } from '@mui/material';
import { placeHref, placeOfCheck, placeOfFigure } from '../../../../core/build/places';
import { ruleSigners } from '../../../../core/build/pack/RulePack';
import { countedLevel, type Level } from '../../../../core/checks/Finding';
import { mayBeAnswered, type RuleEvidence, type RuleState, type ShownProof } from '../../../../core/checks/signoff/evidence';
import { answerText, proofText, ruleStateWords } from '../../../../core/wording/proofText';
import { roleMay } from '../../../../core/people/roles';
import { LevelGlyph } from '../../../components/findings/LevelMark';
import { PhotoStrip } from '../../../components/PhotoStrip';
import { StageLink } from '../../../components/StageLink';
import { useFindingText, useWorkspace } from '../../../sync/useWorkspace';
import { signoff as t } from '../../../texts/en/signoff';

/** The shape under which each state is known at a glance, as findings are. */
const shapes: Readonly<Record<RuleState, Level>> = {
  against: 'fix',
  gap: 'open',
  answered: 'watch',
  waived: 'watch',
  there: 'sound',
  notCalled: 'sound',
};

/** One proof: of a check what it found, with the way there; of a photograph the camera where it is missing. */
function ProofLine({ shown: { proof, state, findings } }: { shown: ShownProof }) {
  const { settled } = useWorkspace('settled');
  const { message } = useFindingText();
  const [finding] = findings;
  const href =
    'check' in proof && finding
      ? `${placeHref(settled.id, placeOfCheck(finding))}#${finding.id}`
      : 'figure' in proof
        ? `${placeHref(settled.id, placeOfFigure(proof.figure))}#${proof.figure}`
        : null;
  const text =
    'check' in proof && finding
      ? findings.length > 1
        ? t.worstOf({ n: findings.length, message: message(finding) })
        : message(finding)
      : proofText(proof);
  return (
    <li className="proof-of-rule" data-state={state}>
      <LevelGlyph level={finding ? countedLevel(finding) : shapes[state]} />
      <span className="visually-hidden">{ruleStateWords[state]}: </span>
      <span>
        {href ? (
          <StageLink className="plain-link" href={href}>
            {text}
          </StageLink>
        ) : (
          text
        )}
        {'photo' in proof && <PhotoStrip about={proof.photo} />}
      </span>
    </li>
  );
}

/** A rule with all that shows it kept, and what somebody answered for. */
export function RuleRow({ evidence, onAnswer }: { evidence: RuleEvidence; onAnswer: (evidence: RuleEvidence) => void }) {
  const { who, send, mayWork } = useWorkspace('who', 'send', 'mayWork');
  const { pack, rule, state, proofs, answer } = evidence;
  const mayAnswer = mayWork && (rule.signs === 'fitter' || roleMay(who.role, 'waive'));
  const takeBack = () =>
    send({ kind: 'ruleAnswer', id: crypto.randomUUID(), packId: pack.id, rule: rule.number, answer: null, why: t.takenBack });
  return (
    <li className="rule" data-state={state}>
      <p className="rule-says">
        <span className={`level level-${shapes[state]}`}>
          <LevelGlyph level={shapes[state]} />
          {ruleStateWords[state]}
        </span>
        <strong>
          {rule.number}. {rule.says}
        </strong>
      </p>
      <ul className="plain">
        {proofs.map((shown) => (
          <ProofLine key={proofText(shown.proof)} shown={shown} />
        ))}
      </ul>
      {answer && <p className="rule-answer">{answerText(answer)}</p>}
      <p className="soft">
        {rule.code}
        {rule.fromMemory && `, ${t.fromMemory}`}. {t.answeredForBy({ who: ruleSigners[rule.signs] })}
      </p>
      {mayAnswer && mayBeAnswered(evidence) && (
        <div className="inline">
          <Button onClick={() => onAnswer(evidence)} aria-label={t.answerFor({ number: rule.number })}>
            {t.answer}
          </Button>
          {answer && (
            <Button variant="text" onClick={takeBack} aria-label={t.takeAnswerBackFor({ number: rule.number })}>
              {t.takeAnswerBack}
            </Button>
          )}
        </div>
      )}
    </li>
  );
}
