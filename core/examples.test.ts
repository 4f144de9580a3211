import { compileFunction } from 'node:vm';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

/** Every `@example` of core/ is run: `expression // value`. A number holds to the digits that are written. */
const files = readdirSync(__dirname, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !name.endsWith('.d.ts'))
  .map((name) => path.join(__dirname, name));
const examples = files.flatMap((file) =>
  [...readFileSync(file, 'utf8').matchAll(/@example (.+?)(?: \*\/.*)?$/gm)].map((match) => ({
    file: path.relative(__dirname, file),
    text: (match[1] ?? '').trim(),
  })),
);
/** What an example may call: what its own file exports, and the constructors of values. */
const scopeOf = (file: string): Record<string, unknown> => ({
  ...jest.requireActual<object>('./wording/Value'),
  ...jest.requireActual<object>('./physics/fuel/fuels'),
  ...jest.requireActual<object>('./units/inUnits'),
  imperial: { system: 'imperial', wire: 'mm2' },
  ...jest.requireActual<object>(`./${file}`),
});
const evaluate = (code: string, scope: Record<string, unknown>): unknown =>
  // The code under test is our own, written beside what it tells of.
  (compileFunction(`return (${code});`, Object.keys(scope)) as (...values: unknown[]) => unknown)(...Object.values(scope));

/** Numbers with the tolerance of their last written digit, whatever they stand in. */
function close(wanted: unknown, written: string): unknown {
  if (typeof wanted === 'number') {
    const digits = /\.(\d+)/.exec(written.match(new RegExp(`${String(wanted).replace('.', '\\.')}\\d*`))?.[0] ?? '')?.[1] ?? '';
    return expect.closeTo(wanted, digits.length);
  }
  if (Array.isArray(wanted)) return wanted.map((one) => close(one, written));
  if (typeof wanted === 'object' && wanted !== null)
    return expect.objectContaining(Object.fromEntries(Object.entries(wanted).map(([key, one]) => [key, close(one, written)])));
  return wanted;
}

test('there are examples to run', () => {
  expect(examples.length).toBeGreaterThan(40);
});
test.each(examples)('$file: $text', ({ file, text }) => {
  const at = text.lastIndexOf(' // ');
  expect(at).toBeGreaterThan(0);
  const [code, value] = [text.slice(0, at), text.slice(at + 4)];
  const scope = scopeOf(file);
  expect(evaluate(code, scope)).toEqual(close(evaluate(value, scope), value));
});
