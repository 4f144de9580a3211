import { licensedTrades } from '../../people/licences';
import * as yup from 'yup';
import { buildKinds } from '../buildKinds';
import { once } from '../once';
import { bounded, identifier, instant, list, oneOf, strictObject, text } from '../schemaParts';
import { fieldAt, figurePaths, isFigurePath } from '../sheets';
import { paperKinds, photoAbouts } from './proofKinds';
import { packFormat, packVersion, proofKinds, ruleAnswers, ruleSigners, type PackRule, type Proof } from './RulePack';

/** So many rules a pack holds; so many packs a build goes by; so many answers it keeps. */
export const [packRulesMax, buildPacksMax, ruleAnswersMax] = [80, 4, 400];

/** Whether something is allowed is nobody's to say here: a pack lists evidence, and the inspector decides. */
const verdict = /\b(il)?legal(ly|ity)?\b|\b(un)?lawful(ly)?\b/i;
const paraphrase = (max: number, min: number) =>
  text(max, min).test('no verdict', '', function (value) {
    const word = verdict.exec(value ?? '')?.[0];
    return (
      word === undefined ||
      this.createError({
        message: `${this.path} says “${word}”; a pack lists evidence and gaps, and what is allowed the inspector says`,
      })
    );
  });
const figure = () => yup.string().oneOf(figurePaths);

/** @returns why a rule can't ask a figure for these answers, as the end of a sentence; null where it can */
function answersProblem({ figure: path = '', is = [] }: { figure?: string; is?: string[] } = {}): string | null {
  if (!isFigurePath(path)) return null;
  const field = fieldAt(path);
  const allowed = field.kind === 'choice' ? Object.keys(field.options) : [];
  const strange = is.find((one) => !allowed.includes(one));
  if (strange === undefined) return null;
  return `holds ${strange}; ${allowed.length > 0 ? `of ${path} ${allowed.join(', ')} are allowed` : `${path} is no choice, and only a choice can be asked for`}`;
}

const proofSchema = once(() =>
  strictObject({
    check: text(60, 2)
      .matches(/^[a-z.]+$/, {
        message: '${path} is ${value}; the id of a check is allowed, such as air.intake.inside',
        excludeEmptyString: true,
      })
      .optional(),
    figure: figure().optional(),
    is: yup.array().of(text(40, 1)).min(1).max(20).optional(),
    photo: oneOf(photoAbouts).optional(),
    paper: oneOf(paperKinds).optional(),
    licensed: oneOf(licensedTrades).optional(),
    seen: text(200, 3).optional(),
  }).test('one', '', function (proof) {
    const named = proofKinds.filter((kind) => (proof as Record<string, unknown> | undefined)?.[kind] !== undefined);
    const { is, figure: path } = (proof ?? {}) as { is?: string[]; figure?: string };
    if (is && path === undefined)
      return this.createError({ message: `${this.path}.is says which answers are meant, and no figure is named` });
    const problem = answersProblem({ ...(path ? { figure: path } : {}), ...(is ? { is } : {}) });
    if (problem !== null) return this.createError({ message: `${this.path}.is ${problem}` });
    return (
      named.length === 1 ||
      this.createError({
        message: `${this.path} names ${named.length === 0 ? 'nothing' : named.join(' and ')}; exactly one of ${proofKinds.join(', ')} is allowed`,
      })
    );
  }),
);
const ruleSchema = once(() =>
  strictObject({
    number: text(20, 1),
    code: paraphrase(80, 2),
    says: paraphrase(400, 10),
    fromMemory: yup.boolean().defined(),
    proof: list(proofSchema(), 12).test('some', '', function (proof) {
      if ((proof as Proof[]).length > 0) return true;
      return this.createError({
        message: `${this.path} is empty, so nobody could show this rule kept; name at least one check, figure, photograph, paper, licensed person or look`,
      });
    }),
    signs: oneOf(ruleSigners),
    only: strictObject({ figure: figure().defined(), is: list(text(40, 1), 20).min(1) })
      .optional()
      .default(undefined)
      .test('answers', '', function (only) {
        const problem = answersProblem(only as { figure?: string; is?: string[] } | undefined);
        return problem === null || this.createError({ message: `${this.path}.is ${problem}` });
      }),
  }),
);

/** A rule pack, version 1. Strict, as a build is: nothing is cast, nothing unknown passes. */
export const packSchema = once(() =>
  strictObject({
    format: yup.string().defined().oneOf([packFormat]),
    version: yup.number().defined().oneOf([packVersion]),
    id: identifier(),
    name: text(80, 1),
    edition: bounded(1, 1_000_000).integer(),
    about: paraphrase(600, 10),
    kinds: list(oneOf(buildKinds), 4).min(1),
    signatures: yup.number().defined().oneOf([1, 2]),
    signers: list(oneOf(licensedTrades), 6),
    rules: list(ruleSchema(), packRulesMax)
      .min(1)
      .test('doubles', '', function (rules) {
        const numbers = (rules as PackRule[]).map(({ number }) => number);
        const twice = numbers.find((number, i) => numbers.indexOf(number) !== i);
        return (
          twice === undefined ||
          this.createError({ message: `${this.path} holds two rules of the number ${twice}; each number may stand once` })
        );
      }),
  }),
);

/** A day, such as 2027-03-31. */
export const day = () =>
  yup
    .string()
    .defined()
    .matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, '${path} is ${value}; a day is allowed, such as 2027-03-31');
export const licenceSchema = once(() =>
  strictObject({ trade: oneOf(licensedTrades), number: text(60, 1), from: text(80, 1), until: day().optional() }),
);
export const ruleAnswerSchema = once(() =>
  strictObject({
    id: identifier(),
    at: instant(),
    by: text(80, 1),
    pack: identifier(),
    rule: text(20, 1),
    says: text(400, 10),
    answer: oneOf(ruleAnswers),
    why: text(500, 3),
  }),
);
