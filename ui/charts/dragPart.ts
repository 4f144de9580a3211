import { drag, select, type D3DragEvent } from 'd3';

export type PartDragged = D3DragEvent<SVGElement, unknown, unknown>;
interface Follow {
  /** whether it may be dragged now */ may: () => boolean;
  /** px for one unit of what is drawn; that at the start holds until the end, whatever the drawing does meanwhile */ scale: () => number;
  /** how far it is from where it was, in units of what is drawn, right and down; told once a frame */
  move: (right: number, down: number, event: PartDragged) => void;
  /** @param moved whether it went anywhere */ end: (moved: boolean) => void;
}

/** So far a hand trembles, px: nothing moves by it, and a click stays a click. */
const tremblePx = 4;

/** Lets one part of a drawing be dragged by mouse or finger. */
export function dragPart(root: SVGSVGElement, part: SVGElement, { may, scale, move, end }: Follow): void {
  let frame = 0;
  let start = { x: 0, y: 0, scale: 1 };
  let last: PartDragged | null = null;
  const tell = () => {
    frame = 0;
    if (last) move((last.x - start.x) / start.scale, (last.y - start.y) / start.scale, last);
  };
  select<SVGElement, unknown>(part).call(
    drag<SVGElement, unknown>()
      .filter((event: MouseEvent) => !event.button && may())
      .clickDistance(tremblePx)
      .container(() => root)
      .on('start', ({ x, y }: PartDragged) => {
        start = { x, y, scale: scale() };
        last = null;
      })
      .on('drag', (event: PartDragged) => {
        if (!last && Math.hypot(event.x - start.x, event.y - start.y) <= tremblePx) return;
        last = event;
        // One picture a frame, however often the pointer tells of itself.
        frame ||= requestAnimationFrame(tell);
      })
      .on('end', () => {
        // The last place counts, also where its frame has not come yet.
        if (frame !== 0) {
          cancelAnimationFrame(frame);
          tell();
        }
        end(last !== null);
        last = null;
      }),
  );
}

/** Nothing in the drawing can be dragged any more. */
export function dragNothing(root: SVGSVGElement): void {
  select(root).selectAll('*').on('.drag', null);
}

/** Which way an arrow key moves: right and up, in steps; null for any other key. */
export function arrowOf(key: string): readonly [right: number, up: number] | null {
  const arrows: Readonly<Record<string, readonly [number, number]>> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  };
  return arrows[key] ?? null;
}
