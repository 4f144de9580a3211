import type { Assumed } from '../../build/Assumption';
import { assumedSchema } from '../../build/assumptionSchema';
import { defineCommand, shape } from '../define';

export interface AssumeCommand {
  kind: 'assume';
  /** All that is assumed of the build from now on; null drops it. */
  assumed: Assumed | null;
}

/** What is assumed where nobody has said or measured. It changes no figure that somebody entered, and counts for nothing. */
export const assumeCommand = defineCommand<AssumeCommand>({
  kind: 'assume',
  permission: 'work',
  schema: shape(() => ({ assumed: assumedSchema().nullable().defined() })),
  apply(build, { assumed }) {
    const { assumed: _before, ...rest } = build;
    return { ok: true, build: assumed ? { ...rest, assumed } : rest, body: { assumed } };
  },
  describe(body) {
    const assumed = body.assumed as Assumed | null;
    if (!assumed) return 'nothing is assumed any more';
    const n = Object.keys(assumed.figures).length;
    return `${n} ${n === 1 ? 'figure' : 'figures'} assumed: ${assumed.basis}`;
  },
});
