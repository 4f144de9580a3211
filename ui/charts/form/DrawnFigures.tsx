'use client';
import { Button } from '@mui/material';
import { useMemo, useState, type ReactNode } from 'react';
import type { Build } from '../../../core/build/Build';
import type { FigurePath } from '../../../core/build/sheets';
import type { Finding } from '../../../core/checks/Finding';
import type { FormDrawing } from '../../../core/drawing/form/FormDrawing';
import { FigureTable } from '../../components/cells/FigureTable';
import { useWorkspace } from '../../sync/useWorkspace';
import { useSmall } from '../../components/useSmall';
import { useWidth } from '../useWidth';
import { FormDrawingView } from './FormDrawingView';
import { charts as t } from '../../texts/en/charts';

/** Below this a drawing has no room for fields of a thumb's size: it is pushed along, px. */
export const leastWidth = 560;
/** The frame round it, both sides, px. */
const edges = 4;

type Draw = (build: Build, findings: readonly Finding[], width: number) => FormDrawing;

/**
 * A drawing that is a form, or the list of the same data; on a phone the list, until the drawing is asked for.
 * @param children the list, told which cells stand on the drawing now
 */
export function Drawn({
  draw,
  title,
  more = '',
  children,
}: {
  draw: Draw | null;
  title: string;
  /** what the list alone holds */ more?: string;
  children: (drawn: ReadonlySet<string>) => ReactNode;
}) {
  const { build, findings } = useWorkspace('build', 'findings');
  const [holder, width] = useWidth<HTMLDivElement>(700);
  // Known before the width is: on a phone the list is asked first, and the drawing, pushed along under the thumb, where it is wanted.
  const small = useSmall() || width < leastWidth;
  const [wanted, setWanted] = useState<boolean | null>(null);
  const listed = !(wanted ?? !small);
  const drawing = useMemo(
    () => (draw && !(small && listed) ? draw(build, findings, Math.max(leastWidth, width) - edges) : null),
    [small, listed, draw, build, findings, width],
  );
  const drawn = useMemo(() => new Set(listed ? [] : drawing?.dimensions.map(({ key }) => key)), [listed, drawing]);
  return (
    <div ref={holder}>
      {drawing && !listed && <FormDrawingView drawing={drawing} title={title} />}
      {draw && (
        <Button variant="text" aria-pressed={listed} onClick={() => setWanted(listed)}>
          {listed ? t.onTheDrawing : t.asAList({ more })}
        </Button>
      )}
      {children(drawn)}
    </div>
  );
}

/** Figures by their drawing. What has no place on it stands in the list in either case. */
export function DrawnFigures({ draw, paths, title }: { draw: Draw; paths: readonly FigurePath[]; title: string }) {
  return (
    <Drawn draw={draw} title={title}>
      {(drawn) => {
        const rest = paths.filter((path) => !drawn.has(path));
        return rest.length > 0 && <FigureTable paths={rest} caption={title} />;
      }}
    </Drawn>
  );
}
