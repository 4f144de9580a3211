import type { Visit } from '../../build/Build';
import { visitStates } from '../../build/Build';
import { toldVisitSchema, visitsMax } from '../../build/recordSchemas';
import { handedOverDay } from '../../model/handover/dues';
import { defineCommand, refuse, shape } from '../define';

export interface VisitCommand {
  kind: 'visit';
  visit: Omit<Visit, 'at' | 'by'>;
}

/** A visit after hand-over. The signature does not stand for it; a part that was changed opens the proofs that it touches. */
export const visitCommand = defineCommand<VisitCommand>({
  kind: 'visit',
  permission: 'work',
  schema: shape(() => ({ visit: toldVisitSchema() })),
  afterSigning: true,
  apply(build, { visit: told }, { name, at }) {
    const kept = build.visits ?? [];
    if (handedOverDay(build) === null)
      return refuse('standing', 'It has not reached full output in its place yet; visits are kept after that.');
    if (kept.some(({ id }) => id === told.id)) return refuse('invalid', 'id is that of a visit already kept.');
    if (kept.length >= visitsMax)
      return refuse('invalid', `This build keeps ${kept.length} visits; at most ${visitsMax} are allowed.`);
    const visit: Visit = { ...told, at, by: name };
    return { ok: true, build: { ...build, visits: [...kept, visit] }, body: { visit } };
  },
  worksOn: ({ visit }) => visit.changed ?? [],
  describe(body) {
    const { found, note, changed } = body.visit as Visit;
    return `visit: ${visitStates[found]}${changed && changed.length > 0 ? `, changed: ${changed.join(', ')}` : ''} (${note})`;
  },
});
