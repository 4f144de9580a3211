'use client';
import { drag, select, type D3DragEvent } from 'd3';
import { useEffect, useMemo, useRef, useState } from 'react';
import { rowsOf, type AnyRow } from '../../../core/build/lists';
import { figureAt, type FigurePath } from '../../../core/build/sheets';
import { movePlace, layoutFloor, type FloorView } from '../../../core/drawing/floor/layoutFloor';
import type { Place } from '../../../core/model/siting/frame';
import { placeOf } from '../../../core/model/siting/SitingPlan';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { useWidth } from '../../charts/useWidth';

const paths = { x: 'siting.heaterXMm', y: 'siting.heaterYMm', turnDeg: 'siting.heaterTurnDeg' } as const satisfies Record<
  keyof Place,
  FigurePath
>;
const keys = Object.keys(paths) as (keyof Place)[];

/** Changes of figures that put the heater in a place: as fitted where it was measured there already, else as a plan. */
export function usePlaceHeater() {
  const { settled, send, setDraft } = useWorkspace('settled', 'send', 'setDraft');
  const slot = (key: keyof Place) =>
    figureAt(settled.sheets, paths[key]).fitted !== null ? ('fitted' as const) : ('planned' as const);
  return {
    keep: (place: Place): string[] => {
      const changes = keys
        .map((key) => ({
          path: paths[key],
          slot: slot(key),
          from: figureAt(settled.sheets, paths[key])[slot(key)],
          to: place[key],
        }))
        .filter((change) => change.from !== change.to);
      return changes.length > 0 ? send({ kind: 'figures', changes }) : [];
    },
    sketch: (place: Place | null) =>
      setDraft('floor', place ? keys.map((key) => ({ path: paths[key], slot: slot(key), value: place[key] })) : []),
  };
}

/** The floor from above or as seen lying underneath, to scale; the heater and what lies below can be dragged, the heater moved by keys. */
export function FloorSheet({
  view,
  selected,
  onSelect,
}: {
  view: FloorView;
  selected: string | null;
  onSelect: (id: string | null) => void;
}) {
  const { build, settled, send, mayWork } = useWorkspace('build', 'settled', 'send', 'mayWork');
  const say = useSay();
  const [holder, width] = useWidth<HTMLDivElement>(640);
  const [moved, setMoved] = useState<{ id: string; dx: number; dy: number } | null>(null);
  const drawing = useMemo(() => layoutFloor(build, view, width, width < 520 ? 420 : 460, moved), [build, view, width, moved]);
  const { keep, sketch } = usePlaceHeater();
  const svg = useRef<SVGSVGElement>(null);
  const live = useRef({ keep, sketch, settled, scale: 1, view, mayWork, send, selected });
  useEffect(() => {
    live.current = { keep, sketch, settled, scale: drawing?.scale ?? 1, view, mayWork, send, selected };
  });
  const ids = drawing?.things.map(({ id }) => id).join(' ') ?? '';
  const standing = drawing?.heater != null;
  useEffect(() => {
    const root = svg.current;
    if (!root) return undefined;
    const mm = (event: D3DragEvent<SVGElement, unknown, unknown>, start: { x: number; y: number }) => {
      const { scale, view: now } = live.current;
      return { dx: (event.x - start.x) / scale, dy: ((event.y - start.y) / scale) * (now === 'above' ? -1 : 1) };
    };
    const follow = (
      element: SVGElement,
      may: () => boolean,
      on: { move: (dx: number, dy: number) => void; end: (moved: boolean) => void },
    ) => {
      let start = { x: 0, y: 0 };
      let far = false;
      select<SVGElement, unknown>(element).call(
        drag<SVGElement, unknown>()
          .filter((event: MouseEvent) => live.current.mayWork && !event.button && may())
          .container(() => root)
          .on('start', (event: D3DragEvent<SVGElement, unknown, unknown>) => {
            start = { x: event.x, y: event.y };
            far = false;
          })
          .on('drag', (event: D3DragEvent<SVGElement, unknown, unknown>) => {
            if (Math.hypot(event.x - start.x, event.y - start.y) > 4) far = true;
            const { dx, dy } = mm(event, start);
            if (far) on.move(dx, dy);
          })
          .on('end', () => on.end(far)),
      );
    };
    const heater = root.querySelector<SVGElement>('[data-drag-heater]');
    if (heater) {
      let last: Place | null = null;
      follow(heater, () => true, {
        move: (dx, dy) => {
          const from = placeOf(live.current.settled);
          if (!from) return;
          last = movePlace(live.current.settled, from, dx, dy, true);
          live.current.sketch(last);
        },
        end: (far) => {
          if (far && last) live.current.keep(last);
          live.current.sketch(null);
          last = null;
        },
      });
    }
    root.querySelectorAll<SVGElement>('[data-thing]').forEach((element) => {
      const id = element.dataset.thing ?? '';
      const list = element.dataset.where === 'below' ? ('obstacles' as const) : ('above' as const);
      let last = { dx: 0, dy: 0 };
      // Touched first, then dragged: a thumb that pushes the page along moves no rail.
      follow(element, () => live.current.selected === id, {
        move: (dx, dy) => {
          last = { dx: Math.round(dx), dy: Math.round(dy) };
          setMoved({ id, ...last });
        },
        end: (far) => {
          setMoved(null);
          const row = rowsOf(live.current.settled.lists, list).find((r) => r.id === id) as AnyRow | undefined;
          if (!far || !row) return;
          const set = (column: string, by: number) => {
            const from = row[column] ?? null;
            return { list, row: id, action: 'set' as const, column, from, to: Math.max(0, Number(from) + by) };
          };
          const changes = [set('xMm', last.dx), set('yMm', last.dy)].filter((change) => change.from !== change.to);
          if (changes.length > 0) live.current.send({ kind: 'rows', changes });
        },
      });
    });
    return () => {
      select(root).selectAll('*').on('.drag', null);
    };
  }, [ids, view, standing]);
  const press = (event: React.KeyboardEvent) => {
    const from = placeOf(settled);
    if (!from || !mayWork) return;
    const step = event.shiftKey ? 10 : 1;
    const up = view === 'above' ? step : -step;
    const by = (
      { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, up], ArrowDown: [0, -up] } as Record<string, [number, number]>
    )[event.key];
    const turn = ({ '[': -15, ']': 15, r: 90 } as Record<string, number>)[event.key];
    if (!by && turn === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    if (by) keep(movePlace(settled, from, by[0], by[1], false));
    else if (turn !== undefined) keep({ ...from, turnDeg: (((from.turnDeg + turn) % 360) + 360) % 360 });
  };
  if (!drawing)
    return (
      <div ref={holder} className="floor-none soft">
        The floor sheet is drawn once the floor’s length and width and the heater’s are given, below.
      </div>
    );
  const { heater, floor } = drawing;
  return (
    <div ref={holder} className="floor-sheet">
      <svg
        ref={svg}
        className="floor"
        width={drawing.width}
        height={drawing.height}
        role="group"
        aria-label={`The floor ${view === 'above' ? 'from above' : 'as seen lying underneath, mirrored'}, to scale, front at the left. Squares of 250 mm.`}
      >
        <defs>
          <pattern id="below-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="1.6" height="7" fill="var(--soft)" />
          </pattern>
        </defs>
        <rect
          {...{ x: floor.x, y: floor.y, width: floor.w, height: floor.h }}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
        <path d={drawing.grid} stroke="var(--grid)" fill="none" />
        {drawing.things.map((thing) => (
          <g
            key={thing.id}
            className={`thing ${thing.where}${thing.bad ? ' bad' : ''}${selected === thing.id ? ' lit' : ''} kind-${thing.kind}`}
          >
            <rect
              x={thing.x}
              y={thing.y}
              width={thing.w}
              height={thing.h}
              fill={thing.where === 'below' ? 'url(#below-hatch)' : undefined}
              className="body"
            />
            {thing.label && (
              <text
                x={thing.label.x}
                y={thing.label.y}
                textAnchor="middle"
                transform={thing.label.upright ? `rotate(-90 ${thing.label.x} ${thing.label.y})` : undefined}
              >
                {thing.name}
              </text>
            )}
            <rect
              className="touch"
              data-thing={thing.id}
              data-where={thing.where}
              onClick={() => onSelect(thing.id)}
              x={thing.x - Math.max(0, (24 - thing.w) / 2)}
              y={thing.y - Math.max(0, (24 - thing.h) / 2)}
              width={Math.max(24, thing.w)}
              height={Math.max(24, thing.h)}
            >
              <title>{thing.name}</title>
            </rect>
          </g>
        ))}
        {drawing.datums.map((datum) => (
          <g key={datum.id} className="datum">
            <path d={datum.d} />
            <text x={datum.x} y={datum.y}>
              {datum.name}
            </text>
          </g>
        ))}
        {drawing.targets.map((target) => (
          <g key={target.name} className={`target flow-${target.name}`}>
            <circle cx={target.x} cy={target.y} r={6} />
            <text x={target.x + 10} y={target.y + 4}>
              {target.name}
            </text>
          </g>
        ))}
        {heater && (
          <g className="heater">
            {heater.dims.map((dim) => (
              <g key={dim.d} className="dim">
                <path d={dim.d} />
                {dim.text && (
                  <text x={dim.x} y={dim.y} textAnchor={dim.d.includes('H') ? 'middle' : 'start'}>
                    {say(dim.text)}
                  </text>
                )}
              </g>
            ))}
            <path className="zone inlet" d={heater.inletZone} />
            <path className="zone hot" d={heater.hotZone} />
            <path className="outline" d={heater.outline} />
            <path className="arrow" d={heater.arrow} />
          </g>
        )}
        {drawing.holes.map((hole) => (
          <circle
            key={hole.id}
            className={hole.bad ? 'hole bad' : 'hole'}
            cx={hole.x}
            cy={hole.y}
            r={hole.r}
            data-hole={hole.name}
            data-bad={hole.bad}
          />
        ))}
        {drawing.sides.map((side) => (
          <text
            key={side.text}
            className="side"
            x={side.x}
            y={side.y}
            textAnchor="middle"
            transform={side.upright ? `rotate(-90 ${side.x} ${side.y})` : undefined}
          >
            {side.text}
          </text>
        ))}
        {heater && (
          <rect
            data-drag-heater
            className="touch heater-touch"
            x={heater.box.x}
            y={heater.box.y}
            width={heater.box.w}
            height={heater.box.h}
            tabIndex={0}
            role="slider"
            aria-label="The heater’s place: arrow keys move it by 1 mm, with Shift by 10 mm; r turns it"
            aria-valuenow={Math.round(placeOf(build)?.x ?? 0)}
            aria-valuetext={say(
              `${placeOf(build)?.x ?? 0} mm from the front, ${placeOf(build)?.y ?? 0} mm from the left, turned ${placeOf(build)?.turnDeg ?? 0}°; ${Math.round(heater.inletMm)} mm clear before the inlet, ${Math.round(heater.hotMm)} mm at the hot end`,
            )}
            onKeyDown={press}
          />
        )}
      </svg>
    </div>
  );
}
