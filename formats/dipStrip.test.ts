import { needsText } from '../core/wording/needsText';
import Papa from 'papaparse';
import { runModule } from '../tests/runModule';
import { soundBuild } from '../tests/soundBuild';
import { cutListOf } from '../core/drawing/line/cutListOf';
import { tankPicture } from '../core/drawing/tank/tankPicture';
import { writeCutListCsv } from './cutListCsv';
import { writeDipStripPdf } from './dipStripPdf';

const reader = `import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'; import { readFileSync } from 'node:fs';
const pdf = await getDocument({ data: new Uint8Array(Buffer.from(readFileSync(0, 'utf8'), 'base64')), verbosity: 0 }).promise; const pages = [];
for (let i = 1; i <= pdf.numPages; i += 1) { const page = await pdf.getPage(i); const { fnArray, argsArray } = await page.getOperatorList();
  const boxes = []; fnArray.forEach((fn, k) => { if (fn === OPS.constructPath && argsArray[k][2]) boxes.push(Array.from(argsArray[k][2])); });
  pages.push({ boxes, text: (await page.getTextContent()).items.map((item) => item.str ?? '').join(' ') }); }
console.log(JSON.stringify(pages));`;
const pt = (mm: number) => (mm * 72) / 25.4;

test.each([
  ['A4', 240, 1],
  ['Letter', 620, 3],
] as const)(
  'dip strip on %s of a tank %d mm high, read back: true scale, every mark at its level, in %d pieces',
  async (paper, high, pieces) => {
    const tank = tankPicture(soundBuild({ 'fuel.tankHeightMm': high }));
    if ('missing' in tank) throw new Error(needsText(tank.missing));
    const pages = runModule<{ boxes: number[][]; text: string }[]>(
      reader,
      (await writeDipStripPdf(tank, 'Test Barrow', paper)).toString('base64'),
    );
    const boxes = pages.flatMap((page) => page.boxes);
    expect(
      boxes.filter(([x0 = 0, y0 = 0, x1 = 0, y1 = 0]) => Math.abs(x1 - x0 - pt(100)) < 0.01 && y1 - y0 < 0.01),
    ).not.toHaveLength(0);
    const frames = boxes.filter(([x0 = 0, y0 = 0, x1 = 0, y1 = 0]) => Math.abs(x1 - x0 - pt(34)) < 0.01 && y1 - y0 > pt(20));
    expect(frames).toHaveLength(pieces);
    expect(frames.reduce((sum, [, y0 = 0, , y1 = 0]) => sum + y1 - y0, 0)).toBeCloseTo(pt(high), 1);
    // 400 × 180 mm: a litre is 13.889 mm. The marks of whole litres lie that far apart on the first piece.
    const first = frames[0] ?? [];
    const marks = boxes
      .filter(
        ([x0 = 0, y0 = 0, x1 = 0, y1 = 0]) =>
          Math.abs(x0 - (first[0] ?? 0)) < 0.01 && Math.abs(x1 - x0 - pt(12)) < 0.01 && y1 - y0 < 0.01,
      )
      .map(([, y = 0]) => y)
      .sort((a, b) => a - b);
    const step = pt((1e6 / (400 * 180)) * (high > 400 ? 2 : 1));
    marks.slice(1).forEach((y, i) => expect((y - (marks[i] ?? 0)) / step).toBeCloseTo(1, 2));
    expect(marks.length).toBeGreaterThan(6);
    expect(pages.map(({ text }) => text).join(' ')).toMatch(/no higher.*pickup|pickup.*no higher/);
  },
);

test('the cut list goes out as CSV whole, and a name that a spreadsheet would run stays text', () => {
  const build = soundBuild();
  const [first, ...rest] = build.lists?.segments ?? [];
  const list = cutListOf({ ...build, lists: { ...build.lists, segments: first ? [{ ...first, name: '=1+1' }, ...rest] : [] } });
  if (!('pieces' in list)) throw new Error('no list');
  const { data } = Papa.parse<Record<string, string>>(writeCutListCsv(list), { header: true, skipEmptyLines: true });
  expect(data).toHaveLength(list.pieces.length + list.items.length);
  expect(data.map((row) => row.name)).toContain("'=1+1");
  expect(data.find((row) => row.name === 'line')).toMatchObject({ needed: '3410', kit: '0', buy: '3410' });
});
