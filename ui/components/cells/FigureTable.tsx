'use client';
import { Button, Table, TableBody, TableCell, TableRow } from '@mui/material';
import type { Slot } from '../../../core/commands/kinds/figures';
import { useCallback, useId, useState } from 'react';
import { fieldAt, figureAt, valueAt, type FigurePath } from '../../../core/build/sheets';
import { showFigure } from '../../../core/figures/showFigure';
import { cellUnit } from '../../../core/units/parseTyped';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { useSmall } from '../useSmall';
import { FiguresHead } from './FiguresHead';
import { FigureCell } from './FigureCell';
import { parts as t } from '../../texts/en/parts';

const unitShown = (unit: string) => (unit === 'deg' ? '°' : unit);

/** How a figure stands in the table: with one cell, with both side by side, or with the plan as text beneath. */
type Form = 'one' | 'both' | 'beneath';

function FigureRow({ path }: { path: FigurePath }) {
  const { settled, who } = useWorkspace('settled', 'who');
  const say = useSay();
  const small = useSmall();
  const field = fieldAt(path);
  const { planned, fitted } = figureAt(settled.sheets, path);
  const value = valueAt(settled.sheets, path);
  const unit = field.kind === 'number' ? cellUnit(typeof value === 'number' ? value : null, field.unit, who.unitPreferences) : '';
  const [problems, setProblems] = useState<Partial<Record<Slot, string>>>({});
  const [planning, setPlanning] = useState(false);
  const told = useCallback(
    (slot: Slot, problem: string) => setProblems((old) => (old[slot] === problem ? old : { ...old, [slot]: problem })),
    [],
  );
  const id = useId();
  const sentence = problems.planned || problems.fitted;
  // What nobody plans has no plan; where an older build has one, it is shown, since it counts.
  const form: Form = field.given || (field.found && planned === null) ? 'one' : field.found || small ? 'beneath' : 'both';
  const cell = (slot: Slot) => <FigureCell path={path} slot={slot} besideUnit={unit} onProblem={told} describedBy={id} />;
  const asked = cell(field.given ? 'planned' : 'fitted');
  // Words want the whole width of a phone.
  const beneath = small && field.kind === 'choice';
  return (
    <>
      <TableRow data-figure={path} className={form === 'beneath' ? 'plan-beneath' : ''}>
        <TableCell colSpan={beneath ? 4 : 1}>
          {field.label}
          {field.hint && <span className="hint">{field.hint}</span>}
          {form === 'beneath' && (
            <Button variant="text" className="plan" aria-expanded={planning} onClick={() => setPlanning(!planning)}>
              {planned === null ? t.planIt : t.planned({ path: showFigure(path, planned, who.unitPreferences) })}
              <span className="visually-hidden">, {field.label}</span>
            </Button>
          )}
        </TableCell>
        {form === 'both' && <TableCell className="cell">{cell('planned')}</TableCell>}
        {!beneath && (
          <>
            <TableCell className="cell" colSpan={form === 'both' ? 1 : 2}>
              {asked}
            </TableCell>
            <TableCell className="unit">{unitShown(unit)}</TableCell>
          </>
        )}
      </TableRow>
      {beneath && (
        <TableRow className="figures-stacked" data-figure={path}>
          <TableCell colSpan={4}>{asked}</TableCell>
        </TableRow>
      )}
      {form === 'beneath' && planning && (
        <TableRow className="figures-stacked">
          <TableCell>{t.asPlanned}</TableCell>
          <TableCell className="cell" colSpan={2}>
            {cell('planned')}
          </TableCell>
          <TableCell className="unit">{fitted === null || planned !== null ? unitShown(unit) : ''}</TableCell>
        </TableRow>
      )}
      {sentence && (
        <TableRow className="figures-stacked">
          <TableCell colSpan={4} className="cell-problem" id={id} role="alert">
            {say(sentence)}
          </TableCell>
        </TableRow>
      )}
    </>
  );
}

/** A table of figures: what each is, as planned, as fitted. On a phone what is fitted is asked, and the plan stands beneath. */
export function FigureTable({ paths, caption }: { paths: readonly FigurePath[]; caption: string }) {
  const small = useSmall();
  const single = paths.every((path) => fieldAt(path).given || fieldAt(path).found);
  return (
    <Table className="figures">
      <caption className="visually-hidden">{caption}</caption>
      {!small && !single && <FiguresHead columns={[t.plannedSlot, t.asFitted]} />}
      <TableBody>
        {paths.map((path) => (
          <FigureRow key={path} path={path} />
        ))}
      </TableBody>
    </Table>
  );
}
