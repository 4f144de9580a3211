import { buildPacksMax, packSchema, ruleAnswersMax } from '../../build/pack/packSchema';
import { ruleAnswers, type RuleAnswer, type RulePack } from '../../build/pack/RulePack';
import { identifier, oneOf, text } from '../../build/schemaParts';
import { assess } from '../../checks/assess';
import { packProblems } from '../../checks/packProblems';
import { evidenceOf, mayBeAnswered } from '../../checks/signoff/evidence';
import { defineCommand, refuse, shape } from '../define';

export interface PackCommand {
  kind: 'pack';
  packId: string;
  /** the pack as it is taken; null drops it */ pack: RulePack | null;
}

/** A build goes by a rule pack from now on, as that stands now; or by it no more. */
export const packCommand = defineCommand<PackCommand>({
  kind: 'pack',
  permission: 'work',
  schema: shape(() => ({ packId: identifier(), pack: packSchema().nullable().defined() })),
  apply(build, { packId, pack }) {
    const now = build.packs ?? [];
    const before = now.find(({ id }) => id === packId);
    if (!pack) {
      if (!before) return refuse('invalid', `packId ${packId} is no rule pack that this build goes by.`);
      const { packs: _packs, ...rest } = build;
      const packs = now.filter((one) => one !== before);
      return {
        ok: true,
        build: packs.length > 0 ? { ...rest, packs } : rest,
        body: { packId, name: before.name, edition: null },
      };
    }
    if (pack.id !== packId) return refuse('invalid', `packId is ${packId}, and the pack’s own id ${pack.id}; they must agree.`);
    const problems = packProblems(pack);
    if (problems.length > 0) return refuse('invalid', ...problems);
    if (!before && now.length >= buildPacksMax)
      return refuse('invalid', `This build goes by ${now.length} rule packs; at most ${buildPacksMax} are allowed.`);
    const packs = before ? now.map((one) => (one === before ? pack : one)) : [...now, pack];
    return { ok: true, build: { ...build, packs }, body: { packId, name: pack.name, edition: pack.edition } };
  },
  describe: ({ name, edition }) =>
    edition === null
      ? `goes by the rule pack ${String(name)} no more`
      : `goes by the rule pack ${String(name)}, edition ${edition as number}`,
});

export interface RuleAnswerCommand {
  kind: 'ruleAnswer';
  id: string;
  packId: string;
  rule: string;
  /** null takes the answer back */ answer: RuleAnswer['answer'] | null;
  why: string;
}

/** Somebody answers for a rule whose proof is not there; where a check speaks against it, nobody can. */
export const ruleAnswerCommand = defineCommand<RuleAnswerCommand>({
  kind: 'ruleAnswer',
  permission: 'work',
  schema: shape(() => ({
    id: identifier(),
    packId: identifier(),
    rule: text(20, 1),
    answer: oneOf(ruleAnswers).nullable().defined(),
    why: text(500, 3),
  })),
  apply(build, { id, packId, rule: number, answer, why }, { name, role, at }) {
    const rule = evidenceOf(build, assess(build)).find((one) => one.pack.id === packId && one.rule.number === number);
    if (!rule) return refuse('invalid', `rule ${number} is in no rule pack that this build goes by.`);
    const { says, signs } = rule.rule;
    if (signs === 'lead' && role !== 'lead')
      return refuse('forbidden', `Rule ${number} is a lead’s to answer for; ${name} signs in as ${role}.`);
    const kept = build.ruleAnswers ?? [];
    const others = kept.filter((one) => one.pack !== packId || one.rule !== number);
    const body = { rule: number, name: rule.pack.name, answer, why };
    if (answer === null) {
      if (others.length === kept.length) return refuse('invalid', `Nobody has answered for rule ${number}.`);
      const { ruleAnswers: _answers, ...rest } = build;
      return { ok: true, build: others.length > 0 ? { ...rest, ruleAnswers: others } : rest, body };
    }
    if (rule.state === 'against')
      return refuse('standing', `A check speaks against rule ${number}; it has to be mended, and no answer stands in for that.`);
    if (rule.state !== 'gap' && rule.state !== 'answered')
      return refuse('standing', `Rule ${number} lacks nothing; there is nothing to answer for.`);
    if (!mayBeAnswered(rule))
      return refuse('standing', `A check of rule ${number} is not measured yet; measure it first, and answer for the rest then.`);
    if (kept.some((one) => one.id === id)) return refuse('invalid', 'id is that of an answer already kept.');
    if (others.length >= ruleAnswersMax)
      return refuse('invalid', `This build keeps ${others.length} answers; at most ${ruleAnswersMax} are allowed.`);
    const told: RuleAnswer = { id, at, by: name, pack: packId, rule: number, says, answer, why };
    return { ok: true, build: { ...build, ruleAnswers: [...others, told] }, body };
  },
  describe: ({ rule, name, answer, why }) =>
    answer === null
      ? `rule ${String(rule)} of ${String(name)}: answer taken back (${String(why)})`
      : `rule ${String(rule)} of ${String(name)}: ${ruleAnswers[answer as RuleAnswer['answer']]} (${String(why)})`,
});
