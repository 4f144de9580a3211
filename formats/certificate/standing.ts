import type { Build, Signature } from '../../core/build/Build';
import { isWithdrawn, signState } from '../../core/checks/progress';
import { whatStands } from '../../core/checks/signoff/signoff';
import type { Standing } from '../../core/proof/statement';
import { unmeasuredFigures } from '../../core/model/unmeasuredFigures';
import { levelInk } from './CertificatePage';
import { day, type Section, type SectionFacts } from './Section';

/** How a build stands, in one word: what its proof says of it. */
export function standingOf(build: Build, rows: SectionFacts['rows'], broken: boolean): Standing {
  const state = signState(build);
  if (broken) return 'broken';
  if (isWithdrawn(build)) return 'withdrawn';
  if (state === 'unsigned') return 'draft';
  if (state === 'corrected') return 'corrected';
  return wasSignedHere(build, rows) ? 'signed' : 'imported';
}

/** What the certificate may claim: only a build that is signed as it stands and has nothing standing is certified. */
function standingText({ build, findings, rows, verification: { broken } }: SectionFacts): {
  title: string;
  text: string;
  colour: string;
} {
  if (broken)
    return {
      title: 'NOT VALID: THE RECORD IS BROKEN',
      text: `The ledger does not hold: ${broken.why}. Nothing here can be vouched for until that is cleared up.`,
      colour: levelInk.stop,
    };
  const standing = whatStands(findings);
  const word = standingOf(build, rows, broken !== null);
  const open = standing.stop.length + standing.fix.length + standing.open.length;
  if (word === 'withdrawn') {
    const last = build.withdrawals?.at(-1);
    return {
      title: 'NOT VALID: WITHDRAWN',
      text: `The signature was withdrawn by ${last?.by ?? 'a lead'}, ${last ? day(last.at) : ''}: ${last?.why ?? ''}`,
      colour: levelInk.stop,
    };
  }
  if (word === 'imported')
    return {
      title: 'IMPORTED SIGNED',
      text: 'This build came as a file with its signature; it was not signed in this workshop’s ledger, which can’t vouch for it.',
      colour: levelInk.fix,
    };
  if (word === 'signed')
    return { title: 'SIGNED', text: 'Signed as it stands; nothing has changed since.', colour: levelInk.sound };
  if (word === 'corrected')
    return {
      title: 'NOT VALID: CORRECTED SINCE IT WAS SIGNED',
      text: `Something was changed after the signature (see the ledger), and it has not been signed again. ${open === 0 ? '' : `Standing now: ${standing.stop.length} at stop, ${standing.fix.length} to fix, ${standing.open.length} not measured.`}`,
      colour: levelInk.stop,
    };
  return {
    title: 'DRAFT, NOT SIGNED',
    text: `Not to be used as proof of anything. Standing: ${standing.stop.length} at stop, ${standing.fix.length} to fix, ${standing.open.length} not measured, ${unmeasuredFigures(build).length} figures only planned.`,
    colour: levelInk.stop,
  };
}

/** Whether the ledger of this workshop has the row in which the last signature was given. */
function wasSignedHere({ signatures }: Build, rows: SectionFacts['rows']): boolean {
  const last: Signature | undefined = signatures[signatures.length - 1];
  const hashes = [last?.buildHash, last?.formerHash].filter((hash) => hash !== undefined);
  return rows.some(({ kind, body }) => kind === 'sign' && hashes.includes((body as { buildHash?: string }).buildHash ?? ''));
}

export const standing: Section = (page, facts) => {
  const { title, text, colour } = standingText(facts);
  page.paragraph(title, { bold: true, size: 15, colour });
  page.paragraph(text);
};
