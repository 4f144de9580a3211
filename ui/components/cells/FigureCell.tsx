'use client';
import { type Slot, valueProblem } from '../../../core/commands/kinds/figures';
import { assumedAt } from '../../../core/build/takeAssumed';
import { fieldAt, figureAt, type FigurePath } from '../../../core/build/sheets';
import { showFigure } from '../../../core/figures/showFigure';
import { useWorkspace } from '../../sync/useWorkspace';
import { CellPick, Options } from './CellInput';
import { TypedCell } from './TypedCell';
import { parts as t } from '../../texts/en/parts';

interface CellProps {
  path: FigurePath;
  slot: Slot;
  besideUnit: string;
  onProblem: (slot: Slot, problem: string) => void;
  describedBy: string;
  /** Whether an empty cell shows the plan in its place, as a plan. */
  showPlan?: boolean;
}

/** One figure of a sheet, as planned or as fitted. */
export function FigureCell({ path, slot, besideUnit, onProblem, describedBy, showPlan = false }: CellProps) {
  const { settled, send, setDraft, mayWork, who } = useWorkspace('settled', 'send', 'setDraft', 'mayWork', 'who');
  const field = fieldAt(path);
  const figure = figureAt(settled.sheets, path);
  const kept = figure[slot];
  const plan = showPlan && slot === 'fitted' && kept === null ? figure.planned : null;
  const planned = slot === 'planned' && !field.given;
  const standing = kept === null && plan === null ? assumedAt(settled, path) : null;
  // Of two cells side by side it stands in that of the plan.
  const assumed = standing && (showPlan || slot === (field.found ? 'fitted' : 'planned')) ? standing : null;
  const assumedText = assumed && t.assumedShort({ value: showFigure(path, assumed.value, who.unitPreferences, besideUnit) });
  const commit = (value: number | string | null) => send({ kind: 'figures', changes: [{ path, slot, from: kept, to: value }] });
  const name = [
    field.label,
    field.given ? t.given : slot === 'planned' ? t.plannedSlot : t.asFitted,
    ...(assumed ? [t.assumedSpoken({ value: showFigure(path, assumed.value, who.unitPreferences) })] : []),
  ].join(', ');
  if (field.kind === 'number')
    return (
      <TypedCell
        name={name}
        label={field.label}
        kept={kept === null ? null : Number(kept)}
        unit={field.unit}
        decimals={field.decimals}
        allowed={field}
        besideUnit={besideUnit}
        draftKey={`${settled.id}:${path}/${slot}`}
        planned={planned || (showPlan && kept === null)}
        assumed={assumed !== null}
        instead={assumedText ?? (plan === null ? '—' : showFigure(path, plan, who.unitPreferences, besideUnit))}
        describedBy={describedBy}
        commit={commit}
        check={(value) => valueProblem(path, value)}
        onTyped={(value) => setDraft(`${path}/${slot}`, value === undefined ? [] : [{ path, slot, value }])}
        onProblem={(problem) => onProblem(slot, problem)}
      />
    );
  return (
    <CellPick
      name={name}
      planned={planned}
      assumed={assumed !== null}
      value={String(kept ?? '')}
      disabled={!mayWork}
      onChoose={(value) => onProblem(slot, commit(value === '' ? null : value).join(' '))}
    >
      <Options of={field.options} empty={assumedText ?? '—'} />
    </CellPick>
  );
}
