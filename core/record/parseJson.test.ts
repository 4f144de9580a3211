import fc from 'fast-check';
import { parseJson } from './parseJson';

test('what JSON.parse reads is read the same, whatever whole characters it holds', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const text = JSON.stringify(value);
      const halved = /\\ud[89a-f]|\\u0000/i.test(text);
      if (!halved) expect(parseJson(text)).toEqual(JSON.parse(text));
    }),
  );
});
test.each([
  ['half a character in a value, written as an escape', '{"name":"\\ud83d"}', 'half a character'],
  ['half a character in a name', '{"\\uDE00":1}', 'half a character'],
  ['half a character as it is', '{"name":"\ud83d"}', 'half a character'],
  ['U+0000, deep within', '{"a":[{"b":"x\\u0000"}]}', 'U+0000'],
  ['what was cut off', '{"name":"Odi', 'is not JSON'],
])('refused in a sentence: %s', (_name, text, told) => {
  expect(() => parseJson(text)).toThrow(told);
});
test('what is nested so deeply that nobody can go through it is refused in a sentence, too', () => {
  const deep = 200_000;
  expect(() => parseJson(`${'['.repeat(deep)}"\\u0000"${']'.repeat(deep)}`)).toThrow(
    /^The text (is nested too deeply|holds the character U\+0000)/,
  );
});
test('both halves of one character make a whole one, and an escaped backslash before “u0000” is no such character', () => {
  expect(parseJson('{"a":"\\ud83d\\ude00","b":"\\\\u0000"}')).toEqual({ a: '😀', b: '\\u0000' });
});
