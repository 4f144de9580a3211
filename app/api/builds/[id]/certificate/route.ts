import { fileName } from '../../../../../formats/buildFile';
import { writeCertificate } from '../../../../../formats/certificate';
import { verifyBuild, wholeLedger } from '../../../../../store/builds';
import { workshopOf } from '../../../../../store/people';
import { download } from '../../../../lib/answers';
import { buildRoute, noBuild } from '../../../../lib/handle';

export const GET = buildRoute('look', async ({ kept, person }) => {
  const { id } = kept.build;
  const [workshop, rows, verification] = await Promise.all([workshopOf(person), wholeLedger(id), verifyBuild(id)]);
  if (!verification) return noBuild();
  const pdf = await writeCertificate(kept.build, {
    workshop: workshop.name,
    demo: workshop.demo,
    rows,
    verification,
    origins: kept.origins,
    madeAt: new Date().toISOString(),
  });
  return download(new Uint8Array(pdf), 'application/pdf', `${fileName(kept.build)}.pdf`);
});
