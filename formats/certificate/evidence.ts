import { licensedTrades } from '../../core/people/licences';
import { rowsOf } from '../../core/build/lists';
import { paperKinds } from '../../core/build/pack/proofKinds';
import { evidenceOf, type RuleEvidence, type RuleState } from '../../core/checks/signoff/evidence';
import type { Level } from '../../core/checks/Finding';
import { answerText, proofText, ruleStateWords } from '../../core/wording/proofText';
import { levelInk, soft } from './CertificatePage';
import type { Section } from './Section';

const levelOf: Readonly<Record<RuleState, Level>> = {
  against: 'fix',
  gap: 'open',
  answered: 'watch',
  waived: 'watch',
  there: 'sound',
  notCalled: 'sound',
};
const told = ({ rule, proofs, answer, state }: RuleEvidence): string =>
  [
    `${rule.number}. ${rule.says}`,
    `${proofs.map(({ proof, state: has }) => (has === 'there' || state === 'notCalled' ? proofText(proof) : `${proofText(proof)} (${ruleStateWords[has].toLowerCase()})`)).join('; ')}.`,
    ...(answer && state === 'answered' ? [`Answered: ${answerText(answer)}.`] : []),
    `${rule.code}${rule.fromMemory ? ', from memory' : ''}.`,
  ].join(' ');

/** Annex: what the inspector asks for, rule by rule, against what is there; papers, licensed people, and the inspector's remarks. */
export const evidence: Section = (page, { build, findings }) => {
  const others = findings.filter(({ id }) => !id.startsWith('signoff.'));
  const rules = evidenceOf(build, others);
  for (const pack of build.packs ?? []) {
    page.heading(`Evidence: ${pack.name}`);
    page.paragraph(`Rule pack, edition ${pack.edition}. ${pack.about} What is allowed, the inspector says.`, { colour: soft });
    for (const one of rules.filter((rule) => rule.pack === pack))
      page.row([
        { text: ruleStateWords[one.state], share: 0.2, bold: true, colour: levelInk[levelOf[one.state]] },
        { text: told(one), share: 0.8 },
      ]);
  }
  const papers = rowsOf(build.lists, 'papers');
  if (papers.length > 0) page.heading('Papers');
  for (const { kind, number, by, givenAt, keptAt } of papers)
    page.paragraph(
      [kind && paperKinds[kind], number, by && `by ${by}`, givenAt?.slice(0, 10), keptAt && `kept: ${keptAt}`]
        .filter(Boolean)
        .join(', '),
    );
  const licensed = rowsOf(build.lists, 'licensed');
  if (licensed.length > 0) page.heading('Left to licensed people');
  for (const { trade, name, number, until, did } of licensed)
    page.paragraph(
      [trade && licensedTrades[trade], name, number, until && `until ${until.slice(0, 10)}`, did].filter(Boolean).join(', '),
    );
  const remarks = rowsOf(build.lists, 'remarks');
  if (remarks.length > 0) page.heading('Remarks of an inspector');
  for (const { by, saidAt, rule, remark, answer, state } of remarks)
    page.paragraph(
      `${[by, saidAt?.slice(0, 10), rule && `rule ${rule}`].filter(Boolean).join(', ')}: ${remark ?? ''} Answer: ${answer ?? 'none yet'}. ${state === 'settled' ? 'Settled.' : 'Open.'}`,
    );
};
