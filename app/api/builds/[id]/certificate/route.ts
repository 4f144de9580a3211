import type { Verification } from '../../../../../core/ledger/verifyLedger';
import { fileName } from '../../../../../formats/buildFile';
import { checkedLedger, type Verify } from '../../../../../store/builds/ledger';
import { signerFor } from '../../../../../store/keys';
import { workshopOf } from '../../../../../store/people';
import { printedPhotos } from '../../../../../store/photos';
import { download, noBuild } from '../../../../lib/answers';
import { proofOf, sealed } from '../../../../lib/certify';
import { documentRoute } from '../../../../lib/handle';
import { offLoop } from '../../../../lib/offLoop';
import { originOf } from '../../../../lib/origin';

export const GET = documentRoute(
  'look',
  async ({ kept, person, request }) => {
    const madeAt = new Date();
    let lines = '';
    const verify: Verify = async (rows, state) => {
      const { lines: written, ...verification } = await offLoop<Verification & { lines: string }>({
        kind: 'verifyRows',
        rows,
        state,
        lines: true,
      });
      lines = written;
      return verification;
    };
    const [workshop, ledger, signer] = await Promise.all([
      workshopOf(person),
      checkedLedger(kept.build.id, verify),
      signerFor(person.workshopId, madeAt),
    ]);
    if (!ledger) return noBuild();
    const { build, verification } = ledger;
    // Of the rows it only tells signatures and corrections.
    const rows = ledger.rows.filter(
      ({ kind, body }) => kind === 'sign' || typeof (body as { reason?: unknown }).reason === 'string',
    );
    const certified = { build, rows, verification, lines, workshop: workshop.name, madeAt, origin: originOf(request) };
    const pdf = await offLoop<Uint8Array>({
      kind: 'certificate',
      build,
      facts: {
        workshop: workshop.name,
        demo: workshop.demo,
        rows,
        verification,
        origins: kept.origins,
        pictures: await printedPhotos(build),
        madeAt: madeAt.toISOString(),
        ...(signer ? { proof: proofOf(signer, certified) } : {}),
      },
    });
    const bytes = signer ? sealed(signer, pdf) : new Uint8Array(pdf);
    return download(bytes, 'application/pdf', `${fileName(build)}.pdf`);
  },
  { heavy: true },
);
