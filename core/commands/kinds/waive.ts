import type { Waiver } from '../../build/Build';
import { text } from '../../build/schemaParts';
import { valuesSchema } from '../../build/recordSchemas';
import { assess } from '../../checks/assess';
import { messageOf } from '../../checks/findingText';
import { waives } from '../../checks/waives';
import type { Values } from '../../wording/Value';
import { defineCommand, refuse, shape } from '../define';

export interface WaiveCommand {
  kind: 'waive';
  checkId: string;
  /** The finding as it was read: its code and its values. */
  code: string;
  values: Values;
  why: string;
}
export interface UnwaiveCommand {
  kind: 'unwaive';
  checkId: string;
}

/** A lead accepts one finding, as it was read. */
export const waiveCommand = defineCommand<WaiveCommand>({
  kind: 'waive',
  permission: 'waive',
  isRelied: () => true,
  schema: shape(() => ({ checkId: text(60, 3), code: text(60, 1), values: valuesSchema(), why: text(500, 10) })),
  afterSigning: true,
  apply(build, { checkId, code, values, why }, { name, at }) {
    const finding = assess(build).find((c) => c.id === checkId);
    if (!finding) return refuse('invalid', `checkId ${checkId} is no check on this build.`);
    if (finding.level === 'stop')
      return refuse('standing', `${finding.id} is at stop; a stop can’t be waived, it has to be mended.`);
    if (finding.level !== 'fix' || finding.stage === 'signoff')
      return refuse('standing', `${finding.id} is at ${finding.level}; only a finding at “fix” can be waived.`);
    if (finding.assumed)
      return refuse('standing', `${finding.id} rests on assumed figures; measure them first: ${messageOf(finding)}`);
    if (!waives({ checkId, code, values }, finding))
      return refuse('standing', `${finding.id} finds something else now: ${messageOf(finding)}`);
    // What is kept is what stands here, not what was sent.
    const waiver: Waiver = { checkId, code: finding.code, values: finding.values, reason: why, by: name, at };
    return {
      ok: true,
      build: { ...build, waivers: [...build.waivers.filter((w) => w.checkId !== finding.id), waiver] },
      body: { ...waiver },
    };
  },
  describe: (body) => `WAIVED ${String(body.checkId)}: ${String(body.reason)}`,
});

/** A waiver is withdrawn. */
export const unwaiveCommand = defineCommand<UnwaiveCommand>({
  kind: 'unwaive',
  permission: 'waive',
  schema: shape(() => ({ checkId: text(60, 3) })),
  afterSigning: true,
  apply(build, { checkId }) {
    if (!build.waivers.some((w) => w.checkId === checkId)) return refuse('invalid', `checkId ${checkId} has no waiver.`);
    return { ok: true, build: { ...build, waivers: build.waivers.filter((w) => w.checkId !== checkId) }, body: { checkId } };
  },
  describe: (body) => `waiver of ${String(body.checkId)} withdrawn`,
});
