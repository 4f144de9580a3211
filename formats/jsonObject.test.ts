import fc from 'fast-check';
import { jsonObject } from './jsonObject';

const bytes = (text: string) => new TextEncoder().encode(text);
const read = (text: string, marks = 1000) => jsonObject(bytes(text), { marks });

test('what it takes is what JSON.parse makes of it, strings with marks in them too', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue({ maxDepth: 5 })), (value) => {
      const text = JSON.stringify(value);
      const taken = jsonObject(bytes(text), { marks: 1e6 });
      if (text.includes('\\u0000')) expect(taken.ok).toBe(false);
      else expect(taken).toEqual({ ok: true, value: JSON.parse(text) });
    }),
  );
});
test.each([
  ['more values than allowed', `{"a":[${'{},'.repeat(2000)}{}]}`, /more than the 1000 values/],
  ['nested too deep', `{"a":${'['.repeat(50)}${']'.repeat(50)}}`, /deeper than the 40 levels/],
  ['cut off', '{"a":', /not JSON/],
  ['a list', '[1]', /no JSON object/],
  ['nothing at all', 'null', /no JSON object/],
  ['a character that Postgres keeps not', '{"a":"\\u0000"}', /U\+0000/],
])('%s is refused in one sentence', (_name, text, why) => {
  const taken = read(text);
  expect(taken.ok ? '' : taken.error).toMatch(why);
});
test('bytes that are no UTF-8 are refused', () => {
  expect(jsonObject(new Uint8Array([0x7b, 0x22, 0xff, 0x22, 0x3a, 0x31, 0x7d]), { marks: 9 })).toMatchObject({ ok: false });
});
test('what is too much is refused without being made: 4 MB of empty objects in less time than parsing them', () => {
  const much = bytes(`{"a":[${'{},'.repeat(1_400_000)}{}]}`);
  const time = (run: () => unknown) => {
    const began = performance.now();
    run();
    return performance.now() - began;
  };
  const parsed = time(() => JSON.parse(new TextDecoder().decode(much)));
  expect(time(() => jsonObject(much, { marks: 20_000 }))).toBeLessThan(Math.max(parsed, 20));
});
