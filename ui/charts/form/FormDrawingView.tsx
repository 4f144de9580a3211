'use client';
import { Box, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useCallback, useId, useState } from 'react';
import { fieldAt } from '../../../core/build/sheets';
import type { Slot } from '../../../core/commands/kinds/figures';
import { inkOfCell, type DrawnCell } from '../../../core/drawing/form/DrawnCell';
import type { FormDrawing } from '../../../core/drawing/form/FormDrawing';
import { useFindingText, useSay, useWorkspace } from '../../sync/useWorkspace';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { RunMarks } from '../run/RunMarks';
import { DimensionCell, unitOfCell } from './DimensionCell';

const dashes = { unknown: '2 4', planned: '7 4', fitted: undefined, proven: undefined } as const;

/** A drawing to scale whose dimensions are its fields: dotted while nobody has said, broken while planned, full once measured. */
export function FormDrawingView({ drawing, title }: { drawing: FormDrawing; title: string }) {
  const { build, findings, who } = useWorkspace('build', 'findings', 'who');
  const { message } = useFindingText();
  const say = useSay();
  const [entering, setEntering] = useState<Slot>('fitted');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const onProblem = useCallback(
    (path: string, problem: string) => setProblems((old) => (old[path] === problem ? old : { ...old, [path]: problem })),
    [],
  );
  const id = useId();
  const unitOf = (cell: DrawnCell) => {
    const unit = unitOfCell(build, cell, who.unitPreferences);
    return unit === '' ? '' : `, ${unit === 'deg' ? '°' : unit}`;
  };
  const planable = drawing.dimensions.some(
    ({ cell }) => 'path' in cell && !fieldAt(cell.path).given && !fieldAt(cell.path).found,
  );
  const told = Object.values(problems).filter(Boolean);
  return (
    <figure className="form-drawing" aria-label={title}>
      <Box className="form-drawing-head">
        <span className="soft">Type on the drawing: dotted unknown, broken planned, full measured.</span>
        {planable && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={entering}
            aria-label="What is entered on the drawing"
            onChange={(_event, slot: Slot | null) => slot && setEntering(slot)}
          >
            <ToggleButton value="planned">planned</ToggleButton>
            <ToggleButton value="fitted">as fitted</ToggleButton>
          </ToggleButtonGroup>
        )}
      </Box>
      <Box className="form-drawing-sheet" sx={{ width: drawing.width, height: drawing.height }}>
        <svg className="run" width={drawing.width} height={drawing.height} role="img" aria-label={say(drawing.words)}>
          <RunMarks marks={drawing.marks} say={say} />
          {drawing.dimensions.map(({ cell, key, line, label, labelAt }) => (
            <g key={key} className="dimension-line">
              {line && <path d={line} fill="none" strokeDasharray={dashes[inkOfCell(build, cell)]} />}
              {label && (
                <text x={labelAt.x} y={labelAt.y} textAnchor={labelAt.anchor} className="quiet" aria-hidden>
                  {label}
                  {unitOf(cell)}
                </text>
              )}
            </g>
          ))}
          {drawing.pins.map(({ id: check, level, x, y }) => {
            const finding = findings.find((one) => one.id === check);
            return (
              <g key={check} data-pin={check} data-level={level}>
                <LevelGlyph level={level} size={20} x={x - 10} y={y - 10} />
                {finding && <title>{message(finding)}</title>}
              </g>
            );
          })}
        </svg>
        {drawing.dimensions.map((dimension) => (
          <DimensionCell key={dimension.key} dimension={dimension} entering={entering} onProblem={onProblem} describedBy={id} />
        ))}
      </Box>
      {told.length > 0 && (
        <p className="cell-problem" id={id} role="alert">
          {told.map((problem) => say(problem)).join(' ')}
        </p>
      )}
    </figure>
  );
}
