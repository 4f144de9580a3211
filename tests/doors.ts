import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

export interface Door {
  method: 'GET' | 'POST';
  /** with what it names in braces */ name: string;
  way: (buildId: string) => string;
}
const api = path.resolve(__dirname, '../app/api');
/** What stands for each thing that an address may name. */
const named: Readonly<Record<string, (buildId: string) => string>> = {
  id: (buildId) => buildId,
  sha256: () => '0'.repeat(64),
  keyId: () => '0'.repeat(16),
  token: () => '0'.repeat(64),
};
const nobody = '00000000-0000-4000-8000-000000000000';

/** Every door of the server, as its files have them: one that is added is among them. */
export const doors: readonly Door[] = readdirSync(api, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('route.ts'))
  .sort()
  .flatMap((file) => {
    const name = path.dirname(file);
    const text = readFileSync(path.join(api, file), 'utf8');
    const way = (buildId: string) => `/api/${name.replace(/\[(\w+)\]/g, (_, what: string) => named[what]?.(buildId) ?? nobody)}`;
    return (['GET', 'POST'] as const)
      .filter((method) => new RegExp(`export const ${method}\\b`).test(text))
      .map((method): Door => ({ method, name, way }));
  });

const wide = (n: number): string => Array.from({ length: n }, (_, i) => `"k${i}":${i}`).join(',');
/** What is no use at any door, and hard on whoever reads it: by size, depth, counts, as pictures, as files. */
export const bodies: Readonly<Record<string, () => BodyInit>> = {
  'size, 6 MB of text': () => JSON.stringify({ name: 'x'.repeat(6_000_000) }),
  'size, 1.9 kB of marks': () => JSON.stringify({ name: '\u202e'.repeat(600), code: '%00'.repeat(30) }),
  'depth, 2 million brackets': () => `{"a":${'['.repeat(2_000_000)}`,
  'depth, 400 brackets': () => `{"a":${'['.repeat(400)}${']'.repeat(400)}}`,
  'counts, 80,000 fields': () => `{${wide(80_000)}}`,
  'counts, a list of a million': () => `{"a":[${'0,'.repeat(1_000_000)}0]}`,
  'counts, 90 fields': () => `{${wide(90)},"__proto__":{"role":"lead"},"constructor":{"name":"x"}}`,
  'a picture, of noise': () =>
    Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(3_000_000, 'no picture at all')]),
  'a file, in parts': () => {
    const form = new FormData();
    for (let i = 0; i < 100; i += 1) form.append(`part${i}`, new Blob(['x'.repeat(10_000)]), `../../${i}.json`);
    return form;
  },
  'no JSON': () => new Uint8Array(1_500_000).fill(0xc3),
};
/** Asked of doors that take no body. */
export const queries: readonly string[] = [
  `?from=${'9'.repeat(4000)}&before=${'%F0%9F%98%80'.repeat(300)}&after=-1&page=1e309`,
  `?${Array.from({ length: 900 }, (_, i) => `k${i}=${i}`).join('&')}&q=${'(a%2B)%2B'.repeat(100)}`,
];
