'use client';
import { Button } from '@mui/material';
import { useMemo, useState } from 'react';
import type { Build } from '../../../core/build/Build';
import type { FigurePath } from '../../../core/build/sheets';
import type { Finding } from '../../../core/checks/Finding';
import type { FormDrawing } from '../../../core/drawing/form/FormDrawing';
import { FigureTable } from '../../components/cells/FigureTable';
import { useWorkspace } from '../../sync/useWorkspace';
import { useSmall } from '../../components/useSmall';
import { useWidth } from '../useWidth';
import { FormDrawingView } from './FormDrawingView';

/** Below this the drawing has no room for fields of a thumb's size, px. */
const leastWidth = 560;
/** The frame round it, both sides, px. */
const edges = 4;

/**
 * Figures by their drawing, or as a list: one data. What has no place on the drawing stands in the list in either case.
 * Where there is no room for fields on the drawing there is the list alone.
 */
export function DrawnFigures({
  draw,
  paths,
  title,
}: {
  draw: (build: Build, findings: readonly Finding[], width: number) => FormDrawing;
  paths: readonly FigurePath[];
  title: string;
}) {
  const { build, findings } = useWorkspace('build', 'findings');
  const [holder, width] = useWidth<HTMLDivElement>(700);
  const [listed, setListed] = useState(false);
  // Known before the width is: a phone draws no drawing that it takes away again.
  const roomy = !useSmall() && width >= leastWidth;
  const drawing = useMemo(() => (roomy ? draw(build, findings, width - edges) : null), [roomy, draw, build, findings, width]);
  const drawn = new Set(listed ? [] : drawing?.dimensions.map(({ path }) => path));
  const rest = paths.filter((path) => !drawn.has(path));
  return (
    <div ref={holder}>
      {drawing && !listed && <FormDrawingView drawing={drawing} title={title} />}
      {drawing && (
        <Button variant="text" aria-pressed={listed} onClick={() => setListed(!listed)}>
          {listed ? 'On the drawing' : 'As a list'}
        </Button>
      )}
      {rest.length > 0 && <FigureTable paths={rest} caption={title} />}
    </div>
  );
}
