import { id, soundBuild } from '../tests/soundBuild';
import { runModule } from '../tests/runModule';
import type { Fault } from '../core/build/faults';
import { writeFaultPdf } from './faultPdf';

const reader = `import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'; import { readFileSync } from 'node:fs';
const pdf = await getDocument({ data: new Uint8Array(Buffer.from(readFileSync(0, 'utf8'), 'base64')), verbosity: 0 }).promise; const texts = [];
for (let i = 1; i <= pdf.numPages; i += 1) texts.push((await (await pdf.getPage(i)).getTextContent()).items.map((item) => item.str ?? '').join(' '));
console.log(JSON.stringify(texts.join(' ').replace(/\\s+/g, ' ')));`;
const at = '2026-11-20T10:00:00.000Z';
const build = soundBuild();
const open: Fault = {
  id: id(8),
  at,
  by: 'Bea Fitter',
  symptom: 'goesOut',
  code: { shown: 'F2', meaning: 'flame went out' },
  steps: [
    { at, by: 'Bea Fitter', check: 'bubbles', found: 'a chain of bubbles' },
    { at, by: 'Bea Fitter', check: 'joints', found: null },
  ],
  repairs: [],
};
const textOf = async (fault: Fault): Promise<string> =>
  runModule<string>(reader, (await writeFaultPdf(build, fault, { workshop: 'Test Shed', demo: true })).toString('base64'));

test('a report, read back with pdfjs-dist, tells what it did, what was found by whom, and that nothing is mended yet', async () => {
  const text = await textOf(open);
  for (const part of [
    'Fault report, ',
    'demo data, all of it invented',
    'It lights and goes out, told on 2026-11-20 10:00 UTC by Bea Fitter. It is open.',
    'The controller showed F2: flame went out.',
    'Watch the clear line before the pump while it clicks. a chain of bubbles',
    'Not known.',
    'Nothing yet.',
  ])
    expect(text).toContain(part);
});
test('a report of a proven fault tells cause, repair, parts and the start that proved it', async () => {
  const repairs = [{ at, by: 'Bea Fitter', cause: 'suctionLeak', did: 'joint made anew', parts: 'hose', afterSteps: 2 }];
  const proof = { at, by: 'Bea Fitter', start: build.starts[0]?.id ?? '', told: 'burns on' };
  const text = await textOf({ ...open, repairs, proof });
  expect(text).toContain('a joint before the pump draws air (at the suction). Done: joint made anew. Parts: hose.');
  expect(text).toMatch(/It is proven mended\..*The start of 2026-\d\d-\d\d \d\d:\d\d UTC, flame after \d+ s\. burns on/);
});
