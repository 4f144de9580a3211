import { fileName } from '../../../../../formats/buildFile';
import { writeCertificate } from '../../../../../formats/certificate';
import { ledgerOf } from '../../../../../store/builds';
import { workshopOf } from '../../../../../store/people';
import { admitToBuild } from '../../../../lib/answers';

export async function GET(request: Request, { params }: { params: Promise<{ id: string }> }) {
  const admitted = await admitToBuild(request, params);
  if (!admitted.ok) return admitted.response;
  const { kept } = admitted;
  const [workshop, rows] = await Promise.all([workshopOf(admitted.person), ledgerOf(kept.build.id)]);
  const pdf = await writeCertificate(kept.build, {
    workshop: workshop.name,
    demo: workshop.demo,
    rows,
    madeAt: new Date().toISOString(),
  });
  return new Response(new Uint8Array(pdf), {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `attachment; filename="${fileName(kept.build)}.pdf"` },
  });
}
