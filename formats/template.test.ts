import DxfParser, { type ICircleEntity, type ILineEntity } from 'dxf-parser';
import { runModule } from '../tests/runModule';
import { soundBuild } from '../tests/soundBuild';
import { templateShapes, type TemplateView } from '../core/drawing/floor/templateShapes';
import { writeTemplateDxf } from './templateDxf';
import { papers, tilesOf, writeTemplatePdf, type Paper } from './templatePdf';
import { writeTemplateSvg } from './templateSvg';

const template = (view: TemplateView) => {
  const made = templateShapes(soundBuild(), view);
  if (!made) throw new Error('no template');
  return made;
};
/** Boxes of all paths on each page, pt, as pdfjs-dist gives them, and the words. */
const reader = `import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'; import { readFileSync } from 'node:fs';
const pdf = await getDocument({ data: new Uint8Array(Buffer.from(readFileSync(0, 'utf8'), 'base64')), verbosity: 0 }).promise; const pages = [];
for (let i = 1; i <= pdf.numPages; i += 1) { const page = await pdf.getPage(i); const { fnArray, argsArray } = await page.getOperatorList();
  const boxes = []; fnArray.forEach((fn, k) => { if (fn === OPS.constructPath && argsArray[k][2]) boxes.push(Array.from(argsArray[k][2])); });
  pages.push({ boxes, size: page.view.slice(2), text: (await page.getTextContent()).items.map((item) => item.str ?? '').join(' ') }); }
console.log(JSON.stringify(pages));`;
interface Page {
  boxes: number[][];
  size: number[];
  text: string;
}
const sizesOf = (pages: Page[]) =>
  pages.flatMap((page) => page.boxes.map(([x0 = 0, y0 = 0, x1 = 0, y1 = 0]) => [x1 - x0, y1 - y0] as const));

test.each(['A4', 'Letter'] as Paper[])(
  'PDF on %s, read back: the bar is 283.46 points, holes have their width, every sheet says how to print it',
  async (paper) => {
    const made = template('above');
    const pages = runModule<Page[]>(reader, (await writeTemplatePdf(made, paper)).toString('base64'));
    const sizes = sizesOf(pages);
    // 100 mm × 72 / 25.4
    expect(sizes.filter(([w, h]) => Math.abs(w - 283.4646) < 0.01 && h < 0.01)).not.toHaveLength(0);
    for (const mm of [25, 23, 8, 7])
      expect(sizes.filter(([w, h]) => Math.abs(w - (mm * 72) / 25.4) < 0.05 && Math.abs(h - w) < 0.05)).not.toHaveLength(0);
    const { columns, rows, landscape } = tilesOf(made, paper);
    expect(pages).toHaveLength(columns * rows);
    for (const page of pages) {
      const [w = 0, h = 0] = page.size;
      expect([Math.round(Math.min(w, h)), landscape]).toEqual([Math.round((papers[paper].width * 72) / 25.4), w > h]);
      expect(page.text).toMatch(/100 %.*not “fit to page”/);
    }
  },
);
test('a large template falls on sheets that overlap by 8 mm and leave nothing out', () => {
  for (const width of [100, 190, 420, 1500])
    for (const height of [80, 260, 900]) {
      const { columns, rows, window } = tilesOf({ width, height }, 'A4');
      expect(columns * (window.width - 8) + 8).toBeGreaterThanOrEqual(width);
      expect(rows * (window.height - 8) + 8).toBeGreaterThanOrEqual(height);
    }
});
test.each(['above', 'below'] as TemplateView[])(
  'DXF %s, read back with dxf-parser: millimetres, layers, circles and bar where they belong',
  (view) => {
    const dxf = new DxfParser().parseSync(writeTemplateDxf(template(view)));
    if (!dxf) throw new Error('not read');
    expect(dxf.header.$INSUNITS).toBe(4);
    expect(Object.keys(dxf.tables.layer.layers)).toEqual(expect.arrayContaining(['HOLES', 'OUTLINE', 'DATUMS', 'WORDS']));
    const side = view === 'above' ? -1 : 1;
    const circles = dxf.entities.filter((e) => e.type === 'CIRCLE') as ICircleEntity[];
    expect(circles.map((c) => [c.layer, c.center.x, c.center.y, c.radius])).toEqual(
      [
        ['HOLES', 40, 22 * side, 12.5],
        ['HOLES', 40, -22 * side, 11.5],
        ['HOLES', -10, 0, 4],
        ['HOLES', 52, 40 * side, 3.5],
      ].map(([layer, x, y, r]) => [layer, x, (y as number) + 0, r]),
    );
    const lines = dxf.entities.filter((e) => e.type === 'LINE') as ILineEntity[];
    const lengths = lines.map((l) =>
      Math.hypot((l.vertices[0]?.x ?? 0) - (l.vertices[1]?.x ?? 0), (l.vertices[0]?.y ?? 0) - (l.vertices[1]?.y ?? 0)),
    );
    expect(lengths.filter((n) => Math.abs(n - 100) < 1e-6)).toHaveLength(1);
    // The outline is the heater's 320 × 120.
    const outline = lines.flatMap((l, i) => (l.layer === 'OUTLINE' ? [lengths[i]] : [])).sort();
    expect(outline).toEqual([120, 120, 320, 320]);
  },
);
test('SVG: its size is in millimetres, and a name can’t break out of it', () => {
  const build = soundBuild();
  const made = templateShapes({ ...build, identity: { ...build.identity, name: '<script>&"' } }, 'above');
  if (!made) throw new Error('no template');
  const svg = writeTemplateSvg(made);
  expect(svg).toMatch(new RegExp(`width="${made.width}mm" height="${made.height}mm" viewBox="0 0 ${made.width} ${made.height}"`));
  expect(svg).not.toContain('<script>');
  expect([...svg.matchAll(/<circle class="holes"[^>]* r="([\d.]+)"/g)].map((m) => Number(m[1]))).toEqual([12.5, 11.5, 4, 3.5]);
});
