import { useEffect, useRef, type RefObject } from 'react';
import { rowsOf } from '../../../core/build/lists';
import type { RowChange } from '../../../core/commands/changeRows';
import type { LoomDrawing } from '../../../core/drawing/wiring/layoutLoom';
import { dragNothing, dragPart } from '../../charts/dragPart';
import { useWorkspace } from '../../sync/useWorkspace';

/** A part of the loom while it is dragged, px of the drawing. */
export interface MovedPart {
  id: string;
  x: number;
  y: number;
}
const leastPx = 60;
const kept = (px: number): number => Math.max(leastPx, Math.round(px));

/** Puts a part of the loom elsewhere on its drawing. */
export function usePlacePart() {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  return {
    mayWork,
    place: ({ id, x, y }: MovedPart): string[] => {
      const row = rowsOf(settled.lists, 'loomParts').find((one) => one.id === id);
      if (!row) return [];
      const changes = (
        [
          ['xPx', kept(x)],
          ['yPx', kept(y)],
        ] as const
      ).flatMap(([column, to]): RowChange[] =>
        row[column] === to ? [] : [{ list: 'loomParts', row: id, action: 'set', column, from: row[column] ?? null, to }],
      );
      return changes.length === 0 ? [] : send({ kind: 'rows', changes });
    },
  };
}

/** Lets the parts of the loom be dragged. */
export function useLoomDrag(
  svg: RefObject<SVGSVGElement | null>,
  drawing: LoomDrawing | null,
  { setMoved, onProblems }: { setMoved: (moved: MovedPart | null) => void; onProblems: (problems: string[]) => void },
): void {
  const parts = usePlacePart();
  const now = { parts, drawing, setMoved, onProblems };
  const live = useRef(now);
  useEffect(() => {
    live.current = now;
  });
  const ids = drawing?.movable ? drawing.parts.map(({ id }) => id).join(' ') : '';
  useEffect(() => {
    const root = svg.current;
    if (!root || ids === '') return undefined;
    root.querySelectorAll<SVGElement>('[data-loom]').forEach((part) => {
      const id = part.dataset.loom ?? '';
      let from: { x: number; y: number } | null = null;
      let to = { x: 0, y: 0 };
      dragPart(root, part, {
        may: () => live.current.parts.mayWork,
        scale: () => 1,
        move: (right, down) => {
          from ??= live.current.drawing?.parts.find((one) => one.id === id) ?? null;
          if (!from) return;
          to = { x: kept(from.x + right), y: kept(from.y + down) };
          live.current.setMoved({ id, ...to });
        },
        end: (moved) => {
          live.current.setMoved(null);
          if (moved && from) live.current.onProblems(live.current.parts.place({ id, ...to }));
          from = null;
        },
      });
    });
    return () => dragNothing(root);
  }, [svg, ids]);
}
