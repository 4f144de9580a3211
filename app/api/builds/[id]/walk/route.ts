import { nextMeasurements } from '../../../../../core/measure/nextMeasurements';
import { nextHoldPoint } from '../../../../../core/checks/progress';
import { walkRound } from '../../../../../core/measure/walkRound';
import { fileName } from '../../../../../formats/buildFile';
import { papers, type Paper } from '../../../../../formats/templatePdf';
import { writeWalkPdf } from '../../../../../formats/walkPdf';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';
import { originOf } from '../../../../lib/origin';

/** The walk-round on paper: what is wanted at the next hold point, or all of it. */
export const GET = documentRoute('look', async ({ request, kept, person }) => {
  const asked = new URL(request.url).searchParams;
  const paper = asked.get('paper') ?? 'A4';
  if (!Object.hasOwn(papers, paper)) return refused(400, `paper is “${paper.slice(0, 20)}”; allowed is A4 or Letter.`);
  const { build } = kept;
  const upTo = asked.get('all') === '1' ? undefined : (nextHoldPoint(build) ?? 'handover');
  const stops = walkRound(nextMeasurements(build), upTo);
  const link = `${originOf(request)}/builds/${build.id}/measure/walk`;
  const pdf = await writeWalkPdf(build, stops, { paper: paper as Paper, units: person.unitPreferences, link });
  return download(new Uint8Array(pdf), 'application/pdf', `${fileName(build)}-walk-round.pdf`);
});
