import { randomUUID } from 'node:crypto';
import { deflateSync } from 'node:zlib';
import type { Build } from '../core/build/Build';
import { packLog } from '../core/build/startLog';
import { sha256Hex } from '../core/record/sha256Hex';
import { id, soundBuild } from './soundBuild';

/** What a person may send to do harm, who sends it, and where. Bodies are made when they are wanted: some are large. */
export interface Hostile {
  name: string;
  by: 'viewer' | 'fitter';
  way: (buildId: string) => string;
  body: () => BodyInit;
}

const command = (inner: object) => JSON.stringify({ commandId: randomUUID(), command: inner });
const commands = (buildId: string) => `/api/builds/${buildId}/commands`;
const imports = () => '/api/builds/import';
const photos = (buildId: string) => `/api/builds/${buildId}/photos`;
const repeated = (text: string, n: number) => Array.from({ length: n }, () => text).join(',');
const readings = (n: number, more: object = {}) =>
  Array.from({ length: n }, (_, i) => ({ atS: i / 10, quantity: 'volts', value: 12 + (i % 7) / 10, ...more }));

const crcTable = Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k += 1) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c >>> 0;
});
function chunk(type: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
  let crc = 0xffffffff;
  for (const byte of body) crc = (crcTable[(crc ^ byte) & 0xff] ?? 0) ^ (crc >>> 8);
  const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
  length.writeUInt32BE(data.length);
  sum.writeUInt32BE((crc ^ 0xffffffff) >>> 0);
  return Buffer.concat([length, body, sum]);
}
/** A PNG that is small to send and large to hold: all of one colour. */
export function bombPng(side: number, interlaced: boolean): Buffer {
  const head = Buffer.alloc(13);
  head.writeUInt32BE(side, 0);
  head.writeUInt32BE(side, 4);
  head.set([8, 2, 0, 0, interlaced ? 1 : 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.alloc(Math.min(side * side * 3 + side, 60_000_000)), { level: 9 })),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

/** A build as large as may be: fifty starts of 20,000 readings. */
export function largestFile(): string {
  const starts: Build['starts'] = [];
  const logs: Record<string, string> = {};
  for (let n = 0; n < 50; n += 1) {
    const log = packLog(readings(20000, { value: 10 + (n % 40) / 10 }) as never);
    const sha256 = sha256Hex(log);
    logs[sha256] = log;
    const [sound] = soundBuild().starts;
    if (!sound) throw new Error('the sound build was lit');
    const facts = {
      readings: 20000,
      lastS: 2000,
      unordered: false,
      restV: null,
      lowestStartV: 12,
      maxV: 12,
      runningA: null,
      maxHz: null,
      maxOutletC: null,
      fullOutletC: null,
      fullReturnC: null,
    };
    starts.push({ ...sound, id: id(50000 + n), readings: [], log: { sha256, facts } });
  }
  return JSON.stringify({ file: { ...soundBuild(), id: randomUUID(), starts, logs } });
}

export const hostiles: readonly Hostile[] = [
  {
    name: 'a viewer’s 20,000 empty changes',
    by: 'viewer',
    way: commands,
    body: () => `{"commandId":"${randomUUID()}","command":{"kind":"figures","changes":[${repeated('{}', 20000)}]}}`,
  },
  {
    name: 'a viewer’s 4 MB of empty changes',
    by: 'viewer',
    way: commands,
    body: () => `{"commandId":"${randomUUID()}","command":{"kind":"figures","changes":[${repeated('{}', 1_390_000)}]}}`,
  },
  {
    name: '20,000 empty changes',
    by: 'fitter',
    way: commands,
    body: () => `{"commandId":"${randomUUID()}","command":{"kind":"figures","changes":[${repeated('{}', 20000)}]}}`,
  },
  {
    name: '4 MB of empty changes',
    by: 'fitter',
    way: commands,
    body: () => `{"commandId":"${randomUUID()}","command":{"kind":"figures","changes":[${repeated('{}', 1_390_000)}]}}`,
  },
  {
    name: '200 changes, all wrong',
    by: 'fitter',
    way: commands,
    body: () => command({ kind: 'figures', changes: Array.from({ length: 200 }, () => ({ path: 7, slot: [], from: {}, x: 1 })) }),
  },
  {
    name: 'a row of 40,000 columns',
    by: 'fitter',
    way: commands,
    body: () =>
      command({
        kind: 'rows',
        changes: [
          {
            list: 'parts',
            row: randomUUID(),
            action: 'add',
            values: Object.fromEntries(Array.from({ length: 40000 }, (_, i) => [`c${i}`, 1])),
          },
        ],
      }),
  },
  {
    name: 'a cell of 60,000 layers',
    by: 'fitter',
    way: commands,
    body: () =>
      command({
        kind: 'rows',
        changes: [
          {
            list: 'surfaces',
            row: randomUUID(),
            action: 'set',
            column: 'layers',
            from: null,
            to: Array.from({ length: 60000 }, () => 1),
          },
        ],
      }),
  },
  {
    name: 'a note of 3.9 MB',
    by: 'fitter',
    way: commands,
    body: () => command({ kind: 'note', text: 'x'.repeat(3_900_000) }),
  },
  {
    name: 'a key of 3.9 MB',
    by: 'fitter',
    way: commands,
    body: () => command({ kind: 'note', text: 'x', ['k'.repeat(3_900_000)]: 1 }),
  },
  {
    name: '20,000 readings, all wrong',
    by: 'fitter',
    way: commands,
    body: () =>
      command({ kind: 'start', id: randomUUID(), events: [], readings: readings(20000, { value: 999 }), source: 'csv' }),
  },
  {
    name: '20,000 readings, all good',
    by: 'fitter',
    way: commands,
    body: () => command({ kind: 'start', id: randomUUID(), events: [], readings: readings(20000), source: 'csv' }),
  },
  {
    name: 'a signature of 20,000 strokes’ marks',
    by: 'fitter',
    way: commands,
    body: () => command({ kind: 'sign', typedName: 'x x', drawn: 'M1 1L9 9'.repeat(2499) }),
  },
  { name: '4 MB of brackets', by: 'fitter', way: commands, body: () => `{"a":${'['.repeat(4_000_000)}` },
  {
    name: 'a file of 300,000 readings in its document',
    by: 'fitter',
    way: imports,
    body: () =>
      JSON.stringify({
        file: { ...soundBuild(), id: randomUUID(), starts: [{ ...soundBuild().starts[0], readings: readings(300_000) }] },
      }),
  },
  { name: 'a file of 24 MB of empty things', by: 'fitter', way: imports, body: () => `{"file":[${repeated('{}', 8_000_000)}]}` },
  { name: 'the largest file that may be', by: 'fitter', way: imports, body: largestFile },
  {
    name: 'a drawing named as a picture',
    by: 'fitter',
    way: photos,
    body: () => `<svg xmlns="http://www.w3.org/2000/svg">${'<g>'.repeat(900_000)}`,
  },
  { name: 'a PNG of 8,900², interlaced', by: 'fitter', way: photos, body: () => new Uint8Array(bombPng(8900, true)) },
  { name: 'a PNG of 5,600², plain', by: 'fitter', way: photos, body: () => new Uint8Array(bombPng(5600, false)) },
  {
    name: 'a password of 2 kB',
    by: 'fitter',
    way: () => '/api/sign-in',
    body: () => JSON.stringify({ login: 'x', password: 'p'.repeat(1900) }),
  },
  {
    name: 'a part list of 90 kB',
    by: 'fitter',
    way: () => '/api/part-lists',
    body: () => `{"family":"air","version":0,"rows":[${repeated('{}', 30000)}]}`,
  },
];
