/** Half a character, which no UTF-8 holds. */
const half = /\p{Surrogate}/u;
/** Where a text may hold one, or the character U+0000, written as an escape. */
const escaped = /\\u(?:d[89a-f]|0000)/i;

/**
 * JSON from text. What no database keeps, half a character or U+0000 in a name or a value, is refused as well.
 * @throws SyntaxError whose message is a sentence that can be told
 */
export function parseJson(text: string): unknown {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new SyntaxError('The text is not JSON; it may be damaged or cut off.');
  }
  if (half.test(text)) throw new SyntaxError('The text holds half a character, which is not allowed.');
  if (!escaped.test(text)) return value;
  const bad = (one: string): void => {
    if (one.includes('\0')) throw new SyntaxError('The text holds the character U+0000, which is not allowed.');
    if (half.test(one)) throw new SyntaxError('The text holds half a character, which is not allowed.');
  };
  JSON.parse(text, (key, one: unknown) => {
    bad(key);
    if (typeof one === 'string') bad(one);
    return one;
  });
  return value;
}
