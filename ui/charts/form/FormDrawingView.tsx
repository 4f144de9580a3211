'use client';
import { Box, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useCallback, useId, useState, type ReactNode } from 'react';
import { fieldAt } from '../../../core/build/sheets';
import type { Slot } from '../../../core/commands/kinds/figures';
import { inkOfCell, type DrawnCell } from '../../../core/drawing/form/DrawnCell';
import type { FormDrawing } from '../../../core/drawing/form/FormDrawing';
import { useFindingText, useSay, useWorkspace } from '../../sync/useWorkspace';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { RunMarks } from '../run/RunMarks';
import { DimensionCell, unitOfCell } from './DimensionCell';
import { charts as t } from '../../texts/en/charts';

const dashes = { unknown: '2 4', planned: '7 4', fitted: undefined, proven: undefined } as const;

/** The lines of what is typed on a drawing: dotted while nobody has said, broken while planned, full once measured. */
export function DimensionLines({ drawing }: { drawing: FormDrawing }) {
  const { build, who } = useWorkspace('build', 'who');
  const unitOf = (cell: DrawnCell) => {
    const unit = unitOfCell(build, cell, who.unitPreferences);
    return unit === '' ? '' : `, ${unit === 'deg' ? '°' : unit}`;
  };
  return drawing.dimensions.map(({ cell, key, line, label, labelAt }) => (
    <g key={key} className="dimension-line">
      {line && <path d={line} fill="none" strokeDasharray={dashes[inkOfCell(build, cell)]} />}
      {label && (
        <text x={labelAt.x} y={labelAt.y} textAnchor={labelAt.anchor} className="quiet" aria-hidden>
          {label}
          {unitOf(cell)}
        </text>
      )}
    </g>
  ));
}

/** The findings that sit on a drawing. */
export function DrawnPins({ pins }: { pins: FormDrawing['pins'] }) {
  const { findings } = useWorkspace('findings');
  const { message } = useFindingText();
  return pins.map(({ id, level, x, y }) => {
    const finding = findings.find((one) => one.id === id);
    return (
      <g key={id} data-pin={id} data-level={level}>
        <LevelGlyph level={level} assumed={finding?.assumed !== undefined} size={20} x={x - 10} y={y - 10} />
        {finding && <title>{message(finding)}</title>}
      </g>
    );
  });
}

/** A drawing with its fields on it: which of planned and fitted is typed, the sheet, and what is wrong with what was typed. */
export function FormSheet({ drawing, title, children }: { drawing: FormDrawing; title: string; children: ReactNode }) {
  const say = useSay();
  const [entering, setEntering] = useState<Slot>('fitted');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const onProblem = useCallback(
    (path: string, problem: string) => setProblems((old) => (old[path] === problem ? old : { ...old, [path]: problem })),
    [],
  );
  const id = useId();
  const planable = drawing.dimensions.some(
    ({ cell }) => 'path' in cell && !fieldAt(cell.path).given && !fieldAt(cell.path).found,
  );
  const told = Object.values(problems).filter(Boolean);
  return (
    <figure className="form-drawing" aria-label={title}>
      <Box className="form-drawing-head">
        <span className="soft">{t.typeOnTheDrawingDottedUnknown}</span>
        {planable && (
          <ToggleButtonGroup
            exclusive
            size="small"
            value={entering}
            aria-label={t.whatIsEnteredOnTheDrawing}
            onChange={(_event, slot: Slot | null) => slot && setEntering(slot)}
          >
            <ToggleButton value="planned">{t.planned}</ToggleButton>
            <ToggleButton value="fitted">{t.asFitted}</ToggleButton>
          </ToggleButtonGroup>
        )}
      </Box>
      <Box className="form-drawing-scroll">
        <Box className="form-drawing-sheet" sx={{ width: drawing.width, height: drawing.height }}>
          {children}
          {drawing.dimensions.map((dimension) => (
            <DimensionCell key={dimension.key} dimension={dimension} entering={entering} onProblem={onProblem} describedBy={id} />
          ))}
        </Box>
      </Box>
      {told.length > 0 && (
        <p className="cell-problem" id={id} role="alert">
          {told.map((problem) => say(problem)).join(' ')}
        </p>
      )}
    </figure>
  );
}

/** A drawing to scale whose dimensions are its fields. */
export function FormDrawingView({ drawing, title }: { drawing: FormDrawing; title: string }) {
  const say = useSay();
  return (
    <FormSheet drawing={drawing} title={title}>
      <svg className="run" width={drawing.width} height={drawing.height} role="img" aria-label={say(drawing.words)}>
        <RunMarks marks={drawing.marks} say={say} />
        <DimensionLines drawing={drawing} />
        <DrawnPins pins={drawing.pins} />
      </svg>
    </FormSheet>
  );
}
