import { useEffect, useRef, type RefObject } from 'react';
import { rowsOf } from '../../../core/build/lists';
import type { RowChange } from '../../../core/commands/changeRows';
import type { DuctDrawing } from '../../../core/drawing/warmth/layoutDucts';
import { dragNothing, dragPart } from '../../charts/dragPart';
import { useWorkspace } from '../../sync/useWorkspace';

/** A far end while it is dragged, mm on the floor. */
export interface MovedDuct {
  id: string;
  x: number;
  y: number;
}
/** To this many mm an end is set by hand: a drawing tells no more. */
const stepMm = 10;
const snapped = (mm: number): number => Math.round(mm / stepMm) * stepMm;

/** Puts the far end of a duct elsewhere on the floor. */
export function usePlaceDuct() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  return {
    mayWork,
    place: ({ id, x, y }: MovedDuct): string[] => {
      const row = rowsOf(settled.lists, 'ducts').find((one) => one.id === id);
      if (!row) return [];
      const changes = (
        [
          ['xMm', x],
          ['yMm', y],
        ] as const
      )
        .map(([column, mm]): RowChange => ({
          list: 'ducts',
          row: id,
          action: 'set',
          column,
          from: row[column] ?? null,
          to: snapped(mm),
        }))
        .filter((change) => change.action === 'set' && change.from !== change.to);
      return changes.length === 0 ? [] : send({ kind: 'rows', changes });
    },
  };
}

/** Lets the far ends of the ducts be dragged; what flows is told while they are. */
export function useDuctDrag(
  svg: RefObject<SVGSVGElement | null>,
  drawing: DuctDrawing | null,
  { setMoved, onProblems }: { setMoved: (moved: MovedDuct | null) => void; onProblems: (problems: string[]) => void },
): void {
  const ducts = usePlaceDuct();
  const now = { ducts, drawing, setMoved, onProblems };
  const live = useRef(now);
  useEffect(() => {
    live.current = now;
  });
  const ids = drawing?.ducts.map(({ id }) => id).join(' ') ?? '';
  useEffect(() => {
    const root = svg.current;
    if (!root) return undefined;
    root.querySelectorAll<SVGElement>('[data-duct]').forEach((part) => {
      const id = part.dataset.duct ?? '';
      let from = { x: 0, y: 0 };
      let to = from;
      let begun = false;
      dragPart(root, part, {
        may: () => live.current.ducts.mayWork && !live.current.drawing?.assumed,
        scale: () => live.current.drawing?.scale ?? 1,
        move: (right, down) => {
          const drawn = live.current.drawing?.ducts.find((one) => one.id === id);
          if (!begun && drawn) from = { x: drawn.xMm, y: drawn.yMm };
          begun = true;
          to = { x: snapped(from.x + right), y: snapped(from.y - down) };
          live.current.setMoved({ id, ...to });
        },
        end: (moved) => {
          live.current.setMoved(null);
          if (moved && begun) live.current.onProblems(live.current.ducts.place({ id, ...to }));
          begun = false;
        },
      });
    });
    return () => dragNothing(root);
  }, [svg, ids]);
}
