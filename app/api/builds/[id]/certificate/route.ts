import { fileName } from '../../../../../formats/buildFile';
import { writeCertificate } from '../../../../../formats/certificate';
import { checkedLedger } from '../../../../../store/builds';
import { printedPhotos } from '../../../../../store/photos';
import { workshopOf } from '../../../../../store/people';
import { download } from '../../../../lib/answers';
import { buildRoute, noBuild } from '../../../../lib/handle';

export const GET = buildRoute('look', async ({ kept, person }) => {
  const [workshop, ledger] = await Promise.all([workshopOf(person), checkedLedger(kept.build.id)]);
  if (!ledger) return noBuild();
  const pictures = await printedPhotos(kept.build);
  const pdf = await writeCertificate(kept.build, {
    workshop: workshop.name,
    demo: workshop.demo,
    ...ledger,
    origins: kept.origins,
    pictures,
    madeAt: new Date().toISOString(),
  });
  return download(new Uint8Array(pdf), 'application/pdf', `${fileName(kept.build)}.pdf`);
});
