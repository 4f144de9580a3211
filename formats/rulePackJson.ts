import { parseJson } from '../core/record/parseJson';
import { packSchema } from '../core/build/pack/packSchema';
import type { RulePack } from '../core/build/pack/RulePack';
import { validate, type ReadResult } from '../core/build/readBuild';
import { packProblems } from '../core/checks/packProblems';

/** So many characters the file of a rule pack may hold. */
const packFileMax = 200_000;

/** A rule pack as a file of its own (docs/rule-pack.schema.json). */
export const writePackJson = (pack: RulePack): string => `${JSON.stringify(pack, null, 2)}\n`;

/** Reads a rule pack from a file, or says in a sentence each what is wrong with it; a rule that nobody could show kept is refused. */
export function readPackJson(text: string): ReadResult<RulePack> {
  if (text.length > packFileMax)
    return { ok: false, errors: [`The file holds ${text.length} characters; at most ${packFileMax} are allowed.`] };
  let value: unknown;
  try {
    value = parseJson(text);
  } catch (error) {
    return {
      ok: false,
      errors: [`${(error as SyntaxError).message.replace('The text', 'The file')} A rule pack is a JSON file.`],
    };
  }
  const read = validate<RulePack>(packSchema(), value);
  if (!read.ok) return read;
  const problems = packProblems(read.value);
  return problems.length > 0 ? { ok: false, errors: problems } : read;
}
