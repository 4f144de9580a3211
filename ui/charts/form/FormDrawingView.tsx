'use client';
import { Box, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useCallback, useId, useState } from 'react';
import type { Build } from '../../../core/build/Build';
import { fieldAt, valueAt, type FigurePath } from '../../../core/build/sheets';
import type { Slot } from '../../../core/commands/kinds/figures';
import type { Dimension, FormDrawing } from '../../../core/drawing/form/FormDrawing';
import { inkOfFigure } from '../../../core/drawing/form/FormPen';
import { cellUnit } from '../../../core/units/parseTyped';
import { useFindingText, useSay, useWorkspace } from '../../sync/useWorkspace';
import { FigureCell } from '../../components/cells/FigureCell';
import { LevelGlyph } from '../../components/findings/LevelMark';
import { RunMarks } from '../run/RunMarks';

const dashes = { unknown: '2 4', planned: '7 4', fitted: undefined, proven: undefined } as const;

const valueNumber = (build: Build, path: FigurePath) => {
  const value = valueAt(build.sheets, path);
  return typeof value === 'number' ? value : null;
};

/** A figure typed where it stands on the drawing. */
function DimensionCell({
  dimension: { path, box },
  entering,
  onProblem,
  describedBy,
}: {
  dimension: Dimension;
  entering: Slot;
  onProblem: (path: string, problem: string) => void;
  describedBy: string;
}) {
  const { settled, who } = useWorkspace('settled', 'who');
  const field = fieldAt(path);
  const unit = field.kind === 'number' ? cellUnit(valueNumber(settled, path), field.unit, who.unitPreferences) : '';
  const told = useCallback((_slot: Slot, problem: string) => onProblem(path, problem), [onProblem, path]);
  return (
    <Box className="dimension" data-figure={path} sx={{ left: box.x, top: box.y, width: box.w, height: box.h }}>
      <FigureCell
        path={path}
        slot={field.given ? 'planned' : field.found ? 'fitted' : entering}
        besideUnit={unit}
        onProblem={told}
        describedBy={describedBy}
        showPlan
      />
    </Box>
  );
}

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
  const unitOf = (path: Dimension['path']) => {
    const field = fieldAt(path);
    if (field.kind !== 'number') return '';
    const unit = cellUnit(valueNumber(build, path), field.unit, who.unitPreferences);
    return unit === 'deg' ? ', °' : `, ${unit}`;
  };
  const planable = drawing.dimensions.some(({ path }) => !fieldAt(path).given && !fieldAt(path).found);
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
          {drawing.dimensions.map(({ path, line, label, labelAt }) => (
            <g key={path} className="dimension-line">
              {line && <path d={line} fill="none" strokeDasharray={dashes[inkOfFigure(build, path)]} />}
              <text x={labelAt.x} y={labelAt.y} textAnchor={labelAt.anchor} className="quiet" aria-hidden>
                {label}
                {unitOf(path)}
              </text>
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
          <DimensionCell key={dimension.path} dimension={dimension} entering={entering} onProblem={onProblem} describedBy={id} />
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
