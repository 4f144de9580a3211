/** Half a character, which no UTF-8 holds. */
const half = /\p{Surrogate}/u;
/** Where a text may hold one, or the character U+0000, written as an escape. */
const escaped = /\\u(?:d[89a-f]|0000)/i;

/** Told as it is: JSON, and still not taken. */
class Refused extends SyntaxError {}

/**
 * JSON from text. What no database keeps, half a character or U+0000 in a name or a value, is refused as well.
 * @throws SyntaxError whose message is a sentence that can be told
 */
export function parseJson(text: string): unknown {
  const read = (each?: (key: string, one: unknown) => unknown): unknown => {
    try {
      return JSON.parse(text, each);
    } catch (error) {
      if (error instanceof Refused) throw error;
      if (error instanceof RangeError) throw new SyntaxError('The text is nested too deeply.');
      throw new SyntaxError('The text is not JSON; it may be damaged or cut off.');
    }
  };
  const value = read();
  if (half.test(text)) throw new Refused('The text holds half a character, which is not allowed.');
  if (!escaped.test(text)) return value;
  const refuse = (one: string): void => {
    if (one.includes('\0')) throw new Refused('The text holds the character U+0000, which is not allowed.');
    if (half.test(one)) throw new Refused('The text holds half a character, which is not allowed.');
  };
  read((key, one) => {
    refuse(key);
    if (typeof one === 'string') refuse(one);
    return one;
  });
  return value;
}
