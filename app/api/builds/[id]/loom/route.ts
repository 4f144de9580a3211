import { readerOf } from '../../../../../core/figures/readerOf';
import { layoutLoom } from '../../../../../core/drawing/wiring/layoutLoom';
import { loomOf } from '../../../../../core/model/wiring/loomOf';
import { computeOrMissing } from '../../../../../core/reading/NotMeasured';
import { needsText } from '../../../../../core/wording/needsText';
import { fileName } from '../../../../../formats/buildFile';
import { writeLoomSvg, writeNetlist, writeWireList } from '../../../../../formats/loomFiles';
import { writeLoomPdf } from '../../../../../formats/loomPdf';
import { papers, type Paper } from '../../../../../formats/templatePdf';
import { writeWireLabelsPdf } from '../../../../../formats/wireLabelsPdf';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

/** px: as wide as a sheet across. */
const sheetPx = 1100;

/** The loom as a netlist, as a list of its wires, as labels for them, or as it is drawn under glow: as a picture, or on a sheet of paper. */
export const GET = documentRoute('look', async ({ request, kept }) => {
  const { build } = kept;
  const asked = new URL(request.url).searchParams;
  const of = asked.get('of') ?? '';
  const paper = asked.get('paper') ?? 'A4';
  if (!Object.hasOwn(papers, paper)) return refused(400, `paper is “${paper.slice(0, 20)}”; allowed is A4 or Letter.`);
  if (of !== 'netlist' && of !== 'wires' && of !== 'drawing' && of !== 'labels' && of !== 'sheet')
    return refused(400, `of is “${of.slice(0, 20)}”; allowed is netlist, wires, drawing, sheet or labels.`);
  const drawing = layoutLoom(build, sheetPx, 'start');
  if (!drawing) return refused(409, 'There is no loom yet: its parts have to be entered first.');
  if (of === 'wires') return Promise.resolve(download(writeWireList(build), 'text/csv', `${fileName(build)}-wires.csv`));
  if (of === 'labels')
    return download(
      new Uint8Array(await writeWireLabelsPdf(build, paper as Paper)),
      'application/pdf',
      `${fileName(build)}-labels.pdf`,
    );
  if (of === 'sheet')
    return download(
      new Uint8Array(await writeLoomPdf(build, drawing, paper as Paper)),
      'application/pdf',
      `${fileName(build)}-loom.pdf`,
    );
  if (of === 'drawing')
    return Promise.resolve(download(writeLoomSvg(build.identity.name, drawing), 'image/svg+xml', `${fileName(build)}-loom.svg`));
  const loom = computeOrMissing(() => loomOf(readerOf(build)));
  if ('missing' in loom) return refused(409, `There is no netlist yet: ${needsText(loom.missing.needs)}`);
  return Promise.resolve(download(writeNetlist(build.identity.name, loom.value), 'text/plain', `${fileName(build)}-loom.cir`));
});
