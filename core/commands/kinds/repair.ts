import * as yup from 'yup';
import type { Build, Repair } from '../../build/Build';
import { identifier, text } from '../../build/schemaParts';
import { rowsOf } from '../../build/lists';
import { checkAt } from '../../checks/allChecks';
import { assess } from '../../checks/assess';
import { messageOf } from '../../checks/findingText';
import { isWet } from '../../model/fuel/leakDue';
import { defineCommand, refuse, shape, type Author, type Step } from '../define';

export interface RepairCommand {
  kind: 'repair';
  repair: Omit<Repair, 'at' | 'by' | 'found'>;
}

/** Keeps cause and repair of a finding that only a new proof can clear. What was found stays in the record; looks at a joint begin anew. */
function apply(build: Build, { repair: told }: RepairCommand, author: Author): Step {
  const check = checkAt(told.checkId);
  const finding = assess(build).find(({ id }) => id === told.checkId);
  if (!check || !finding) return refuse('invalid', `checkId ${told.checkId} is no check on this build.`);
  if (!check.answered)
    return refuse('standing', `${finding.id} is cleared by doing what it says and entering it; it needs no record of a repair.`);
  if (finding.level !== 'stop' && finding.level !== 'fix')
    return refuse('standing', `${finding.id} is at ${finding.level}; a repair answers what is at stop or has to be fixed.`);
  if ((build.repairs ?? []).some(({ id }) => id === told.id)) return refuse('invalid', 'id is that of a repair already kept.');
  const kept: Repair = { ...told, at: author.at, by: author.name, found: messageOf(finding) };
  const leaks = rowsOf(build.lists, 'leaks');
  const wet = check.id === 'fuel.leak' ? leaks.filter((row) => isWet(row) && (told.subject ?? row.id) === row.id) : [];
  if (check.id === 'fuel.leak' && wet.length === 0) return refuse('invalid', 'subject is no joint that was found wet.');
  const watchAnew = (row: (typeof leaks)[number]) => ({ id: row.id, ...(row.name === undefined ? {} : { name: row.name }) });
  const lists =
    wet.length === 0 ? {} : { lists: { ...build.lists, leaks: leaks.map((row) => (wet.includes(row) ? watchAnew(row) : row)) } };
  return { ok: true, build: { ...build, ...lists, repairs: [...(build.repairs ?? []), kept] }, body: { repair: kept } };
}

/** Cause and repair of what was found bad. */
export const repairCommand = defineCommand<RepairCommand>({
  kind: 'repair',
  permission: 'work',
  schema: shape(() => ({
    repair: yup
      .object({
        id: identifier(),
        checkId: text(60, 3),
        subject: text(60, 1).optional(),
        cause: text(500, 3),
        repair: text(500, 3),
      })
      .defined()
      .noUnknown()
      .strict(),
  })),
  apply,
  describe(body) {
    const { checkId, repair, cause } = body.repair as Repair;
    return `REPAIRED ${checkId}: ${repair} (cause: ${cause})`;
  },
  worksOn({ repair }) {
    const check = checkAt(repair.checkId);
    return check ? [check.part] : [];
  },
});
