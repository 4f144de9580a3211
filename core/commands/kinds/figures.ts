import * as yup from 'yup';
import type { Build } from '../../build/Build';
import { oneOf, text, valueSchema } from '../../build/schemaParts';
import { emptySheets } from '../../build/emptyBuild';
import { fieldAt, figureAt, isFigurePath, type FigurePath, type SheetId, type SheetValues } from '../../build/sheets';
import { originKey } from '../../record/Origin';
import { formatShort } from '../../units/formatNumber';
import { changesOf, clash, defineCommand, refuse, settleChanges, shape, shown, type Clash, type Step } from '../define';

export type Slot = 'planned' | 'fitted';
/** One figure changed. `from` is what the person saw: where somebody else has changed it since, nobody is overwritten. */
export interface Change {
  path: FigurePath;
  slot: Slot;
  from: number | string | null;
  to: number | string | null;
}
export interface FiguresCommand {
  kind: 'figures';
  changes: Change[];
}

/** Why a value can't stand in a figure, as one sentence; null where it can. */
export function valueProblem(path: FigurePath, value: unknown): string | null {
  const field = fieldAt(path);
  try {
    valueSchema(field).validateSync(value, { strict: true });
    return null;
  } catch (error) {
    if (!(error instanceof yup.ValidationError)) throw error;
    const allowed =
      field.kind === 'number'
        ? `${field.min} to ${field.max} ${field.unit}`
        : `one of: ${Object.values(field.options).join(', ')}`;
    return `${field.label} is ${shown(value)}${field.kind === 'number' && typeof value === 'number' ? ` ${field.unit}` : ''}; allowed is ${allowed}.`;
  }
}

function problemOf({ path, slot, to }: Change): string | null {
  if (!isFigurePath(path)) return `${String(path)} is no figure of a build.`;
  const problem = to === null ? null : valueProblem(path, to);
  const { given, label } = fieldAt(path);
  return problem ?? (slot === 'fitted' && given ? `${label} is given, not fitted.` : null);
}

function apply(build: Build, { changes }: FiguresCommand): Step {
  const sheets: SheetValues = { ...build.sheets };
  const clashes: Clash[] = [];
  const errors: string[] = [];
  for (const change of changes) {
    const problem = problemOf(change);
    if (problem !== null) {
      errors.push(problem);
      continue;
    }
    const { path, slot, from, to } = change;
    const now = figureAt(sheets, path);
    if (now[slot] !== from && now[slot] !== to) {
      clashes.push({ key: originKey.figure(path, slot), label: fieldAt(path).label, theirs: now[slot], yours: to });
      continue;
    }
    const [sheet, name] = path.split('.') as [SheetId, string];
    // A later sheet that this document does not hold yet begins blank; what is not touched stays the same object.
    const table: object = sheets[sheet] ?? emptySheets()[sheet];
    Object.assign(sheets, { [sheet]: { ...table, [name]: { ...now, [slot]: to } } });
  }
  if (errors.length > 0) return refuse('invalid', ...errors);
  return clashes.length > 0 ? clash(clashes) : { ok: true, build: { ...build, sheets }, body: { changes } };
}

function changeText({ path, slot, from, to }: Change): string {
  if (!isFigurePath(path)) return path;
  const field = fieldAt(path);
  const name = (v: Change['from']): string =>
    v === null
      ? 'emptied'
      : field.kind === 'choice'
        ? ((field.options as Record<string, string>)[String(v)] ?? String(v))
        : `${formatShort(Number(v), 3)} ${field.unit}`;
  const was = from === null ? '' : ` (was ${name(from)})`;
  return `${field.label}${slot === 'planned' && !field.given ? ', planned' : ''}: ${name(to)}${was}`;
}

const scalar = () =>
  yup
    .mixed((v): v is number | string => typeof v === 'number' || typeof v === 'string')
    .nullable()
    .defined();

/** Figures of the sheets, planned or as fitted. */
export const figuresCommand = defineCommand<FiguresCommand>({
  kind: 'figures',
  permission: 'work',
  schema: shape(() => ({
    changes: changesOf({ path: text(60, 3), slot: oneOf({ planned: 1, fitted: 1 }), from: scalar(), to: scalar() }),
  })),
  apply,
  describe(body) {
    const changes = body.changes as Change[];
    const told = changes.slice(0, 3).map(changeText).join('; ');
    return changes.length > 3 ? `${told}; and ${changes.length - 3} more ${changes.length === 4 ? 'figure' : 'figures'}` : told;
  },
  // An as-fitted figure of air, exhaust or fuel that was known already: what was proven there has to be proven anew.
  worksOn: ({ changes }) =>
    changes
      .filter(({ path, slot, from, to }) => slot === 'fitted' && from !== null && from !== to && /^(air|fuel|line)\./.test(path))
      .map(({ path }) => fieldAt(path).part),
  originKeys: (body) => (body.changes as Change[]).map(({ path, slot }) => originKey.figure(path, slot)),
  settle(command, clashes, choices) {
    const changes = settleChanges(command.changes, clashes, choices, (c) => originKey.figure(c.path, c.slot));
    return changes.length > 0 ? { ...command, changes } : null;
  },
});
