import { useEffect, useRef, type RefObject } from 'react';
import { rowsOf, type AnyRow } from '../../../core/build/lists';
import { figureAt } from '../../../core/build/sheets';
import type { OutsideDrawing } from '../../../core/drawing/outside/layoutOutside';
import { slotNow } from '../../../core/measure/walkRound';
import { outsidePlan, type EndId } from '../../../core/model/air/outsidePlan';
import { takeAssumed } from '../../../core/build/takeAssumed';
import { dragNothing, dragPart } from '../../charts/dragPart';
import { useWorkspace } from '../../sync/useWorkspace';

/** An end or a thing while it is dragged, mm from where it was. */
export interface MovedOutside {
  id: string;
  dx: number;
  dy: number;
}
/** To this many mm an end is set by hand: a drawing tells no more. */
const stepMm = 10;

/** Puts an end of a pipe elsewhere, or where nobody has put it yet. */
export function usePlaceEnd() {
  const { settled, send, setDraft, mayWork } = useWorkspace('settled', 'send', 'setDraft', 'mayWork');
  const figuresAt = (id: EndId, x: number, y: number) =>
    (
      [
        ['XMm', x],
        ['YMm', y],
      ] as const
    ).map(([axis, value]) => {
      const path = `ends.${id}${axis}` as const;
      const slot = slotNow(settled, path);
      return { path, slot, from: figureAt(settled.sheets, path)[slot], to: Math.round(value) };
    });
  return {
    mayWork,
    place: (id: EndId, x: number, y: number): string[] => {
      const changes = figuresAt(id, x, y).filter(({ from, to }) => from !== to);
      return changes.length === 0 ? [] : send({ kind: 'figures', changes });
    },
    /** Shows it there while it is dragged, with what is found of it. */
    sketch: (id: EndId, x: number | null, y: number | null): void => {
      const values = x === null || y === null ? [] : figuresAt(id, x, y);
      setDraft(
        'ends',
        values.map(({ path, slot, to }) => ({ path, slot, value: to })),
      );
    },
    at: (id: EndId) => outsidePlan(takeAssumed(settled))?.ends[id] ?? null,
  };
}

/** Lets the ends be dragged, and a thing of the plan that was chosen before. */
export function useOutsideDrag(
  svg: RefObject<SVGSVGElement | null>,
  drawing: OutsideDrawing | null,
  { selected, setMoved }: { selected: string | null; setMoved: (moved: MovedOutside | null) => void },
): void {
  const { settled, send } = useWorkspace('settled', 'send');
  const ends = usePlaceEnd();
  const now = { settled, send, ends, selected, setMoved, scale: drawing?.scale ?? 1 };
  const live = useRef(now);
  useEffect(() => {
    live.current = now;
  });
  const ids = [...(drawing?.things.map(({ id }) => id) ?? []), ...(drawing?.ends.map(({ id }) => id) ?? [])].join(' ');
  useEffect(() => {
    const root = svg.current;
    if (!root) return undefined;
    const scale = () => live.current.scale;
    root.querySelectorAll<SVGElement>('[data-end]').forEach((part) => {
      const id = part.dataset.end as EndId;
      let last = { dx: 0, dy: 0 };
      const snapped = (mm: number) => Math.round(mm / stepMm) * stepMm;
      dragPart(root, part, {
        may: () => live.current.ends.mayWork,
        scale,
        move: (right, down) => {
          last = { dx: snapped(right), dy: snapped(-down) };
          const from = live.current.ends.at(id);
          if (from) live.current.ends.sketch(id, from.x + last.dx, from.y + last.dy);
        },
        end: (moved) => {
          const from = live.current.ends.at(id);
          if (moved && from) live.current.ends.place(id, from.x + last.dx, from.y + last.dy);
          live.current.ends.sketch(id, null, null);
        },
      });
    });
    root.querySelectorAll<SVGElement>('[data-thing]').forEach((part) => {
      const id = part.dataset.thing ?? '';
      let last = { dx: 0, dy: 0 };
      dragPart(root, part, {
        // Touched first, then dragged: a thumb that pushes the page along moves no window.
        may: () => live.current.ends.mayWork && live.current.selected === id,
        scale,
        move: (right, down) => {
          last = { dx: Math.round(right), dy: Math.round(-down) };
          live.current.setMoved({ id, ...last });
        },
        end: (moved) => {
          live.current.setMoved(null);
          const { lists } = live.current.settled;
          const list = (['outside', 'vents'] as const).find((one) => rowsOf(lists, one).some((row) => row.id === id));
          const row = list && (rowsOf(lists, list).find((one) => one.id === id) as AnyRow | undefined);
          if (!moved || !list || !row) return;
          const set = (column: 'xMm' | 'yMm', by: number) => {
            const from = row[column] ?? null;
            return { list, row: id, action: 'set' as const, column, from, to: Number(from) + by };
          };
          const changes = [set('xMm', last.dx), set('yMm', last.dy)].filter((change) => change.from !== change.to);
          if (changes.length > 0) live.current.send({ kind: 'rows', changes });
        },
      });
    });
    return () => dragNothing(root);
  }, [svg, ids]);
}
