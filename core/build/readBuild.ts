import { ValidationError, type AnySchema } from 'yup';
import { formatName, formatVersion, type Build } from './Build';
import { buildSchema } from './buildSchema';
import { carrySignatures, hashUnsigned, raise } from './raise';
import { fieldAt, isFigurePath } from './sheets';
import { sizeProblem } from './sizeProblem';

/** Why something was not taken: all of it, and of which field each is, where it is one's own. */
export interface Refusal {
  ok: false;
  errors: string[];
  fields?: Readonly<Record<string, string>>;
}
export type ReadResult<T> = { ok: true; value: T } | Refusal;
/** A refusal of one field. */
export const refuseField = (field: string, sentence: string): Refusal => ({
  ok: false,
  errors: [sentence],
  fields: { [field]: sentence },
});

/** So many errors are told of one document; nobody reads more. */
const errorsMax = 40;

/** Validates any value against a schema and names every error by its field. */
export function validate<T>(schema: AnySchema, value: unknown): ReadResult<T> {
  const tooLarge = sizeProblem(schema, value);
  if (tooLarge) return { ok: false, errors: [tooLarge] };
  try {
    return { ok: true, value: schema.validateSync(value, { abortEarly: false, strict: true, disableStackTrace: true }) as T };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const each = error.inner.length > 0 ? error.inner : [error];
    const told = each.slice(0, errorsMax).map((one) => [one.path ?? '', sentence(one)] as const);
    // The first of a field is the one that is shown at it.
    const fields = Object.fromEntries([...told].reverse().filter(([path]) => path !== ''));
    return { ok: false, errors: [...new Set(told.map(([, said]) => said))], fields };
  }
}

/** One sentence: the field, the value, what is allowed. */
function sentence(error: ValidationError): string {
  const path = error.path || 'the document';
  const shown = formatFixed(error.params?.value ?? error.value);
  const figure = /^(?:sheets\.)?(\w+\.\w+)(?:\.(planned|fitted))?$/.exec(path);
  if (figure?.[1] && isFigurePath(figure[1]) && figure[2]) {
    const field = fieldAt(figure[1]);
    const allowed =
      field.kind === 'number' ? `${field.min} to ${field.max} ${field.unit}` : `one of ${Object.keys(field.options).join(', ')}`;
    return `${field.label} (${path}) is ${shown}; allowed is ${field.given && figure[2] === 'fitted' ? 'nothing as fitted: this figure is given' : allowed}.`;
  }
  // A field of a form has a name of its own; deep in a file it is found by its path.
  const named = typeof error.params?.label === 'string' && !path.includes('.');
  const message = named || error.message.includes(path) ? error.message : `${path}: ${error.message}`;
  return `${message.replace(/\.$/, '').replace('${unknown}', '')}${/ is | holds /.test(message) ? '' : ` (it is ${shown})`}.`;
}

/** A value for a sentence, never more of it than is shown. */
function formatFixed(value: unknown): string {
  if (value === undefined) return 'missing';
  if (Array.isArray(value)) return `a list of ${value.length}`;
  if (typeof value === 'object' && value !== null) return 'an object';
  const text = (typeof value === 'string' ? JSON.stringify(value.slice(0, 60)) : JSON.stringify(value)) ?? typeof value;
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
}

/**
 * Reads a build document from any parsed JSON: raises old versions, refuses newer ones, validates the whole.
 * @returns the build, or every error
 */
export function readBuild(value: unknown): ReadResult<Build> {
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return { ok: false, errors: [`The document is ${formatFixed(value)}; a build file holds one JSON object.`] };
  let document = value as Record<string, unknown>;
  if (document.format !== formatName)
    return { ok: false, errors: [`format is ${formatFixed(document.format)}; allowed is "${formatName}".`] };
  if (typeof document.version !== 'number' || !Number.isInteger(document.version) || document.version < 1)
    return { ok: false, errors: [`version is ${formatFixed(document.version)}; allowed is a whole number from 1.`] };
  if (document.version > formatVersion)
    return {
      ok: false,
      errors: [
        `version is ${document.version}; this Lorbet reads up to version ${formatVersion}, so the file was made by a newer one.`,
      ],
    };
  const older = document.version < formatVersion ? hashUnsigned(document) : null;
  document = raise(document, formatVersion);
  const read = validate<Build>(buildSchema(), document);
  return read.ok && older !== null ? { ok: true, value: carrySignatures(read.value, older) } : read;
}
