import { fileName } from '../../../../../../formats/buildFile';
import { writeFaultPdf } from '../../../../../../formats/faultPdf';
import { workshopOf } from '../../../../../../store/people';
import { download, refused } from '../../../../../lib/answers';
import { documentRoute } from '../../../../../lib/handle';

/** One fault on paper. */
export const GET = documentRoute('look', async ({ kept, params, person }) => {
  const fault = (kept.build.faults ?? []).find(({ id }) => id === params.faultId);
  if (!fault) return refused(404, 'This build holds no such fault.');
  const { name, demo } = await workshopOf(person);
  const pdf = await writeFaultPdf(kept.build, fault, { workshop: name, demo });
  return download(new Uint8Array(pdf), 'application/pdf', `${fileName(kept.build)}-fault-${fault.at.slice(0, 10)}.pdf`);
});
