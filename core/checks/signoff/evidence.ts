import type { Build } from '../../build/Build';
import { rowsOf } from '../../build/lists';
import type { PackRule, Proof, RuleAnswer, RulePack } from '../../build/pack/RulePack';
import { fieldAt, figureAt, valueAt } from '../../build/sheets';
import { countedLevel, type Finding } from '../Finding';

/** How one proof stands: a check that was waived is there, and told as waived. */
export type ProofState = 'there' | 'waived' | 'against' | 'gap';
export interface ShownProof {
  proof: Proof;
  state: ProofState;
  /** of checks: what they found, the worst first */ findings: Finding[];
}
/** How a rule stands: `answered` by a person where proof is missing, `notCalled` where it asks nothing of this build. */
export type RuleState = ProofState | 'answered' | 'notCalled';
export interface RuleEvidence {
  pack: RulePack;
  rule: PackRule;
  state: RuleState;
  proofs: ShownProof[];
  /** what somebody answered for, as long as the rule reads as it did then */ answer: RuleAnswer | null;
}

const begins = (id: string, beginning: string) => id === beginning || id.startsWith(`${beginning}.`);
const worstFirst: readonly ProofState[] = ['against', 'gap', 'waived', 'there'];
const worst = (states: readonly ProofState[]): ProofState => worstFirst.find((state) => states.includes(state)) ?? 'there';

function stateOf(finding: Finding): ProofState {
  if (finding.waived) return 'waived';
  const level = countedLevel(finding);
  if (level === 'open') return 'gap';
  return level === 'stop' || level === 'fix' ? 'against' : 'there';
}

/** Whether somebody of a trade is named with a number. */
const isNamed = (row: { name?: string; number?: string }): boolean => row.name !== undefined && row.number !== undefined;

function showProof(build: Build, proof: Proof, others: readonly Finding[]): ShownProof {
  const isThere = (there: boolean, findings: Finding[] = []): ShownProof => ({ proof, state: there ? 'there' : 'gap', findings });
  if ('check' in proof) {
    const findings = others
      .filter(({ id }) => begins(id, proof.check))
      .sort((a, b) => worstFirst.indexOf(stateOf(a)) - worstFirst.indexOf(stateOf(b)));
    return findings.length === 0 ? isThere(false) : { proof, state: worst(findings.map(stateOf)), findings };
  }
  if ('figure' in proof) {
    const { planned, fitted } = figureAt(build.sheets, proof.figure);
    const value = fitted ?? (fieldAt(proof.figure).given === true ? planned : null);
    // What is entered and says otherwise speaks against the rule.
    if (value !== null && proof.is?.includes(String(value)) === false) return { proof, state: 'against', findings: [] };
    return isThere(value !== null);
  }
  if ('photo' in proof) return isThere(rowsOf(build.lists, 'photos').some(({ about }) => about === proof.photo));
  if ('paper' in proof)
    return isThere(
      rowsOf(build.lists, 'papers').some(({ kind, number, by }) => kind === proof.paper && (number ?? by) !== undefined),
    );
  if ('licensed' in proof)
    return isThere(rowsOf(build.lists, 'licensed').some((row) => row.trade === proof.licensed && isNamed(row)));
  return isThere(false);
}

/** Whether a rule is called for; null where the figure that tells it is not known. */
function isCalledFor(build: Build, { only }: PackRule): boolean | null {
  if (!only) return true;
  const value = valueAt(build.sheets, only.figure);
  return value === null ? null : only.is.includes(String(value));
}

function weigh(build: Build, pack: RulePack, rule: PackRule, others: readonly Finding[]): RuleEvidence {
  const called = isCalledFor(build, rule);
  const proofs = rule.proof.map((proof) => showProof(build, proof, others));
  const answer =
    build.ruleAnswers?.findLast((one) => one.pack === pack.id && one.rule === rule.number && one.says === rule.says) ?? null;
  const state = worst(proofs.map((proof) => proof.state));
  const of = (told: RuleState): RuleEvidence => ({ pack, rule, state: told, proofs, answer });
  if (called === false) return of('notCalled');
  // What is known bad, no answer sets aside.
  if (state === 'against') return of('against');
  if (called === null || state === 'gap') return of(answer && !isUnmeasured(proofs) ? 'answered' : 'gap');
  return of(state);
}

/** Whether a check among the proofs is not measured yet: no answer stands in for a measurement. */
const isUnmeasured = (proofs: readonly ShownProof[]): boolean =>
  proofs.some(({ proof, state }) => 'check' in proof && state === 'gap');

/** Whether somebody may answer for what a rule lacks. */
export const mayBeAnswered = ({ state, proofs }: RuleEvidence): boolean =>
  (state === 'gap' || state === 'answered') && !isUnmeasured(proofs);

/** Each rule of the packs that a build goes by, with what shows it kept. @param others every finding but those of the sign-off itself */
export const evidenceOf = (build: Build, others: readonly Finding[]): RuleEvidence[] =>
  (build.packs ?? []).flatMap((pack) => pack.rules.map((rule) => weigh(build, pack, rule, others)));

/** Rules at which somebody has still to give something, or to mend. */
export const lacking = (rules: readonly RuleEvidence[]): RuleEvidence[] =>
  rules.filter(({ state }) => state === 'against' || state === 'gap');
