const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isText = (value: unknown, max: number): boolean => typeof value === 'string' && value.length <= max;

/** Whether something is one value of a finding: a quantity, a name, a word, a clause, several of them, or nothing. */
function isValue(value: unknown, depth: number): boolean {
  if (value === null) return true;
  if (!isPlain(value) || depth > 4) return false;
  if ('n' in value)
    return (
      Array.isArray(value.n) &&
      value.n.length <= 4 &&
      value.n.every((n) => typeof n === 'number' && Number.isFinite(n)) &&
      isText(value.unit, 12) &&
      Number.isInteger(value.decimals)
    );
  if ('name' in value) return isText(value.name, 500);
  if ('term' in value) return isText(value.term, 120);
  if ('code' in value) return isText(value.code, 60) && isPlain(value.values) && areValues(value.values, depth + 1);
  return Array.isArray(value.several) && value.several.length <= 60 && value.several.every((one) => isValue(one, depth + 1));
}
const areValues = (values: Record<string, unknown>, depth: number): boolean =>
  Object.keys(values).length <= 20 && Object.entries(values).every(([key, value]) => key.length <= 40 && isValue(value, depth));

/** Why something is not the values of a finding, as the end of a sentence; null where it is. */
export const valuesProblem = (values: unknown): string | null =>
  isPlain(values) && areValues(values, 0)
    ? null
    : 'holds something else; allowed are quantities, names, words, clauses and lists of them, by name';
