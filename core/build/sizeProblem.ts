import type { AnySchema, ArraySchema, ObjectSchema } from 'yup';

type Inner = {
  innerType?: AnySchema;
  fields?: Record<string, AnySchema>;
  tests: { OPTIONS?: { name?: string; params?: object } }[];
};
const limitOf = (schema: AnySchema): number | null => {
  const max = (schema as unknown as Inner).tests.find(({ OPTIONS }) => OPTIONS?.name === 'max')?.OPTIONS?.params as
    { max?: number } | undefined;
  return typeof max?.max === 'number' ? max.max : null;
};

/**
 * The first list or text of a value that is longer than its schema allows, told before anything is looked at more closely:
 * what is too large is never gone through.
 * @returns one sentence, or null where nothing is too long
 */
export function sizeProblem(schema: AnySchema, value: unknown, path = ''): string | null {
  const name = path === '' ? 'the document' : path;
  if (typeof value === 'string') {
    const max = schema.type === 'string' ? limitOf(schema) : null;
    return max !== null && value.length > max ? `${name} holds ${value.length} characters; at most ${max} are allowed.` : null;
  }
  if (typeof value !== 'object' || value === null) return null;
  if (Array.isArray(value)) {
    const max = schema.type === 'array' ? limitOf(schema) : null;
    if (max !== null && value.length > max) return `${name} holds ${value.length} entries; at most ${max} are allowed.`;
    const of = (schema as unknown as ArraySchema<unknown[], unknown> & Inner).innerType;
    if (!of) return null;
    for (const [i, item] of value.entries()) {
      const problem = sizeProblem(of, item, `${path}[${i}]`);
      if (problem) return problem;
    }
    return null;
  }
  const fields = (schema as unknown as ObjectSchema<object> & Inner).fields;
  if (!fields) return null;
  const keys = Object.keys(value);
  const max = Object.keys(fields).length + 50;
  if (keys.length > max) return `${name} holds ${keys.length} fields; at most ${max} are looked at.`;
  for (const key of keys) {
    if (key.length > 100) return `${name} holds a field whose name has ${key.length} characters; at most 100 are looked at.`;
    const of = Object.hasOwn(fields, key) ? fields[key] : undefined;
    const problem = of ? sizeProblem(of, (value as Record<string, unknown>)[key], path === '' ? key : `${path}.${key}`) : null;
    if (problem) return problem;
  }
  return null;
}
