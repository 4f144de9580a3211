'use client';
import { Box } from '@mui/material';
import { useCallback } from 'react';
import type { Build } from '../../../core/build/Build';
import { fieldAt } from '../../../core/build/sheets';
import type { Slot } from '../../../core/commands/kinds/figures';
import { cellValue, fieldOfCell, type DrawnCell } from '../../../core/drawing/form/DrawnCell';
import type { Dimension } from '../../../core/drawing/form/FormDrawing';
import type { UnitPreferences } from '../../../core/units/inUnits';
import { cellUnit } from '../../../core/units/parseTyped';
import { useWorkspace } from '../../sync/useWorkspace';
import { FigureCell } from '../../components/cells/FigureCell';
import { RowNumber } from '../../components/lists/RowNumber';
import { useRows } from '../../components/lists/useRows';

/** The unit in which it is shown; empty where it has none. */
export function unitOfCell(build: Build, cell: DrawnCell, preferences: UnitPreferences): string {
  const field = fieldOfCell(cell);
  const value = cellValue(build, cell);
  return field.kind === 'number' ? cellUnit(typeof value === 'number' ? value : null, field.unit, preferences) : '';
}

interface Props {
  dimension: Dimension;
  entering: Slot;
  onProblem: (key: string, problem: string) => void;
  describedBy: string;
}

function RowDimension({
  cell: { list, row: id, column },
  ...more
}: {
  cell: Exclude<DrawnCell, { path: unknown }>;
  besideUnit: string;
  describedBy: string;
  onProblem: (problem: string) => void;
}) {
  const { rows, set } = useRows(list);
  const row = rows.find((one) => one.id === id);
  return row ? <RowNumber list={list} row={row} column={column} set={(value) => set(row, column, value)} {...more} /> : null;
}

/** What is typed where it stands on a drawing. */
export function DimensionCell({ dimension: { cell, key, box }, entering, onProblem, describedBy }: Props) {
  const { settled, who } = useWorkspace('settled', 'who');
  const unit = unitOfCell(settled, cell, who.unitPreferences);
  const told = useCallback((_slot: Slot, problem: string) => onProblem(key, problem), [onProblem, key]);
  const toldAtRow = useCallback((problem: string) => onProblem(key, problem), [onProblem, key]);
  return (
    <Box
      className="dimension"
      data-figure={'path' in cell ? cell.path : undefined}
      data-cell={key}
      sx={{ left: box.x, top: box.y, width: box.w, height: box.h }}
    >
      {'path' in cell ? (
        <FigureCell
          path={cell.path}
          slot={fieldAt(cell.path).given ? 'planned' : fieldAt(cell.path).found ? 'fitted' : entering}
          besideUnit={unit}
          onProblem={told}
          describedBy={describedBy}
          showPlan
        />
      ) : (
        <RowDimension cell={cell} besideUnit={unit} onProblem={toldAtRow} describedBy={describedBy} />
      )}
    </Box>
  );
}
