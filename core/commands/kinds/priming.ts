import { primingOutcomes, type PrimingRun } from '../../build/Build';
import { primingRunSchema } from '../../build/recordSchemas';
import { formatShort } from '../../units/formatNumber';
import { defineCommand, shape } from '../define';

export interface PrimingCommand {
  kind: 'priming';
  run: Omit<PrimingRun, 'at' | 'by'>;
}

/** A run of the pump to fill the line. */
export const primingCommand = defineCommand<PrimingCommand>({
  kind: 'priming',
  permission: 'work',
  schema: shape(() => ({ run: primingRunSchema().omit(['at', 'by']) })),
  apply: (build, { run }, { name, at }) => ({
    ok: true,
    build: { ...build, primingRuns: [...build.primingRuns, { ...run, at, by: name }] },
    body: { run },
  }),
  describe(body) {
    const run = body.run as PrimingRun;
    return `primed ${run.strokes} strokes at ${formatShort(run.frequencyHz)} Hz: ${primingOutcomes[run.outcome]}`;
  },
});
