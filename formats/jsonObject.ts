import { parseJson } from '../core/record/parseJson';

/** How deep what is sent may be nested; a build file needs six. */
const deepest = 40;
export type JsonObject = { ok: true; value: Record<string, unknown> } | { ok: false; error: string };

const [quote, backslash, comma, open, close, brace, braceEnd] = [0x22, 0x5c, 0x2c, 0x5b, 0x5d, 0x7b, 0x7d];

/**
 * Counts what bytes of JSON would make, without making it: how many values (by their commas and brackets) and how deep.
 * @returns one sentence where that is more than allowed, else null
 */
function shapeProblem(bytes: Uint8Array, marksMax: number): string | null {
  let [marks, depth, within] = [0, 0, false];
  for (let i = 0; i < bytes.length; i += 1) {
    const byte = bytes[i];
    if (within) {
      if (byte === backslash) i += 1;
      else if (byte === quote) within = false;
      continue;
    }
    if (byte === quote) within = true;
    else if (byte === comma || byte === open || byte === brace) {
      marks += 1;
      if (marks > marksMax) return `The request holds more than the ${marksMax} values that are allowed.`;
      if (byte !== comma) {
        depth += 1;
        if (depth > deepest) return `The request is nested deeper than the ${deepest} levels that are allowed.`;
      }
    } else if (byte === close || byte === braceEnd) depth -= 1;
  }
  return null;
}

/** Reads a JSON object from bytes of UTF-8, once its size, count and depth are known to be allowed. */
export function jsonObject(bytes: Uint8Array, { marks }: { marks: number }): JsonObject {
  const wrong = shapeProblem(bytes, marks);
  if (wrong) return { ok: false, error: wrong };
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return { ok: false, error: 'The request is not text in UTF-8.' };
  }
  let value: unknown;
  try {
    value = parseJson(text);
  } catch (error) {
    return { ok: false, error: (error as SyntaxError).message.replace('The text', 'The request').replace(/;.*/, '.') };
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    return { ok: false, error: 'The request holds no JSON object; one is wanted.' };
  return { ok: true, value: value as Record<string, unknown> };
}
