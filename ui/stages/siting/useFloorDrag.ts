import { useEffect, useRef, type RefObject } from 'react';
import { rowsOf, type AnyRow } from '../../../core/build/lists';
import { movePlace, type FloorDrawing, type FloorView } from '../../../core/drawing/floor/layoutFloor';
import type { Place } from '../../../core/model/siting/frame';
import { placeOf } from '../../../core/model/siting/SitingPlan';
import { dragNothing, dragPart } from '../../charts/dragPart';
import { useWorkspace } from '../../sync/useWorkspace';
import { usePlaceHeater } from './usePlaceHeater';

/** A thing on the floor while it is dragged, mm from where it was. */
export interface MovedThing {
  id: string;
  dx: number;
  dy: number;
}
interface Floor {
  view: FloorView;
  selected: string | null;
  setMoved: (moved: MovedThing | null) => void;
}

/** Lets the heater be dragged, and a thing of the floor that was chosen before. */
export function useFloorDrag(svg: RefObject<SVGSVGElement | null>, drawing: FloorDrawing | null, floor: Floor): void {
  const { settled, send, mayWork } = useWorkspace('settled', 'send', 'mayWork');
  const { keep, sketch } = usePlaceHeater();
  const now = { ...floor, keep, sketch, settled, send, mayWork, scale: drawing?.scale ?? 1 };
  const live = useRef(now);
  useEffect(() => {
    live.current = now;
  });
  const ids = drawing?.things.map(({ id }) => id).join(' ') ?? '';
  const standing = drawing?.heater != null;
  useEffect(() => {
    const root = svg.current;
    if (!root) return undefined;
    const back = (down: number) => (live.current.view === 'above' ? -down : down);
    const scale = () => live.current.scale;
    const heater = root.querySelector<SVGElement>('[data-drag-heater]');
    if (heater) {
      let last: Place | null = null;
      dragPart(root, heater, {
        may: () => live.current.mayWork,
        scale,
        move: (right, down) => {
          const from = placeOf(live.current.settled);
          if (!from) return;
          last = movePlace(live.current.settled, from, right, back(down), true);
          live.current.sketch(last);
        },
        end: () => {
          if (last) live.current.keep(last);
          live.current.sketch(null);
          last = null;
        },
      });
    }
    root.querySelectorAll<SVGElement>('[data-thing]').forEach((thing) => {
      const id = thing.dataset.thing ?? '';
      const list = thing.dataset.where === 'below' ? ('obstacles' as const) : ('above' as const);
      let last = { dx: 0, dy: 0 };
      dragPart(root, thing, {
        // Touched first, then dragged: a thumb that pushes the page along moves no rail.
        may: () => live.current.mayWork && live.current.selected === id,
        scale,
        move: (right, down) => {
          last = { dx: Math.round(right), dy: Math.round(back(down)) };
          live.current.setMoved({ id, ...last });
        },
        end: (moved) => {
          live.current.setMoved(null);
          const row = rowsOf(live.current.settled.lists, list).find((r) => r.id === id) as AnyRow | undefined;
          if (!moved || !row) return;
          const set = (column: string, by: number) => {
            const from = row[column] ?? null;
            return { list, row: id, action: 'set' as const, column, from, to: Math.max(0, Number(from) + by) };
          };
          const changes = [set('xMm', last.dx), set('yMm', last.dy)].filter((change) => change.from !== change.to);
          if (changes.length > 0) live.current.send({ kind: 'rows', changes });
        },
      });
    });
    return () => dragNothing(root);
  }, [svg, ids, floor.view, standing]);
}
