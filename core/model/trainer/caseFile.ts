import * as yup from 'yup';
import { once } from '../../build/once';
import { validate, type ReadResult } from '../../build/readBuild';
import { list, oneOf, strictObject, text } from '../../build/schemaParts';
import { faultCauses, symptoms } from '../faults/causes';
import { isFaultCheck } from '../faults/faultCase';
import { faultChecks } from '../faults/faultNetwork';
import { builtInCases } from './builtInCases';
import { casesFormat, casesVersion, type CaseFile, type TrainerCase } from './TrainerCase';

/** So many cases one file, and one workshop, may hold; and so large a file may be. */
export const [casesMax, caseFileMaxBytes] = [100, 200_000];

const caseSchema = once(() =>
  strictObject({
    id: text(60, 1).matches(/^[a-z0-9-]+$/, '${path} is ${value}; allowed are small letters, figures and hyphens'),
    title: text(80, 1),
    told: text(400, 3),
    level: yup.number().defined().oneOf([1, 2, 3]),
    medium: oneOf({ air: 1, coolant: 1 }),
    symptom: oneOf(symptoms),
    causes: list(oneOf(faultCauses), 2),
    answers: yup
      .object()
      .optional()
      .default(undefined)
      .test('answers', '', function (answers: unknown) {
        for (const [check, found] of Object.entries((answers ?? {}) as Record<string, unknown>)) {
          if (!isFaultCheck(check))
            return this.createError({ message: `${this.path} names ${check}; it is nothing that is asked` });
          if (!faultChecks[check].answers.includes(String(found)))
            return this.createError({
              message: `${this.path}.${check} is ${String(found)}; allowed is one of ${faultChecks[check].answers.join(', ')}`,
            });
        }
        return true;
      }),
    after: text(60, 1).optional(),
  }),
);
const fileSchema = once(() =>
  strictObject({
    format: yup.string().defined().oneOf([casesFormat]),
    version: yup.number().defined().oneOf([casesVersion]),
    cases: list(caseSchema(), casesMax),
  }),
);

/** The cases that lead round to one that comes before itself; null where none does. */
function loopIn(cases: readonly TrainerCase[]): string[] | null {
  const before = new Map(cases.map(({ id, after }) => [id, after]));
  for (const { id } of cases) {
    const way = [id];
    for (let next = before.get(id); next !== undefined; next = before.get(next)) {
      way.push(next);
      if (next === id) return way;
      if (way.length > cases.length + 1) break;
    }
  }
  return null;
}

/** Reads a file of cases; anything that is wrong refuses the whole, in a sentence each. @param there ids of the workshop’s own cases, after which one of the file may come */
export function readCaseFile(value: unknown, there: readonly string[] = []): ReadResult<CaseFile> {
  const read = validate<CaseFile>(fileSchema(), value);
  if (!read.ok) return read;
  const { cases } = read.value;
  const errors: string[] = [];
  const own = new Set<string>();
  const builtIn = new Set(builtInCases.map(({ id }) => id));
  for (const { id, causes, after, medium } of cases) {
    if (own.has(id) || builtIn.has(id))
      errors.push(`cases holds ${id} twice, or it is one that ships with Lorbet; each id stands once.`);
    own.add(id);
    if (new Set(causes).size < causes.length)
      errors.push(`${id} names ${causes[0] ?? ''} twice; allowed are two different causes.`);
    if (medium === 'air' && causes.some((cause) => cause.startsWith('coolant')))
      errors.push(`${id} is of an air heater; it has no coolant to be wrong.`);
    if (after !== undefined && !builtIn.has(after) && !there.includes(after) && !cases.some((one) => one.id === after))
      errors.push(`${id} comes after ${after}, which is no case of this file, none of yours and none that ships with Lorbet.`);
  }
  const loop = loopIn(cases);
  if (loop) errors.push(`The cases ${loop.join(', ')} come one after the other in a ring; one of them has to come first.`);
  return errors.length > 0 ? { ok: false, errors: errors.slice(0, 20) } : read;
}
