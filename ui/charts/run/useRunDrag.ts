import { useEffect, useRef, type RefObject } from 'react';
import { figureAt, type FigurePath } from '../../../core/build/sheets';
import { moveJoint, movePump, moveTank, tiltPump, type Moved } from '../../../core/drawing/run/dragRun';
import type { RunDrawing } from '../../../core/drawing/run/marks';
import { segmentRows } from '../../../core/model/fuel/routeOf';
import { useWorkspace } from '../../sync/useWorkspace';
import { dragNothing, dragPart, type PartDragged } from '../dragPart';

/** What is moved on the run, as figures and rows of the build: looked at while it moves, kept where it is let go. */
function useMoved() {
  const { settled, send, setDraft } = useWorkspace('settled', 'send', 'setDraft');
  // A dragged figure becomes what is fitted where something was measured there already, else it stays a plan.
  const slotOf = (path: FigurePath) =>
    figureAt(settled.sheets, path).fitted !== null ? ('fitted' as const) : ('planned' as const);
  const keep = (moved: readonly Moved[]) => {
    const rows = new Map(segmentRows(settled.lists).map((row) => [row.id, row]));
    const changes = moved.flatMap((move) => {
      if (!('path' in move)) return [];
      const slot = slotOf(move.path);
      const from = figureAt(settled.sheets, move.path)[slot];
      return from === move.value ? [] : [{ path: move.path, slot, from, to: move.value }];
    });
    const cells = moved.flatMap((move) => {
      if (!('row' in move)) return [];
      const from = rows.get(move.row)?.[move.column] ?? null;
      const { row, column, value: to } = move;
      return from === to ? [] : [{ list: 'segments' as const, row, action: 'set' as const, column, from, to }];
    });
    const errors = changes.length > 0 ? send({ kind: 'figures', changes }) : [];
    if (errors.length === 0 && cells.length > 0) send({ kind: 'rows', changes: cells });
  };
  const sketch = (moved: readonly Moved[]) =>
    setDraft(
      'run',
      moved.map((move) => ('path' in move ? { ...move, slot: slotOf(move.path) } : { ...move, list: 'segments' })),
    );
  return { keep, sketch };
}

/**
 * Lets pump, tank, the pump's end and the joints of the line be dragged.
 * @param joints ids of the rows whose joint has a handle; handles come and go with the sheet and the rows
 * @returns keeps what was moved by keys
 */
export function useRunDrag(
  svg: RefObject<SVGSVGElement | null>,
  { scale, pump }: Pick<RunDrawing, 'scale' | 'pump'>,
  joints: string,
): (moved: readonly Moved[]) => void {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const { keep, sketch } = useMoved();
  const live = useRef({ settled, mayWork, scale, pump, keep, sketch });
  useEffect(() => {
    live.current = { settled, mayWork, scale, pump, keep, sketch };
  });
  useEffect(() => {
    const root = svg.current;
    if (!root) return undefined;
    const follow = (name: string, figures: (right: number, up: number, event: PartDragged) => Moved[]) => {
      const part = root.querySelector<SVGElement>(`[data-drag="${name}"]`);
      if (!part) return;
      let moved: Moved[] = [];
      dragPart(root, part, {
        may: () => live.current.mayWork,
        scale: () => live.current.scale,
        move: (right, down, event) => {
          moved = figures(right, -down, event);
          if (moved.length > 0) live.current.sketch(moved);
        },
        end: () => {
          if (moved.length > 0) live.current.keep(moved);
          live.current.sketch([]);
          moved = [];
        },
      });
    };
    follow('pump', (right, up) => movePump(live.current.settled, right, up));
    follow('tank', (right, up) => moveTank(live.current.settled, right, up));
    for (const id of joints.split(' ').filter(Boolean)) follow(id, (right, up) => moveJoint(live.current.settled, id, right, up));
    follow('tilt', (_right, _up, event) => {
      const { x, y } = live.current.pump;
      return tiltPump((Math.atan2(y - event.y, Math.max(event.x - x, 1)) * 180) / Math.PI);
    });
    return () => dragNothing(root);
  }, [svg, joints]);
  return keep;
}
