import { needsText } from '../../../../../core/wording/needsText';
import { tankPicture } from '../../../../../core/drawing/tank/tankPicture';
import { fileName } from '../../../../../formats/buildFile';
import { writeDipStripPdf } from '../../../../../formats/dipStripPdf';
import { papers, type Paper } from '../../../../../formats/templatePdf';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

/** The scale of the tank's dipstick at true size. */
export const GET = documentRoute('look', async ({ request, kept }) => {
  const asked = new URL(request.url).searchParams.get('paper') ?? 'A4';
  if (!Object.hasOwn(papers, asked)) return refused(400, `paper is “${asked.slice(0, 20)}”; allowed is A4 or Letter.`);
  const tank = tankPicture(kept.build);
  if ('missing' in tank) return refused(409, `There is no dip strip yet. ${needsText(tank.missing)}`);
  const pdf = await writeDipStripPdf(tank, kept.build.identity.name, asked as Paper);
  return download(new Uint8Array(pdf), 'application/pdf', `${fileName(kept.build)}-dip-strip.pdf`);
});
