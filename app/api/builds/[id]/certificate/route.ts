import { fileName } from '../../../../../formats/buildFile';
import { checkedLedger } from '../../../../../store/builds/ledger';
import { printedPhotos } from '../../../../../store/photos';
import { workshopOf } from '../../../../../store/people';
import { download, noBuild } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';
import { offLoop, verifyApart } from '../../../../lib/offLoop';

export const GET = documentRoute('look', async ({ kept, person }) => {
  const [workshop, ledger] = await Promise.all([workshopOf(person), checkedLedger(kept.build.id, verifyApart)]);
  if (!ledger) return noBuild();
  const pictures = await printedPhotos(kept.build);
  const pdf = await offLoop<Uint8Array>({
    kind: 'certificate',
    build: kept.build,
    facts: {
      workshop: workshop.name,
      demo: workshop.demo,
      // Of the rows it only tells signatures and corrections.
      rows: ledger.rows.filter(({ kind, body }) => kind === 'sign' || typeof (body as { reason?: unknown }).reason === 'string'),
      verification: ledger.verification,
      origins: kept.origins,
      pictures,
      madeAt: new Date().toISOString(),
    },
  });
  return download(new Uint8Array(pdf), 'application/pdf', `${fileName(kept.build)}.pdf`);
});
