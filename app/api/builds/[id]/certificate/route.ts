import { fileName } from '../../../../../formats/buildFile';
import { writeCertificate } from '../../../../../formats/certificate';
import { ledgerOf, loadBuild } from '../../../../../store/builds';
import { workshopOf } from '../../../../../store/people';
import { admit, isUuid, refused } from '../../../../lib/answers';

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const admitted = await admit(request, 'look');
  if (!admitted.ok) return admitted.response;
  const { id } = await params;
  const kept = isUuid(id) ? await loadBuild(admitted.person, id) : null;
  if (!kept) return refused(404, 'There is no such build in this workshop.');
  const [workshop, rows] = await Promise.all([workshopOf(admitted.person), ledgerOf(id)]);
  const pdf = await writeCertificate(kept.build, { workshop: workshop.name, demo: workshop.demo, rows, madeAt: new Date().toISOString() });
  return new Response(new Uint8Array(pdf), { headers: { 'content-type': 'application/pdf', 'content-disposition': `attachment; filename="${fileName(kept.build)}.pdf"` } });
}
