import type { PaperLine, PaperReport, PublicKey } from './judgePaper';

/** What became of a build after a certificate was made of it. */
export interface Later {
  /** how many rows its ledger has got since */ rows: number;
  standing: 'same' | 'withdrawn' | 'superseded' | 'changed';
  why?: string;
}
/** What a workshop's Lorbet says of one of its keys, and of what came after a paper. */
export interface WorkshopSays {
  workshop: string;
  keys: PublicKey[];
  later: Later | null;
}
/** What was heard: nothing where it could not be reached; null where nobody there has the key. */
export type Heard = { reached: false } | { reached: true; says: WorkshopSays | null };

function told(heard: Heard): [PaperLine['level'], string] {
  if (!heard.reached) return ['watch', 'The workshop’s Lorbet can’t be reached, so what came later can’t be told.'];
  if (!heard.says)
    return [
      'watch',
      'No workshop on this Lorbet has that key, so what came later can’t be told here. Ask the workshop that is named.',
    ];
  const { later } = heard.says;
  switch (later?.standing) {
    case undefined:
      return ['watch', 'The workshop is known here, but not this build in this state. Ask the workshop.'];
    case 'withdrawn':
      return ['stop', `A lead of the workshop has withdrawn the signature: ${later?.why ?? 'no reason is kept'}`];
    case 'superseded':
      return ['watch', 'The build was signed anew since. Ask the workshop for the newer certificate.'];
    case 'changed':
      return ['watch', `The build was changed since, by ${later?.rows ?? 0} entries, and not signed again. Ask the workshop.`];
    case 'same':
      return ['sound', 'Its workshop’s Lorbet has nothing newer that changes it.'];
  }
}

/** A report with what came after the paper; what was withdrawn stands first, whatever else agrees. */
export function withLater({ verdict, lines }: PaperReport, heard: Heard): PaperReport {
  const [level, text] = told(heard);
  const line: PaperLine = { id: 'later', level, text };
  if (level === 'stop') return { verdict: verdict === 'broken' ? verdict : 'withdrawn', lines: [line, ...lines] };
  return { verdict, lines: [...lines, line] };
}
