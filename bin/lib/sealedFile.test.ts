import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';

// The module as the commands load it; a program that copies stands for that of the database.
const folder = mkdtempSync(path.join(tmpdir(), 'lorbet-sealed-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const at = (name: string) => path.join(folder, name);
const run = (script: string): { status: number; said: string } => {
  const text = `import { keepSealed, newKeys, readSealed, isSealed } from ${JSON.stringify(path.join(__dirname, 'sealedFile.mjs'))};
    import { writeFileSync } from 'node:fs';
    const env = process.env;
    ${script}`;
  const done = spawnSync('node', ['--input-type=module', '-e', text], { encoding: 'utf8' });
  if (done.status !== 0) throw new Error(done.stderr);
  return JSON.parse(done.stdout) as { status: number; said: string };
};
const open = (file: string, keyFile: string) => {
  rmSync(at('out'), { force: true });
  // What is told to the program only once all of it was whole is not there after it was ended.
  const how = `['-c', 'cat > "$0.half" && mv "$0.half" "$0"', ${JSON.stringify(at('out'))}]`;
  const files = `keyFile: ${JSON.stringify(at(keyFile))}, file: ${JSON.stringify(at(file))}`;
  return run(`console.log(JSON.stringify(await readSealed('sh', ${how}, { env, ${files} })));`);
};
const plain = Buffer.from(Array.from({ length: 300_000 }, (_, i) => (i * 7919) % 251));

beforeAll(() => {
  writeFileSync(at('plain'), plain);
  run(`
    const keys = [await newKeys(), await newKeys()];
    keys.forEach(({ secret }, i) => writeFileSync(${JSON.stringify(at('key'))} + i, '# a key\\n' + secret + '\\n'));
    const done = await keepSealed('cat', [${JSON.stringify(at('plain'))}], { env, recipients: keys[0].open, file: ${JSON.stringify(at('sealed'))} });
    console.log(JSON.stringify(done));`);
  const bytes = readFileSync(at('sealed'));
  writeFileSync(at('short'), bytes.subarray(0, bytes.length - 70_000));
  writeFileSync(at('cut'), bytes.subarray(0, bytes.length - 1));
  bytes[bytes.length - 1000] = (bytes[bytes.length - 1000] ?? 0) ^ 1;
  writeFileSync(at('altered'), bytes);
});

test('what is sealed is opened to the letter by its key, and holds nothing that can be read', () => {
  expect(readFileSync(at('sealed')).includes(plain.subarray(0, 64))).toBe(false);
  expect(open('sealed', 'key0')).toEqual({ status: 0, said: '' });
  expect(readFileSync(at('out')).equals(plain)).toBe(true);
});
test('another key opens nothing', () => {
  expect(open('sealed', 'key1')).toEqual({ status: 1, said: expect.stringMatching(/was not sealed for the key/) as string });
});
test.each(['altered', 'short', 'cut'])('a file that is %s ends the program before it has read all', (file) => {
  expect(open(file, 'key0')).toEqual({ status: 1, said: expect.stringMatching(/was altered, or its end is missing/) as string });
  expect(() => readFileSync(at('out'))).toThrow('ENOENT');
});
