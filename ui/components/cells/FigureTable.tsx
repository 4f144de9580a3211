'use client';
import { Table, TableBody, TableCell, TableRow } from '@mui/material';
import type { Slot } from '../../../core/commands/kinds/figures';
import { Fragment, useCallback, useId, useState } from 'react';
import { fieldAt, valueAt, type FigurePath } from '../../../core/build/sheets';
import { cellUnit } from '../../../core/units/parseTyped';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { FiguresHead } from './FiguresHead';
import { FigureCell } from './FigureCell';

const unitShown = (unit: string) => (unit === 'deg' ? '°' : unit);

function FigureRow({ path }: { path: FigurePath }) {
  const { settled, who } = useWorkspace('settled', 'who');
  const say = useSay();
  const field = fieldAt(path);
  const value = valueAt(settled.sheets, path);
  const unit = field.kind === 'number' ? cellUnit(typeof value === 'number' ? value : null, field.unit, who.unitPreferences) : '';
  const [problems, setProblems] = useState<Partial<Record<Slot, string>>>({});
  const told = useCallback(
    (slot: Slot, problem: string) => setProblems((old) => (old[slot] === problem ? old : { ...old, [slot]: problem })),
    [],
  );
  const id = useId();
  const sentence = problems.planned || problems.fitted;
  return (
    <Fragment>
      <TableRow data-figure={path}>
        <TableCell>
          {field.label}
          {field.hint && <span className="hint">{field.hint}</span>}
        </TableCell>
        {!field.given && (
          <TableCell className="cell">
            <FigureCell path={path} slot="planned" besideUnit={unit} onProblem={told} describedBy={id} />
          </TableCell>
        )}
        <TableCell className="cell" colSpan={field.given ? 2 : 1}>
          <FigureCell path={path} slot={field.given ? 'planned' : 'fitted'} besideUnit={unit} onProblem={told} describedBy={id} />
        </TableCell>
        <TableCell className="unit">{unitShown(unit)}</TableCell>
      </TableRow>
      {sentence && (
        <TableRow className="figures-stacked">
          <TableCell colSpan={4} className="cell-problem" id={id} role="alert">
            {say(sentence)}
          </TableCell>
        </TableRow>
      )}
    </Fragment>
  );
}

/** A sheet of figures: what each is, as planned, as fitted. */
export function FigureTable({ paths, caption }: { paths: readonly FigurePath[]; caption: string }) {
  const allGiven = paths.every((path) => fieldAt(path).given);
  return (
    <Table className="figures">
      <caption className="visually-hidden">{caption}</caption>
      <FiguresHead columns={allGiven ? ['given'] : ['planned', 'as fitted']} />
      <TableBody>
        {paths.map((path) => (
          <FigureRow key={path} path={path} />
        ))}
      </TableBody>
    </Table>
  );
}
