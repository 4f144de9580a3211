import { fileName } from '../../../../../formats/buildFile';
import { papers, type Paper } from '../../../../../formats/templatePdf';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';
import { offLoop } from '../../../../lib/offLoop';
import { originOf } from '../../../../lib/origin';

/** The walk-round on paper: what is wanted at the next hold point, or all of it. */
export const GET = documentRoute('look', async ({ request, kept, person }) => {
  const asked = new URL(request.url).searchParams;
  const paper = asked.get('paper') ?? 'A4';
  if (!Object.hasOwn(papers, paper)) return refused(400, `paper is “${paper.slice(0, 20)}”; allowed is A4 or Letter.`);
  const { build } = kept;
  const link = `${originOf(request)}/builds/${build.id}/measure/walk`;
  const how = { paper: paper as Paper, units: person.unitPreferences, link };
  const pdf = await offLoop<Uint8Array>({ kind: 'walk', build, all: asked.get('all') === '1', how });
  return download(new Uint8Array(pdf), 'application/pdf', `${fileName(build)}-walk-round.pdf`);
});
